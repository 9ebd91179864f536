<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Address;
use Kindred\Document\Layout\CellHeight;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * One cell design, its only child, laid out once a row of its data sheet by the rules of CSS Grid.
 *
 * With `columns` there are so many, `repeat(n, minmax(0, 1fr))`; without, as many as fit a minimum width in px,
 * `repeat(auto-fill, minmax(min(minWidth, 100%), 1fr))`. Gaps in px. A cell may override single properties of its layers.
 */
final readonly class ArrayLayer implements Expanding, HasSheet
{
    use Declared;
    use SheetInParts;

    public const MAX_COLUMNS = 100;

    /** @param  array<string, array<string, array<string, mixed>>>  $overrides  values as they are written, by row, layer and path of the property */
    public function __construct(
        #[Is\Whole(1, self::MAX_COLUMNS, overridable: false, absent: [null])] public ?int $columns = 2,
        #[Is\Number(1, base: Is\Base::Width, unit: ' px', label: 'min width of a column', overridable: false)] public float $minWidth = 160,
        #[Is\Number(0, base: Is\Base::Height, unit: ' px', overridable: false, absent: [0.0])] public float $rowGap = 16,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', overridable: false, absent: [0.0])] public float $columnGap = 16,
        #[Is\Choice(overridable: false)] public CellHeight $cellHeight = CellHeight::Content,
        #[Is\Record(field: false)] public Sheet $sheet = new Sheet,
        #[Overrides(field: false)] public array $overrides = [],
    ) {
    }

    public static function kind(): string
    {
        return 'array';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => self::NO_ENDS, 'corners' => [], 'effects' => [], 'isolation' => []];
    }

    /** How many columns there are at a width in px. */
    public function columnsAt(float $width): int
    {
        return $this->columns ?? max(1, min(self::MAX_COLUMNS, (int) floor(($width + $this->columnGap + 0.001) / ($this->minWidth + $this->columnGap))));
    }

    /** The width of one of the columns, px. */
    public function columnWidth(float $width): float
    {
        $columns = $this->columnsAt($width);

        return max(0.0, round(($width - $this->columnGap * ($columns - 1)) / $columns, 3));
    }

    public static function maxChildren(): int
    {
        return 1;
    }

    public function copies(): array
    {
        return array_column($this->sheet->rows, 'id');
    }

    public function words(): array
    {
        $words = [];
        foreach ($this->sheet->rows as $row) {
            array_push($words, ...array_values($row->cells()));
        }

        return [...$words, ...$this->overridingAll(Slot::Words->path())];
    }

    public function pictures(): array
    {
        $found = [];
        // Those that a cell alone shows, or fills, edges and masks layers with.
        $overrides = (array) json_decode(json_encode($this->overrides, JSON_THROW_ON_ERROR), true);
        array_walk_recursive($overrides, function (mixed $value, int|string $key) use (&$found): void {
            if (is_string($value) && str_ends_with(".{$key}", '.asset')) {
                $found[] = $value;
            }
        });
        foreach ($this->sheet->columns as $column) {
            foreach ($column->slot === Slot::Picture ? $this->sheet->rows : [] as $row) {
                $found[] = $row->cells()[$column->id] ?? '';
            }
        }

        return array_values(array_filter($found, fn (string $one): bool => preg_match('/^[0-9a-f]{64}$/D', $one) === 1));
    }

    /** @return list<string> the texts that are set for a property in any cell alone */
    private function overridingAll(string $path): array
    {
        $found = [];
        foreach ($this->overrides as $layers) {
            foreach ($layers as $values) {
                $found[] = $values[$path] ?? null;
            }
        }

        return array_values(array_filter($found, is_string(...)));
    }

    public function overriding(string $copy, Address $layer, string $path, mixed $value): static
    {
        $overrides = $this->overrides;
        $overrides[$this->sheet->row($copy)->id][(string) $layer][$path] = $value;

        return $this->with(overrides: $overrides);
    }

    public function following(string $copy, Address $layer, string $path): static
    {
        $overrides = $this->overrides;
        unset($overrides[$copy][(string) $layer][$path]);
        $overrides[$copy] = array_filter($overrides[$copy] ?? [], fn (array $one): bool => $one !== []);

        return $this->with(overrides: array_filter($overrides, fn (array $one): bool => $one !== []));
    }

    public function overridden(string $copy, Address $layer): array
    {
        return array_map(strval(...), array_keys($this->overrides[$copy][(string) $layer] ?? []));
    }

    public function feeding(string $copy, string $layer, string $path, string $value): ?static
    {
        $row = $this->sheet->row($copy);
        foreach (Slot::cases() as $slot) {
            $column = $slot->path() === $path ? $this->sheet->feeding($layer, $slot) : null;
            if ($column !== null) {
                return $this->withSheet($this->sheet->withRow($row->with($column->id, $value)));
            }
        }

        return null;
    }

    public function renamed(array $ids): static
    {
        $overrides = [];
        foreach ($this->overrides as $row => $layers) {
            foreach ($layers as $written => $values) {
                $address = Address::of($written);
                $overrides[$row][(string) $address->with($ids[$address->layer] ?? $address->layer)] = $values;
            }
        }

        return $this->with(
            sheet: $this->sheet->with(columns: array_map(fn (Column $column): Column => $column->with(layer: $ids[$column->layer ?? ''] ?? $column->layer), $this->sheet->columns)),
            overrides: $overrides,
        );
    }

    public function withSheet(Sheet $sheet): static
    {
        $rows = array_fill_keys(array_map(fn (Row $row): string => $row->id, $sheet->rows), true);

        return $this->with(sheet: $sheet, overrides: array_intersect_key($this->overrides, $rows));
    }

    public function column(string $id, string $name, array $values): Column
    {
        return new Column($id, $name);
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
