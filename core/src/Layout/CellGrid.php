<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\CellHeight;
use Kindred\Document\Layout\Size;
use Kindred\Document\Resize;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Property\Affects;
use Kindred\Property\Properties;
use Kindred\Type\OwnFace;

/**
 * The cells of one array at one width, by CSS Grid Layout 1. Where they lie follows from their heights, which may be
 * remembered; what is in a cell is laid out when it is asked for.
 */
final class CellGrid
{
    /** Part of the cache key; raised when the same input would give other heights. */
    private const VERSION = 3;

    private ?Tree $base = null;

    /** @var array<string, Tree> by row, as high as its content */
    private array $trees = [];

    private ?Tracks $tracks = null;

    /** @var array<string, int>|null the place of each row among them, by id */
    private ?array $order = null;

    /** @var list<float> of the cells in the order of the rows, px, before rows of cells are made even */
    private array $heights = [];

    private ?string $key = null;

    /**
     * @param  non-empty-list<Layer>  $parts  of the design, its outermost layer first
     * @param  list<OwnFace>  $fonts  of the project
     * @param  Tree  $plain  a tree of the design, with the components that are used in it
     * @param  self|null  $other  of the same array before or after a change: much of what it found out may hold here too
     */
    public function __construct(
        private readonly LaysOut $layout,
        private readonly HeightMemory $memory,
        public readonly string $id,
        private readonly ArrayLayer $array,
        private readonly float $width,
        private readonly array $parts,
        private readonly array $fonts,
        private readonly Tree $plain,
        private ?self $other = null,
    ) {
    }

    /** A key of the width of a column and all of the design that affects sizes: with the same key, equal rows are equally high. */
    public function key(): string
    {
        if ($this->key !== null) {
            return $this->key;
        }
        $layer = Properties::of(Layer::class);
        $idle = array_map(fn (): true => true, array_diff_key($layer->all, array_flip($layer->affecting(Affects::Layout))));

        return $this->key = hash('xxh128', serialize([
            self::VERSION,
            $this->array->columnWidth($this->width),
            $this->array->sheet->columnsToArray(),
            array_map(fn (OwnFace $face): array => $face->toArray(), $this->fonts),
            array_map(fn (Layer $part): array => Properties::of(Layer::class)->write($part, $idle), [...$this->parts, ...array_values(array_filter($this->plain->layers, fn (Layer $one): bool => $one->screen !== null))]),
            array_map(fn (Screen $sheet): ?array => $sheet->component?->toArray(), array_values($this->plain->screens)),
        ]));
    }

    public function tracks(): Tracks
    {
        if ($this->tracks === null) {
            $other = $this->other?->tracks !== null && $this->other->key() === $this->key() ? $this->other : null;
            $this->other = null;
            $this->heights = $this->heights($other);
            $this->tracks = $this->place($this->heights);
        }

        return $this->tracks;
    }

    /** @return array<string, int> the place of each row among them, from 0, by id */
    public function order(): array
    {
        return $this->order ??= array_flip(array_column($this->array->sheet->rows, 'id'));
    }

    public function cell(string $row): ?LaidCopy
    {
        $at = $this->order()[$row] ?? null;

        return $at === null ? null : $this->placed($this->array->sheet->rows[$at], $this->tracks()->area($at));
    }

    /** @return list<LaidCopy> in the order of the rows */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->array->sheet->rows as $i => $row) {
            $cells[] = $this->placed($row, $this->tracks()->area($i));
        }

        return $cells;
    }

    /** @return list<float> */
    private function heights(?self $other): array
    {
        [$rows, $overrides] = [$this->array->sheet->rows, $this->array->overrides];
        if ($other !== null && $other->array->sheet->rows === $rows && $other->array->overrides === $overrides) {
            return $other->heights;
        }
        $known = null;
        $heights = $new = [];
        $order = $other?->order() ?? [];
        foreach ($rows as $row) {
            $at = $order[$row->id] ?? null;
            if ($other !== null && $at !== null && $other->array->sheet->rows[$at] === $row && ($overrides[$row->id] ?? []) === ($other->array->overrides[$row->id] ?? [])) {
                $heights[] = $other->heights[$at];

                continue;
            }
            $known ??= $this->memory->recall($this->id, $this->key());
            $hash = hash('xxh3', isset($overrides[$row->id]) ? $row->written.serialize($overrides[$row->id]) : $row->written, true);
            $heights[] = $known[$hash] ?? ($new[$hash] ??= $this->tall($this->filled($row)));
        }
        if ($new !== []) {
            // Heights of changed rows are kept for a while: the change may be undone.
            $this->memory->keep($this->id, $this->key(), count($known ?? []) > 2 * count($heights) ? $new : ($known ?? []) + $new);
        }

        return $heights;
    }

    /** The row's values in the design, as wide as a column and as high as its content. */
    private function filled(Row $row): Tree
    {
        $base = $this->base ??= $this->base();

        return $this->trees[$row->id] ??= $this->layout->after($base, Filling::of($base, $this->array, $row), $this->parts[0]->id);
    }

    private function base(): Tree
    {
        $design = $this->parts[0]->id;

        return $this->layout->after($this->plain, Cells::fitted($this->plain, $this->plain->layer($design), $this->array->columnWidth($this->width)), $design);
    }

    /** A cell that is hidden as a whole takes up no height. */
    private function tall(Tree $tree): float
    {
        return ($tree->layers[$this->parts[0]->id] ?? null)?->bounds()->height ?? 0.0;
    }

    /** @param  list<float>  $heights */
    private function place(array $heights): Tracks
    {
        $columns = max(1, $this->array->columnsAt($this->width));
        $rows = array_map(fn (array $row): float => max($row), array_chunk($heights, $columns));
        if ($this->array->cellHeight === CellHeight::Equal && $rows !== []) {
            $rows = array_fill(0, count($rows), max($rows));
        }
        $y = [];
        $top = 0.0;
        foreach ($rows as $height) {
            $y[] = round($top, 3);
            $top += $height + $this->array->rowGap;
        }
        $x = array_map(fn (int $at): float => round($at * ($this->width + $this->array->columnGap) / $columns, 3), range(0, $columns - 1));

        return new Tracks($x, $this->array->columnWidth($this->width), $y, $rows);
    }

    /** A design that is a stack is stretched to its area; any other keeps its height, at the start of it. */
    private function placed(Row $row, Box $area): LaidCopy
    {
        $tree = $this->filled($row);
        $layer = $tree->layer($this->parts[0]->id);
        if ($layer->content instanceof Stack && $area->height - $layer->box->height > 0.001) {
            $taller = Resize::into($tree, $layer->with(sizing: $layer->sizing->with(height: Size::Length)), $layer->box->sized($layer->box->width, $area->height));
            $tree = $this->layout->after($tree, $taller);
        }
        $root = $tree->layer($layer->id);

        return new LaidCopy($row->id, $tree, $root->with(box: $root->box->movedBy($area->x, $area->y)), $area);
    }
}
