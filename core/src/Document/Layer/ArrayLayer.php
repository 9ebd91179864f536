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
final readonly class ArrayLayer implements Arranging, Expanding, HasSheet
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

    public function copies(string $id): array
    {
        return array_column($this->sheet->rows, 'id');
    }

    public function words(): array
    {
        $words = [];
        foreach ($this->sheet->rows as $row) {
            array_push($words, ...array_values($row->cells()));
        }

        return [...$words, ...array_merge([], ...array_map(OverrideValues::words(...), $this->overrides()))];
    }

    public function components(): array
    {
        return array_merge([], ...array_map(OverrideValues::components(...), $this->overrides()));
    }

    public static function followsTokens(): bool
    {
        return false;
    }

    public function pictures(): array
    {
        // Those that a cell alone shows, or fills, edges and masks layers with.
        $found = OverrideValues::pictures($this->overrides);
        foreach ($this->sheet->columns as $column) {
            foreach ($column->slot === Slot::Picture ? $this->sheet->rows : [] as $row) {
                $found[] = $row->cells()[$column->id] ?? '';
            }
        }

        return array_values(array_filter($found, fn (string $one): bool => preg_match('/^[0-9a-f]{64}$/D', $one) === 1));
    }

    public function overriding(string $copy, Address $layer, string $path, mixed $value): static
    {
        $row = $this->sheet->row($copy)->id;

        return $this->with(overrides: [...$this->overrides, $row => OverrideValues::with($this->overrides[$row] ?? [], $layer, $path, $value)]);
    }

    public function following(string $copy, Address $layer, string $path): static
    {
        $overrides = [...$this->overrides, $copy => OverrideValues::without($this->overrides[$copy] ?? [], $layer, $path)];

        return $this->with(overrides: array_filter($overrides, fn (array $one): bool => $one !== []));
    }

    public function overridden(string $copy, Address $layer): array
    {
        return OverrideValues::paths($this->overrides[$copy] ?? [], $layer);
    }

    public function overrides(): array
    {
        return array_values($this->overrides);
    }

    public function withOverrides(\Closure $by): static
    {
        return $this->with(overrides: array_map($by, $this->overrides));
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
        return $this->with(
            sheet: $this->sheet->with(columns: array_map(fn (Column $column): Column => $column->with(layer: $column->layer === null ? null : (string) Address::of($column->layer)->renamed($ids)), $this->sheet->columns)),
            overrides: array_map(fn (array $layers): array => OverrideValues::renamed($layers, $ids), $this->overrides),
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
