<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/** Layers as they are shown: what shows them several times with its copies, laid out, those in copies too. */
final readonly class Expansion
{
    public function __construct(private Cells $cells)
    {
    }

    /** @return list<LaidCopy> in their order; none of a layer that shows nothing several times */
    public function of(Tree $tree, Layer $layer): array
    {
        return $this->cells->expander($layer)?->of($tree, $layer) ?? [];
    }

    /** One of the copies; null where there is none of that name. */
    public function copy(Tree $tree, Layer $layer, string $name): ?LaidCopy
    {
        return $this->cells->expander($layer)?->copy($tree, $layer, $name);
    }

    /**
     * An instance in other states, as large as it comes out then.
     *
     * @param  array<string, string>  $states  by axis
     */
    public function inStates(Tree $tree, Layer $layer, array $states): Layer
    {
        if (! $layer->content instanceof Instance) {
            return $layer;
        }
        $turned = $layer->with(content: $layer->content->with(states: $states));
        $size = $this->cells->instances->size($tree, $turned);

        return $size === null ? $turned : $turned->with(box: $layer->box->sized($size->width, $size->height));
    }

    /**
     * The copies in which an address lies, laid out, the outermost first.
     *
     * @return list<LaidCopy> none where the layer or a copy is not there
     */
    public function around(Tree $tree, Address $address): array
    {
        $copies = [];
        foreach ($tree->showing($address) ?? [] as $i => $around) {
            $copy = $this->copy($tree, $tree->layer($around->id), $address->copies[$i]);
            if ($copy === null) {
                return [];
            }
            $copies[] = $copy;
            $tree = $copy->tree;
        }

        return $copies;
    }

    /** The layer as it is at an address: in its own place, or in a copy. */
    public function at(Tree $tree, Address $address): ?Layer
    {
        $layer = $tree->layers[$address->layer] ?? null;
        $around = $address->copies === [] || $layer === null ? [] : $this->around($tree, $address);
        $there = $around === [] ? null : end($around)->tree->layers[$address->layer] ?? null;

        return $layer === null || $there === null ? $layer : $there->with(screen: $layer->screen, parent: $layer->parent);
    }

    /** How far a layer lies, at an address, from where it lies as the document has it: px along the screen, what is turned taken as upright. */
    public function offset(Tree $tree, Address $address): Point
    {
        $copies = $this->around($tree, $address);
        if ($copies === []) {
            return new Point(0, 0);
        }
        $expanding = $tree->showing($address) ?? [];
        $at = new Point(0, 0);
        $in = $tree;
        foreach ($copies as $i => $copy) {
            $at = $at->plus(self::corner($in, $expanding[$i]->id))->plus(new Point($copy->area->x, $copy->area->y));
            $in = $copy->tree;
        }

        return $at->plus(self::corner($in, $address->layer))->minus(self::corner($tree, $address->layer));
    }

    private static function corner(Tree $tree, string $id): Point
    {
        $layer = $tree->layer($id);
        $boxes = array_map(fn (Layer $one): Box => $one->box, [$layer, ...$tree->ancestors($layer)]);

        return new Point(array_sum(array_column($boxes, 'x')), array_sum(array_column($boxes, 'y')));
    }

    /**
     * All layers in a place as they are shown, each parent before its children.
     *
     * @param  (\Closure(Layer): bool)|null  $enter  whether a layer is wanted, with all in it; null for all
     * @param  (\Closure(Tree, Layer): list<Layer>)|null  $turned  a layer in all states in which its copies are wanted; null for as it is
     * @return \Generator<array{Layer, Address}>
     */
    public function shown(Tree $tree, Place $place, ?\Closure $enter = null, ?\Closure $turned = null): \Generator
    {
        foreach ($tree->children($place) as $layer) {
            yield from $this->within($tree, $layer, new Address(''), $enter, $turned);
        }
    }

    /**
     * @param  (\Closure(Layer): bool)|null  $enter
     * @param  (\Closure(Tree, Layer): list<Layer>)|null  $turned
     * @return \Generator<array{Layer, Address}> a layer and all that is shown in it
     */
    private function within(Tree $tree, Layer $layer, Address $place, ?\Closure $enter, ?\Closure $turned): \Generator
    {
        if ($enter !== null && ! $enter($layer)) {
            return;
        }
        yield [$layer, $place->with($layer->id)];
        foreach ($turned === null ? [$layer] : $turned($tree, $layer) as $one) {
            foreach ($this->of($tree, $one) as $copy) {
                yield from $this->within($copy->tree, $copy->tree->layer($copy->root->id), $place->inside($copy->name), $enter, $turned);
            }
        }
        if (! $layer->content instanceof Expanding && $layer->isContainer()) {
            foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
                yield from $this->within($tree, $child, $place, $enter, $turned);
            }
        }
    }
}
