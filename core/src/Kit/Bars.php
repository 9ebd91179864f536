<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\LayerNest;
use Kindred\Document\Screen;
use Kindred\Geometry\Box;

/** Bars at the head and the foot of a screen: where it is clear of them, and where further ones go. */
final class Bars
{
    /**
     * Where a screen is free of the bars that lie at its head, or at its foot, one beside the other.
     *
     * @param  list<Layer>  $layers  those that lie right on it
     * @return float px from the top
     */
    public static function clear(Screen $screen, array $layers, bool $foot): float
    {
        $bars = array_map(fn (Layer $layer): Box => $layer->box, array_filter($layers, fn (Layer $layer): bool => $layer->content instanceof Widget && $layer->box->x === 0.0 && $layer->box->width === $screen->box->width));
        $edge = $foot ? $screen->box->height : 0.0;
        do {
            $last = $edge;
            foreach ($bars as $bar) {
                if ($foot && $bar->bottom() === $edge) {
                    $edge = min($edge, $bar->y);
                } elseif (! $foot && $bar->y === $edge) {
                    $edge = max($edge, $bar->bottom());
                }
            }
        } while ($edge !== $last);

        return $edge;
    }

    /**
     * New layers where they go on a screen: a bar to its edge, as wide as the screen, beside the bars that are there;
     * anything else as far below the bars at the head as it was to lie below the top.
     *
     * @param  list<LayerNest>  $nests
     * @param  list<Layer>  $layers  those that lie right on the screen
     * @return list<LayerNest>
     */
    public static function docked(array $nests, Screen $screen, array $layers): array
    {
        $docked = [];
        foreach ($nests as $nest) {
            $layer = $nest->layer;
            $kind = $layer->content instanceof Widget ? Kit::find($layer->content->widget) : null;
            if ($kind instanceof Bar) {
                $edge = self::clear($screen, $layers, $kind->atFoot());
                $nest = $nest->with(layer: $layer->with(box: new Box(0, $kind->atFoot() ? $edge - $layer->box->height : $edge, $screen->box->width, $layer->box->height)));
                $layers[] = $nest->layer;
            } else {
                $nest = $nest->movedBy(0, self::clear($screen, $layers, false));
            }
            $docked[] = $nest;
        }

        return $docked;
    }
}
