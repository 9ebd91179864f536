<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/** Where layers lie on their screen, however deep they lie in turned groups. */
final class Bounds
{
    /** The upright box, in px of the screen (of the wall for a loose layer), that a layer takes up. */
    public static function of(Tree $tree, Layer $layer): Box
    {
        $box = $layer->box;
        $corners = [new Point(0, 0), new Point($box->width, 0), new Point($box->width, $box->height), new Point(0, $box->height)];
        foreach ([$layer, ...$tree->ancestors($layer)] as $frame) {
            $corners = array_map(fn (Point $corner): Point => self::out($frame, $corner), $corners);
        }
        $xs = array_map(fn (Point $corner): float => $corner->x, $corners);
        $ys = array_map(fn (Point $corner): float => $corner->y, $corners);

        return new Box(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** A distance on the screen as one in the space that a layer's box is given in. */
    public static function inward(Tree $tree, Layer $layer, Point $distance): Point
    {
        return $distance->turned(-array_sum(array_map(fn (Layer $group): float => $group->rotation, $tree->ancestors($layer))));
    }

    /** A place in a layer's own space, its corner at 0, 0, as one in its parent's. */
    private static function out(Layer $layer, Point $point): Point
    {
        $half = new Point($layer->box->width / 2, $layer->box->height / 2);

        return $layer->rotation === 0.0
            ? $point->plus(new Point($layer->box->x, $layer->box->y))
            : $point->minus($half)->turned($layer->rotation)->plus($layer->box->centre());
    }
}
