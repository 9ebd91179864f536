<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\CellHeight;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Resize;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/**
 * Lays out the cells of an array by CSS Grid Layout 1: columns of equal width, rows as high as their
 * tallest cell or all as the tallest, filled row by row.
 *
 * A design that is a stack is stretched to its area; any other keeps its height, at the start of it.
 */
final class Cells
{
    /**
     * What was laid out last, for the layout, the picture and the facets ask one after another.
     *
     * @var array{string, list<object>, list<Cell>}|null
     */
    private ?array $last = null;

    public function __construct(private readonly Relayout $relayout)
    {
    }

    /**
     * @param  float|null  $width  of the array where it is another than its box says, px
     * @return list<Cell> in the order of the rows
     */
    public function of(Tree $tree, Layer $array, ?float $width = null): array
    {
        $content = $array->content;
        $design = $tree->children(new Place($array->screen, $array->id))[0] ?? null;
        if (! $content instanceof ArrayLayer || $design === null) {
            return [];
        }
        $width ??= $array->box->width;
        $parts = $tree->subtree($design->id);
        // Values are never changed in place, so the same ones lead to the same cells.
        $seen = [$content, ...$parts];
        $key = $width.':'.implode(' ', array_map(spl_object_id(...), $seen));
        if ($this->last === null || $this->last[0] !== $key) {
            $this->last = [$key, $seen, $this->lay($content, $width, $design, $parts)];
        }

        return $this->last[2];
    }

    /** The height that the cells take up at a width, px. */
    public function height(Tree $tree, Layer $array, ?float $width = null): float
    {
        $bottom = 0.0;
        foreach ($this->of($tree, $array, $width) as $cell) {
            $bottom = max($bottom, $cell->area->bottom());
        }

        return round($bottom, 3);
    }

    /**
     * The design as wide as a column, at its corner. A group is so only where something in it is pinned to both
     * its sides; otherwise it keeps its width.
     */
    public function fitted(Tree $tree, Layer $design, float $column): Tree
    {
        if ($design->isGroup() && ! $this->spans($tree, $design)) {
            return $design->box->x === 0.0 && $design->box->y === 0.0 ? $tree : $tree->withLayers($design->with(box: new Box(0, 0, $design->box->width, $design->box->height)));
        }
        $text = $design->content;
        if ($text instanceof Text && ! $text->wrapped) {
            $design = $design->with(content: $text->with(wrapped: true));
        }
        if (! $text instanceof Text && ! $design->isGroup() && $design->widthFrom() !== Size::Length) {
            $design = $design->with(sizing: $design->sizing->with(width: Size::Length));
        }
        $box = new Box(0, 0, $column, $design->box->height);

        return $box->equals($design->box) && $tree->layers[$design->id] === $design ? $tree : Resize::into($tree, $design, $box);
    }

    private function spans(Tree $tree, Layer $group): bool
    {
        foreach ($tree->children(new Place($group->screen, $group->id)) as $child) {
            if ($child->pins !== null && $child->pins->left && $child->pins->right) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Layer>  $parts
     * @return list<Cell>
     */
    private function lay(ArrayLayer $array, float $width, Layer $design, array $parts): array
    {
        $column = $array->columnWidth($width);
        $base = (new Tree(new Project('')))->withLayers($design->with(parent: null, screen: null), ...array_map(fn (Layer $part): Layer => $part->with(screen: null), array_slice($parts, 1)));
        $base = $this->relayout->after($base, $this->fitted($base, $base->layer($design->id), $column));
        $trees = array_map(fn (Row $row): Tree => $this->relayout->after($base, Filling::of($base, $array, $row)), $array->sheet->rows);
        $columns = $array->columnsAt($width);
        $heights = [];
        foreach ($trees as $i => $tree) {
            $line = intdiv($i, $columns);
            $heights[$line] = max($heights[$line] ?? 0.0, $this->tall($tree, $design->id));
        }
        if ($array->cellHeight === CellHeight::Equal && $heights !== []) {
            $heights = array_fill(0, count($heights), max($heights));
        }
        $cells = [];
        $top = 0.0;
        foreach ($trees as $i => $tree) {
            [$line, $at] = [intdiv($i, $columns), $i % $columns];
            if ($at === 0 && $line > 0) {
                $top += $heights[$line - 1] + $array->rowGap;
            }
            $area = new Box(round($at * ($width + $array->columnGap) / $columns, 3), round($top, 3), $column, $heights[$line]);
            $cells[] = $this->placed($array->sheet->rows[$i]->id, $tree, $design->id, $area);
        }

        return $cells;
    }

    /** A cell that is hidden as a whole takes up no height. */
    private function tall(Tree $tree, string $root): float
    {
        return ($tree->layers[$root] ?? null)?->bounds()->height ?? 0.0;
    }

    private function placed(string $row, Tree $tree, string $root, Box $area): Cell
    {
        $layer = $tree->layer($root);
        if ($layer->content instanceof Stack && $area->height - $layer->box->height > 0.001) {
            $taller = Resize::into($tree, $layer->with(sizing: $layer->sizing->with(height: Size::Length)), $layer->box->sized($layer->box->width, $area->height));
            $tree = $this->relayout->after($tree, $taller);
        }
        $root = $tree->layer($root);

        return new Cell($row, $tree, $root->with(box: $root->box->movedBy($area->x, $area->y)), $area);
    }
}
