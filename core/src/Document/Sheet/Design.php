<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Place;
use Kindred\Document\Tree;

/** Makes a layer the design of an array's cells. */
final class Design
{
    /** The tree with the layer as the only child of the array: what laid it out before does so no longer. */
    public static function of(Tree $tree, Layer $layer, string $array): Tree
    {
        $sizing = $layer->sizing->with(alignSelf: null, absolute: false);
        $design = $layer->with(parent: $array, rank: 'm', pins: null, sizing: $layer->content instanceof Stack ? $sizing->with(width: Size::Length) : new Sizing);

        return self::pinned($tree->withLayers($design), $design);
    }

    /** In a group, what reaches from side to side holds to both, the rest to the corner. */
    private static function pinned(Tree $tree, Layer $design): Tree
    {
        foreach ($design->isGroup() ? $tree->children(new Place($design->screen, $design->id)) : [] as $child) {
            if ($child->pins === null) {
                $bounds = $child->bounds();
                $even = abs($bounds->x - ($design->box->width - $bounds->right())) < 1.5 && $bounds->width > $design->box->width / 2;
                $tree = $tree->withLayers($child->with(pins: $even ? Pins::corner()->with(right: true) : Pins::corner()));
            }
        }

        return $tree;
    }
}
