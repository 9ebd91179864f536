<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Size;
use Kindred\Document\Limits;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Kit\Kit;
use Kindred\Property\Affects;
use Kindred\Property\Properties;
use Kindred\Type\OwnFace;
use Kindred\Type\Typesetter;

/**
 * Brings back into step what depends on a change: texts take the size of their lines, stacks lay out
 * what lies in them, groups shrink and grow around it, and a group or stack that has nothing left goes.
 */
final readonly class Relayout implements LaysOut
{
    /** The most rounds of layout for a container: in a stack, a group's size may depend on its content and its content on its size. */
    private const TURNS = 8;

    private Stacks $stacks;

    public function __construct(private Typesetter $typesetter, private Cells $cells, private Shapes $shapes)
    {
        $this->stacks = new Stacks($typesetter, $cells);
    }

    /** The cells of arrays, laid out by this. */
    public static function cells(Typesetter $typesetter, Shapes $shapes, HeightMemory $memory = new NoMemory): Cells
    {
        return new Cells(fn (Cells $cells): self => new self($typesetter, $cells, $shapes), $memory);
    }

    /**
     * @param  string|null  $design  the root of the cell that the trees are, where they are one
     * @param  bool  $grown  whether widgets that have other entries have their height already
     */
    public function after(Tree $before, Tree $after, ?string $design = null, bool $grown = false): Tree
    {
        $families = OwnFace::changed($before->project->fonts, $after->project->fonts);
        if ($families !== []) {
            $this->typesetter->faces->own($after->project->fonts);
        }
        if ($before->project->icons !== $after->project->icons && $this->shapes->icons instanceof IconBook) {
            $this->shapes->icons->own($after->project->icons);
        }
        $changed = $this->changed($before, $after, $families);
        $fitted = [];
        foreach ($changed as $layer) {
            if (isset($after->layers[$layer->id])) {
                $now = $grown && $layer->content instanceof Widget ? $layer : $this->fitted($before, $after, $layer);
                if ($now !== $after->layers[$layer->id]) {
                    $fitted[] = $now;
                }
            }
        }
        $after = $fitted === [] ? $after : $after->withLayers(...$fitted);
        $open = [];
        foreach ($changed as $layer) {
            foreach ([$before, $after] as $tree) {
                foreach ($this->depending($tree, $tree->layers[$layer->id] ?? null) as $id) {
                    $open[$id] = true;
                }
            }
            if ($this->affectsLayout($before->layers[$layer->id] ?? null, $layer)) {
                $open[$layer->id] = true;
            }
        }

        return $this->followed($before, $this->settled($after, array_map(strval(...), array_keys($open)), $design), $design);
    }

    /**
     * With instances as large as their components make them, which may be used in each other: those of a component that has changed, and
     * what lies around them, until nothing changes any more.
     */
    private function followed(Tree $before, Tree $tree, ?string $design): Tree
    {
        /** @var array<array-key, list<string>> $instances */
        $instances = [];
        foreach ($tree->layers as $layer) {
            foreach ($layer->components() as $component) {
                $instances[$component][] = $layer->id;
            }
        }
        if ($instances === []) {
            return $tree;
        }
        $known = [];
        for ($turn = 0; $turn < Limits::MAX_DEPTH; $turn++) {
            $open = $sized = [];
            foreach ($instances as $component => $ids) {
                $was = $known[$component] ?? $this->parts($before, (string) $component);
                $known[$component] = $this->parts($tree, (string) $component);
                foreach ($was === $known[$component] ? [] : $ids as $id) {
                    $layer = $tree->layer($id);
                    $sized[] = $this->asComponent($tree, $layer);
                    $open += array_fill_keys($this->depending($tree, $layer), true) + ($layer->isContainer() ? [$id => true] : []);
                }
            }
            if ($sized === []) {
                return $tree;
            }
            $tree = $this->settled($tree->withLayers(...$sized), array_map(strval(...), array_keys($open)), $design);
        }

        return $tree;
    }

    /** @return list<object> what an instance of a component follows from */
    private function parts(Tree $tree, string $component): array
    {
        $design = $tree->design($component);

        return $design === [] ? [] : [...array_merge($design, ...array_values($tree->components($design))), $tree->screen($component)->component ?? new \stdClass];
    }

    /** An instance that is not laid out by a stack, as large as its component makes it. */
    private function asComponent(Tree $tree, Layer $layer): Layer
    {
        if (! $layer->content instanceof Instance || $this->isLaid($tree, $layer)) {
            return $layer;
        }
        $size = $this->cells->instances->size($tree, $layer);

        return $size === null || ($size->width === $layer->box->width && $size->height === $layer->box->height) ? $layer : $layer->with(box: $layer->box->sized($size->width, $size->height));
    }

    /**
     * Each screen for itself: nothing is laid out across screens, and what a layout has to look through and to copy
     * should not grow with the project.
     *
     * @param  list<string>  $open  ids of containers
     */
    private function settled(Tree $tree, array $open, ?string $design): Tree
    {
        $screens = [];
        foreach ($open as $id) {
            if (isset($tree->layers[$id])) {
                $screens[$tree->layers[$id]->screen ?? ''][] = $id;
            }
        }
        if (count($screens) <= 1) {
            return $screens === [] ? $tree : $this->settle($tree, reset($screens), $design);
        }
        $parts = array_fill_keys(array_keys($screens), []);
        $sheets = [];
        foreach ($tree->layers as $id => $layer) {
            if (isset($parts[$layer->screen ?? ''])) {
                $parts[$layer->screen ?? ''][$id] = $layer;
            }
            if ($tree->component($layer->screen) !== null) {
                $sheets[$id] = $layer;
            }
        }
        // Instances take their layers from there.
        $parts = $sheets === [] ? $parts : array_map(fn (array $part): array => $part + $sheets, $parts);
        $laid = $gone = [];
        foreach ($screens as $screen => $ids) {
            $part = $this->settle($tree->with(layers: $parts[$screen]), $ids)->layers;
            foreach ($part as $id => $layer) {
                if ($layer !== $parts[$screen][$id]) {
                    $laid[] = $layer;
                }
            }
            array_push($gone, ...array_map(strval(...), array_keys(array_diff_key($parts[$screen], $part))));
        }

        return $tree->withoutLayers(...$gone)->withLayers(...$laid);
    }

    /** The layer with its text measured; other kinds as they are. */
    public function measured(Layer $layer): Layer
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return $layer;
        }
        if ($text->keepsHeight()) {
            return $layer;
        }
        $laid = $this->typesetter->set($text->passage(), $text->wrapped ? $layer->box->width : null);

        return $layer->with(box: $layer->box->sized($text->wrapped ? $layer->box->width : $laid->room(), round($laid->height, 2)));
    }

    /**
     * @param  list<string>  $families  that have other faces than before
     * @return list<Layer>
     */
    private function changed(Tree $before, Tree $after, array $families): array
    {
        $changed = [];
        foreach ($after->layers as $id => $layer) {
            $old = $before->layers[$id] ?? null;
            if ($families !== [] && ($layer->content instanceof Text || $layer->content instanceof Expanding) && array_intersect($families, $this->families($after, $layer)) !== []) {
                $changed[] = $layer;
            } elseif ($old !== $layer && ($old === null || ! Properties::of(Layer::class)->isSame($old, $layer, $after->compounds($layer) === [] ? Affects::Layout : Affects::Paint))) {
                $changed[] = $layer;
            }
        }

        return [...$changed, ...array_values(array_diff_key($before->layers, $after->layers))];
    }

    /** @return list<string> the families that words are set in which it shows by itself: in it, in its copies, and in the states of its component */
    private function families(Tree $tree, Layer $layer): array
    {
        return array_merge(Families::of($layer), ...array_map(fn (string $id): array => ($sheet = $tree->screens[$id] ?? null) === null ? [] : Families::of($sheet), $layer->components()));
    }

    /** Free text of a new width stays where it is on the side that it is aligned to. In a stack the layout sees to this. */
    private function fitted(Tree $before, Tree $tree, Layer $layer): Layer
    {
        if ($layer->content instanceof Instance) {
            return $this->asComponent($tree, $layer);
        }
        if ($layer->content instanceof Widget) {
            return $this->heightened($before->layers[$layer->id] ?? null, $layer);
        }
        if (! $layer->content instanceof Text) {
            return $layer;
        }
        if ($this->isLaid($tree, $layer)) {
            // Words of a set width are words that wrap.
            return $layer->content->wrapped || $layer->widthFrom() === Size::Content
                ? $layer
                : $layer->with(content: $layer->content->with(wrapped: true));
        }
        $old = ($before->layers[$layer->id] ?? null);
        // A step done again brings the same words in another object.
        $refaced = OwnFace::changed($before->project->fonts, $tree->project->fonts);
        if ($old !== null && array_intersect($refaced, $layer->content->families()) === [] && ($old->content === $layer->content || $old->content->toArray() === $layer->content->toArray()) && $old->box->width === $layer->box->width && $old->box->height === $layer->box->height) {
            return $layer;
        }
        $measured = $this->measured($layer);
        $grown = $measured->box->width - $layer->box->width;
        // One that is new and comes without a width has its place where its lines are aligned to.
        if (($old !== null || $layer->box->width === 0.0) && $grown !== 0.0 && ! $layer->content->wrapped) {
            $measured = $measured->with(box: $measured->box->movedBy(-$grown * $layer->content->style->align->share(), 0));
        }

        return $measured;
    }

    /** A widget grows or shrinks in height with the number of its entries. */
    private function heightened(?Layer $old, Layer $layer): Layer
    {
        if (! $layer->content instanceof Widget || ! $old?->content instanceof Widget || $old->content === $layer->content || $old->box->height !== $layer->box->height) {
            return $layer;
        }
        $height = Kit::grown($old->content, $layer->content, $layer->box->height);

        return $height === null ? $layer : $layer->with(box: $layer->box->sized($layer->box->width, $height));
    }

    /**
     * Lays out containers whose content may have changed, the deepest first, and those that depend on them.
     *
     * @param  list<string>  $ids
     */
    private function settle(Tree $tree, array $ids, ?string $design = null): Tree
    {
        $turns = [];
        $open = [];
        foreach ($ids as $id) {
            $open[count($tree->ancestors($tree->layer($id)))][$id] = true;
        }
        while ($open !== []) {
            $depth = max(array_keys($open));
            $id = (string) array_key_first($open[$depth]);
            unset($open[$depth][$id]);
            if ($open[$depth] === []) {
                unset($open[$depth]);
            }
            $container = $tree->layers[$id] ?? null;
            if ($container === null || ! $container->isContainer()) {
                continue;
            }
            $turns[$id] = ($turns[$id] ?? 0) + 1;
            if ($turns[$id] > self::TURNS) {
                continue;
            }
            $children = $tree->children(new Place($container->screen, $id));
            $earlier = $tree;
            $tree = match (true) {
                $children === [] => $tree->withoutLayers($id),
                $container->content instanceof Compound => $this->compound($tree, $container, $container->content, $children),
                $container->content instanceof Stack => $this->isLaid($tree, $container) ? $tree : $this->stacks->lay($tree, $container),
                $container->content instanceof ArrayLayer => $this->array($tree, $container, $container->content, $children),
                $id === $design, $container->parent !== null && $tree->layer($container->parent)->content instanceof Expanding => $this->cell($tree, $container, $children),
                default => $this->around($tree, $container, $children),
            };
            $goesOn = $children === [] || (! $container->fitsContent() && $this->isLaid($tree, $container));
            if ($container->parent !== null && ($goesOn || ! $tree->layer($id)->box->equals($container->box))) {
                $open[$depth - 1][$container->parent] = true;
            }
            if ($tree !== $earlier && ! $container->fitsContent() && isset($tree->layers[$id])) {
                $tree = $this->follow($earlier, $tree, $id, $depth, $open);
            }
        }

        return $tree;
    }

    /**
     * The design as wide as a column; the array as high as its cells, unless it is in a stack or was given a height.
     *
     * @param  non-empty-list<Layer>  $children
     *
     * @throws InvalidInput where there would be more than one design
     */
    private function array(Tree $tree, Layer $layer, ArrayLayer $array, array $children): Tree
    {
        if (count($children) > 1) {
            throw new InvalidInput('layers', "The cells of “{$layer->name}” have one design; put what is to be repeated into it. Nothing was changed.");
        }
        $tree = Cells::fitted($tree, $children[0], $array->columnWidth($layer->box->width));
        if ($this->isLaid($tree, $layer) || $layer->heightFrom() === Size::Length) {
            return $tree;
        }
        $height = $this->cells->height($tree, $layer);

        return abs($height - $layer->box->height) < 0.0005 ? $tree : $tree->withLayers($layer->with(box: $layer->box->sized($layer->box->width, $height)));
    }

    /**
     * A group that is the design of cells: its corner and its width are those of the cell, and it is as high as what reaches
     * lowest in it. So what is moved in a cell moves alone.
     *
     * @param  non-empty-list<Layer>  $children
     */
    private function cell(Tree $tree, Layer $group, array $children): Tree
    {
        $height = max(1.0, ...array_map(fn (Layer $child): float => $child->bounds()->bottom(), $children));

        return abs($height - $group->box->height) < 0.001 ? $tree : $tree->withLayers($group->with(box: $group->box->sized($group->box->width, $height)));
    }

    private function isLaid(Tree $tree, Layer $layer): bool
    {
        return $layer->parent !== null && ($tree->layers[$layer->parent] ?? null)?->lays($layer) === true;
    }

    /**
     * After a layout: words in what it resized are set anew, and containers there are laid out again.
     *
     * @param  array<int, array<array-key, true>>  $open  ids of containers by their depth, added to
     */
    private function follow(Tree $before, Tree $tree, string $container, int $depth, array &$open): Tree
    {
        $fitted = [];
        foreach ($this->within($tree, $container, $depth) as [$layer, $at]) {
            if (($before->layers[$layer->id] ?? null) === $layer || $this->isLaid($tree, $layer)) {
                continue;
            }
            $fitted[] = $this->fitted($before, $tree, $layer);
            if ($layer->id !== $container && $layer->isContainer() && ! $layer->isGroup()) {
                $open[$at][$layer->id] = true;
            }
            if ($layer->parent !== null && ! $tree->layer($layer->parent)->content instanceof Stack) {
                $open[$at - 1][$layer->parent] = true;
            }
        }

        return $fitted === [] ? $tree : $tree->withLayers(...$fitted);
    }

    /** @return list<array{Layer, int}> a container and all that lies in it, with their depths */
    private function within(Tree $tree, string $container, int $depth): array
    {
        $out = [[$tree->layer($container), $depth]];
        for ($i = 0; $i < count($out); $i++) {
            [$layer, $at] = $out[$i];
            foreach ($layer->isContainer() ? $tree->children(new Place($layer->screen, $layer->id)) : [] as $child) {
                $out[] = [$child, $at + 1];
            }
        }

        return $out;
    }

    /**
     * What has to be laid out again when a layer has changed: what it lies in, the array of whose cells it is a part, and the compounds.
     *
     * @return list<string>
     */
    private function depending(Tree $tree, ?Layer $layer): array
    {
        return $layer?->parent === null ? [] : [$layer->parent, ...array_map(fn (Layer $around): string => $around->id, [...$tree->expanding($layer), ...$tree->compounds($layer)])];
    }

    /** Whether a stack or an array has changed in a way that may move its content. Moving it as a whole does not. */
    private function affectsLayout(?Layer $old, Layer $new): bool
    {
        return $new->isContainer() && ! $new->isGroup() && ($old === null || $old->content !== $new->content || $old->sizing !== $new->sizing
            || $old->box->width !== $new->box->width || $old->box->height !== $new->box->height);
    }

    private function differs(Box $bounds, Box $group): bool
    {
        return max(abs($bounds->x), abs($bounds->y), abs($bounds->width - $group->width), abs($bounds->height - $group->height)) > 0.001;
    }

    /**
     * Around the content of a group, as far as what masks it lets it be seen.
     *
     * @param  list<Layer>  $children
     */
    private function seen(array $children): ?Box
    {
        $bounds = fn (Layer ...$layers): array => array_map(fn (Layer $layer): Box => $layer->bounds(), $layers);
        $masks = $bounds(...array_filter($children, fn (Layer $child): bool => $child->masks()));
        if ($masks === []) {
            return Box::around(...$bounds(...$children));
        }
        $common = Box::between(max(array_map(fn (Box $box): float => $box->x, $masks)), max(array_map(fn (Box $box): float => $box->y, $masks)), min(array_map(fn (Box $box): float => $box->right(), $masks)), min(array_map(fn (Box $box): float => $box->bottom(), $masks)));

        return $common ?? $masks[0];
    }

    /**
     * The group drawn around its content, which stays where it is on the screen even when the group
     * is turned: its middle moves, so its corner has to make up for the turn.
     *
     * @param  list<Layer>  $children
     */
    private function around(Tree $tree, Layer $group, array $children): Tree
    {
        $bounds = $this->seen($children);

        return $bounds === null ? $tree : $this->framed($tree, $group, $children, $bounds);
    }

    /**
     * The outline that the parts come to, and the compound drawn around it; where nothing is left it stays around its parts.
     *
     * @param  non-empty-list<Layer>  $children
     */
    private function compound(Tree $tree, Layer $layer, Compound $compound, array $children): Tree
    {
        $path = $this->shapes->together($tree, $layer)->path();
        $bounds = $path->bounds();
        $frame = $bounds ?? Box::around(...array_map(fn (Layer $child): Box => $child->bounds(), $children)) ?? $layer->box;
        $d = $bounds === null ? '' : $path->mapped(1, 0, 0, 1, -$frame->x, -$frame->y)->text();
        if (strlen($d) > PathData::MAX_LENGTH) {
            throw new InvalidInput('layers', 'These shapes would come to more points than can be kept. Nothing was changed.');
        }
        $layer = $d === $compound->d ? $layer : $layer->with(content: $compound->with(d: $d));

        return $this->framed($layer === $tree->layer($layer->id) ? $tree : $tree->withLayers($layer), $layer, $children, $frame);
    }

    /**
     * A container in the box that is given in its own coordinates; what lies in it stays where it is.
     *
     * @param  list<Layer>  $children
     */
    private function framed(Tree $tree, Layer $group, array $children, Box $bounds): Tree
    {
        if (! $this->differs($bounds, $group->box)) {
            return $tree;
        }
        $old = new Point($group->box->width / 2, $group->box->height / 2);
        $new = new Point($bounds->width / 2, $bounds->height / 2);
        $shift = $old->minus($new)->plus((new Point($bounds->x, $bounds->y))->plus($new)->minus($old)->turned($group->rotation));
        $tree = $tree->withLayers($group->with(box: new Box($group->box->x + $shift->x, $group->box->y + $shift->y, $bounds->width, $bounds->height)));
        if (abs($bounds->x) < 0.001 && abs($bounds->y) < 0.001) {
            return $tree;
        }

        return $tree->withLayers(...array_map(
            fn (Layer $child): Layer => $child->with(box: $child->box->movedBy(-$bounds->x, -$bounds->y)),
            $children,
        ));
    }
}
