<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Missing;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;

/** What commands on a selection share. The layers all lie on one screen, or loose on the wall. */
trait OnLayers
{
    /**
     * @param  list<string>  $ids
     * @return list<Layer> the outermost of the named layers, in drawing order
     */
    private function selected(Tree $tree, ?string $screen, array $ids, bool $lockedToo = false): array
    {
        $layers = $tree->outermost($ids);
        foreach ($layers as $layer) {
            if ($layer->screen !== $screen) {
                throw Missing::layer($layer->id);
            }
            if ($layer->locked && ! $lockedToo) {
                throw new InvalidInput('', "“{$layer->name}” is locked; unlock it first.");
            }
        }

        return $layers;
    }

    /**
     * The topmost of layers that have to lie beside each other.
     *
     * @param  list<Layer>  $layers  in drawing order
     */
    private function together(array $layers): Layer
    {
        $places = array_unique(array_map(fn (Layer $layer): string => Place::of($layer)->key(), $layers));
        if (count($places) !== 1) {
            throw new InvalidInput('layers', 'Only layers that lie beside each other can be taken together; these lie in different groups.');
        }

        return $layers[count($layers) - 1];
    }

    /** @return list<string> the screen for a working set; none for loose layers */
    private function named(?string $screen): array
    {
        return $screen === null ? [] : [$screen];
    }

    /** @param  list<string>  $ids */
    private function naming(Tree $tree, array $ids): string
    {
        return count($ids) === 1 ? ($tree->layers[$ids[0]]->name ?? 'a layer') : count($ids).' layers';
    }

    /** The rank of what lies right above a layer, in its place; null where nothing does. */
    private function above(Tree $tree, Layer $layer): ?string
    {
        foreach ($tree->children(Place::of($layer)) as $sibling) {
            if (strcmp($sibling->rank, $layer->rank) > 0) {
                return $sibling->rank;
            }
        }

        return null;
    }

    /** A layer that is put into one that is new around it, or that it comes to lie in, and stays where it is: what held it where it lay does not. */
    private function gathered(Layer $layer, Layer $into, string $rank): Layer
    {
        return $layer->with(
            parent: $into->id, rank: $rank, box: $layer->box->movedBy(-$into->box->x, -$into->box->y),
            masking: false, pins: null, sizing: $layer->sizing->with(alignSelf: null, absolute: false),
        );
    }

    /** Where the corner of a parent lies on the screen; groups that are turned are taken as upright. */
    private function origin(Tree $tree, ?string $parent): Point
    {
        $origin = new Point(0, 0);
        foreach ($parent === null ? [] : [$tree->layer($parent), ...$tree->ancestors($tree->layer($parent))] as $group) {
            $origin = $origin->plus(new Point($group->box->x, $group->box->y));
        }

        return $origin;
    }
}
