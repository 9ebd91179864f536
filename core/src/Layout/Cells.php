<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/**
 * The cells of arrays by CSS Grid Layout 1: columns of equal width, rows as high as their tallest cell or all as the
 * tallest, filled row by row.
 */
final class Cells implements Expander
{
    /** Arrays whose cells are cached: layout, picture and facets ask for them in turn, before and after a change. */
    private const AT_HAND = 3;

    /**
     * The latest first, each with the values that it follows from: values are never changed in place, so the same ones
     * lead to the same cells.
     *
     * @var list<array{string, list<object>, CellGrid}>
     */
    private array $latest = [];

    private readonly LaysOut $layout;

    /** What else shows layers in copies; instances may lie in cells, and arrays in components. */
    public readonly Instances $instances;

    /** @param  \Closure(self): LaysOut  $layout  what lays out the inside of a cell, in which there may be arrays again */
    public function __construct(\Closure $layout, private readonly HeightMemory $memory)
    {
        $this->layout = $layout($this);
        $this->instances = new Instances($this->layout);
    }

    /** Who lays out the copies that a layer shows; null where it shows none. */
    public function expander(Layer $layer): ?Expander
    {
        return match (true) {
            $layer->content instanceof ArrayLayer => $this,
            $layer->content instanceof Instance => $this->instances,
            default => null,
        };
    }

    /**
     * @param  float|null  $width  of the array where it is another than its box says, px
     * @return list<LaidCopy> in the order of the rows
     */
    public function of(Tree $tree, Layer $array, ?float $width = null): array
    {
        return $this->grid($tree, $array, $width)?->cells() ?? [];
    }

    public function copy(Tree $tree, Layer $layer, string $name): ?LaidCopy
    {
        return $this->grid($tree, $layer)?->cell($name);
    }

    public function inStack(Tree $tree, Layer $layer): ?ArrayInStack
    {
        return $layer->content instanceof ArrayLayer ? new ArrayInStack($this, $tree, $layer, $layer->content) : null;
    }

    /** The cells where they lie, laid out one by one when they are asked for; null where the layer is no array. */
    public function grid(Tree $tree, Layer $array, ?float $width = null): ?CellGrid
    {
        $content = $array->content;
        $design = $tree->children(new Place($array->screen, $array->id))[0] ?? null;
        if (! $content instanceof ArrayLayer || $design === null) {
            return null;
        }
        $width ??= $array->box->width;
        $parts = $tree->subtree($design->id);
        $used = $tree->components([$array, ...$parts]);
        $from = [$content, ...$parts, ...$tree->project->fonts, ...array_merge([], ...array_values($used)), ...array_map(fn (int|string $id): object => $tree->screen((string) $id), array_keys($used))];
        $key = $width.':'.implode(' ', array_map(spl_object_id(...), $from));
        foreach ($this->latest as [$one, , $grid]) {
            if ($one === $key) {
                return $grid;
            }
        }
        $others = array_filter($this->latest, fn (array $one): bool => $one[2]->id === $array->id);
        $grid = new CellGrid($this->layout, $this->memory, $array->id, $content, $width, [$design, ...array_slice($parts, 1)], $tree->project->fonts, $tree->apart([$design, ...array_slice($parts, 1)], $used, $array), reset($others)[2] ?? null);
        $this->latest = array_slice([[$key, $from, $grid], ...$this->latest], 0, self::AT_HAND);

        return $grid;
    }

    /** The height that the cells take up at a width, px. */
    public function height(Tree $tree, Layer $array, ?float $width = null): float
    {
        return round($this->grid($tree, $array, $width)?->tracks()->bottom() ?? 0.0, 3);
    }

    /**
     * The design as wide as a column, at its corner. A group is so only where something in it is pinned to both
     * its sides; otherwise it keeps its width.
     */
    public static function fitted(Tree $tree, Layer $design, float $column): Tree
    {
        if ($design->isGroup() && ! self::spans($tree, $design)) {
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

    private static function spans(Tree $tree, Layer $group): bool
    {
        foreach ($tree->children(new Place($group->screen, $group->id)) as $child) {
            if ($child->pins !== null && $child->pins->left && $child->pins->right) {
                return true;
            }
        }

        return false;
    }
}
