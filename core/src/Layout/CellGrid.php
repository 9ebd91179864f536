<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\CellHeight;
use Kindred\Document\Layout\Size;
use Kindred\Document\Project;
use Kindred\Document\Resize;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/**
 * The cells of one array at one width, by CSS Grid Layout 1. Where they lie follows from their heights, which may be
 * remembered; what is in a cell is laid out when it is asked for.
 */
final class CellGrid
{
    /** Part of the key of what is remembered; counted up when a layout would give other heights. */
    private const VERSION = 2;

    /** What of a layer has no say in its size. */
    private const PAINT = ['name' => 1, 'opacity' => 1, 'locked' => 1, 'fills' => 1, 'stroke' => 1, 'corners' => 1, 'cues' => 1];

    private ?Tree $base = null;

    /** @var array<string, Tree> by row, as high as its content */
    private array $trees = [];

    /** @var array<string, Box>|null by row */
    private ?array $areas = null;

    /** @var array<string, Row>|null by id */
    private ?array $rows = null;

    /** @var array<string, float> by row, px, before lines of cells are made even */
    private array $heights = [];

    private ?string $key = null;

    /**
     * @param  non-empty-list<Layer>  $parts  of the design, its outermost layer first
     * @param  self|null  $other  of the same array before or after a change: much of what it found out may hold here too
     */
    public function __construct(
        private readonly Relayout $relayout,
        private readonly HeightMemory $memory,
        public readonly string $id,
        private readonly ArrayLayer $array,
        private readonly float $width,
        private readonly array $parts,
        private ?self $other = null,
    ) {
    }

    /** Names the design, as far as it has a say in sizes, and the width of a column: with the same key equal rows are equally high. */
    public function key(): string
    {
        return $this->key ??= hash('xxh128', serialize([
            self::VERSION,
            $this->array->columnWidth($this->width),
            $this->array->sheet->columnsToArray(),
            array_map(fn (Layer $part): array => array_diff_key($part->toArray(), self::PAINT), $this->parts),
        ]));
    }

    /** @return array<string, Box> the grid area of each row, in px from the array's corner */
    public function areas(): array
    {
        if ($this->areas === null) {
            $other = $this->other?->key() === $this->key() ? $this->other : null;
            $this->other = null;
            if ($other?->areas !== null && $other->array === $this->array && $other->width === $this->width) {
                [$this->heights, $this->areas] = [$other->heights, $other->areas];
            } else {
                $this->heights = $this->heights($other);
                $this->areas = $this->place($this->heights);
            }
        }

        return $this->areas;
    }

    public function cell(string $row): ?Cell
    {
        $area = $this->areas()[$row] ?? null;

        return $area === null ? null : $this->placed($this->rows()[$row], $area);
    }

    /** @return list<Cell> in the order of the rows */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->areas() as $row => $area) {
            $cells[] = $this->placed($this->rows()[$row], $area);
        }

        return $cells;
    }

    /** @return array<string, Row> */
    private function rows(): array
    {
        return $this->rows ??= array_column($this->array->sheet->rows, null, 'id');
    }

    /** @return array<string, float> */
    private function heights(?self $other): array
    {
        $rows = $other?->areas === null ? [] : $other->rows();
        $departures = $this->array->departures;
        $known = null;
        $heights = $new = [];
        foreach ($this->array->sheet->rows as $row) {
            if ($other !== null && ($rows[$row->id] ?? null) === $row && ($departures[$row->id] ?? []) === ($other->array->departures[$row->id] ?? [])) {
                $heights[$row->id] = $other->heights[$row->id];

                continue;
            }
            $known ??= $this->memory->recall($this->id, $this->key());
            $hash = $this->hash($row);
            $heights[$row->id] = $known[$hash] ?? ($new[$hash] ??= $this->tall($this->filled($row)));
        }
        if ($new !== []) {
            // Rows that were changed are kept for a while: changes are taken back.
            $this->memory->keep($this->id, $this->key(), count($known ?? []) > 2 * count($heights) ? $new : ($known ?? []) + $new);
        }

        return $heights;
    }

    /** Eight bytes. */
    private function hash(Row $row): string
    {
        $departures = $this->array->departures[$row->id] ?? [];

        return hash('xxh3', $departures === [] ? $row->written : $row->written.serialize($departures), true);
    }

    /** The row's values in the design, as wide as a column and as high as its content. */
    private function filled(Row $row): Tree
    {
        $base = $this->base ??= $this->base();

        return $this->trees[$row->id] ??= $this->relayout->after($base, Filling::of($base, $this->array, $row));
    }

    private function base(): Tree
    {
        [$design, $inner] = [$this->parts[0], array_slice($this->parts, 1)];
        $base = (new Tree(new Project('')))->withLayers($design->with(parent: null, screen: null), ...array_map(fn (Layer $part): Layer => $part->with(screen: null), $inner));

        return $this->relayout->after($base, $this->relayout->cells->fitted($base, $base->layer($design->id), $this->array->columnWidth($this->width)));
    }

    /** A cell that is hidden as a whole takes up no height. */
    private function tall(Tree $tree): float
    {
        return ($tree->layers[$this->parts[0]->id] ?? null)?->bounds()->height ?? 0.0;
    }

    /**
     * @param  array<string, float>  $heights  by row
     * @return array<string, Box>
     */
    private function place(array $heights): array
    {
        $columns = max(1, $this->array->columnsAt($this->width));
        $column = $this->array->columnWidth($this->width);
        $lines = array_map(fn (array $line): float => max($line), array_chunk($heights, $columns));
        if ($this->array->cellHeight === CellHeight::Equal && $lines !== []) {
            $lines = array_fill(0, count($lines), max($lines));
        }
        $lefts = array_map(fn (int $at): float => round($at * ($this->width + $this->array->columnGap) / $columns, 3), range(0, $columns - 1));
        $areas = [];
        $top = 0.0;
        foreach (array_chunk($this->array->sheet->rows, $columns) as $line => $rows) {
            $y = round($top, 3);
            foreach ($rows as $at => $row) {
                $areas[$row->id] = new Box($lefts[$at], $y, $column, $lines[$line]);
            }
            $top += $lines[$line] + $this->array->rowGap;
        }

        return $areas;
    }

    /** A design that is a stack is stretched to its area; any other keeps its height, at the start of it. */
    private function placed(Row $row, Box $area): Cell
    {
        $tree = $this->filled($row);
        $layer = $tree->layer($this->parts[0]->id);
        if ($layer->content instanceof Stack && $area->height - $layer->box->height > 0.001) {
            $taller = Resize::into($tree, $layer->with(sizing: $layer->sizing->with(height: Size::Length)), $layer->box->sized($layer->box->width, $area->height));
            $tree = $this->relayout->after($tree, $taller);
        }
        $root = $tree->layer($layer->id);

        return new Cell($row->id, $tree, $root->with(box: $root->box->movedBy($area->x, $area->y)), $area);
    }
}
