<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Document\Layer;
use Kindred\Geometry\Box;

/**
 * Corners that run parallel to those of what a layer lies in: there the radius is smaller by as much as the layer lies inside, so that both
 * arcs have one centre.
 */
final readonly class Concentric
{
    /** Sides of a corner that differ by less, px, lie equally far inside. */
    private const EVEN = 1.0;

    private function __construct(public Corners $corners, public Layer $around)
    {
    }

    /**
     * By the nearest that it lies in; null where no corner has one, or all are so already.
     *
     * @param  list<Layer>  $below  what lies beside it and lower, in drawing order
     * @param  Layer|null  $parent  what all of these lie in
     */
    public static function of(Layer $layer, array $below, ?Layer $parent): ?self
    {
        if (! isset($layer->content->paint()['corners']) || $layer->rotation !== 0.0) {
            return null;
        }
        $found = $parent === null ? null : self::within($layer, $parent, new Box(0, 0, $parent->box->width, $parent->box->height));
        foreach ($below as $sibling) {
            $found = self::within($layer, $sibling, $sibling->box) ?? $found;
        }

        return $found === null || $found->corners->radii() === $layer->corners->radii() ? null : $found;
    }

    private static function within(Layer $layer, Layer $around, Box $outer): ?self
    {
        if ($around->hidden || $around->rotation !== 0.0 || ! isset($around->content->paint()['corners'])) {
            return null;
        }
        $inner = $layer->box;
        [$left, $top, $right, $bottom] = [$inner->x - $outer->x, $inner->y - $outer->y, $outer->right() - $inner->right(), $outer->bottom() - $inner->bottom()];
        if (min($left, $top, $right, $bottom) < 0) {
            return null;
        }
        $own = $layer->corners->radii();
        $any = false;
        $radii = [];
        foreach ($around->corners->fitted($outer)->radii() as $i => $radius) {
            [$across, $down] = [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]][$i];
            $parallel = $radius > max($across, $down) && abs($across - $down) <= self::EVEN;
            $radii[] = $parallel ? round($radius - ($across + $down) / 2, 3) : $own[$i];
            $any = $any || $parallel;
        }

        return $any ? new self(new Corners(...$radii), $around) : null;
    }
}
