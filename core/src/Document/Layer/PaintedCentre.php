<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Outline;
use Kindred\Geometry\Point;

/** The middle of what an icon paints: the centroid of the convex hull of its strokes, which is where its weight seems to lie. */
final class PaintedCentre
{
    /** @param  list<array{string, array<string, string>}>  $nodes  SVG shapes with their attributes */
    public static function of(array $nodes): Point
    {
        $points = [];
        foreach ($nodes as [$name, $attributes]) {
            array_push($points, ...Outline::of($name, $attributes)?->points() ?? []);
        }
        $hull = self::hull($points);
        $area = $x = $y = 0.0;
        foreach ($hull as $i => $a) {
            $b = $hull[($i + 1) % count($hull)];
            $cross = $a->x * $b->y - $b->x * $a->y;
            $area += $cross;
            $x += ($a->x + $b->x) * $cross;
            $y += ($a->y + $b->y) * $cross;
        }
        if (abs($area) > 1e-6) {
            return new Point($x / (3 * $area), $y / (3 * $area));
        }

        // A single stroke has no area: its middle.
        return $hull === [] ? new Point(12, 12) : new Point(($hull[0]->x + $hull[count($hull) - 1]->x) / 2, ($hull[0]->y + $hull[count($hull) - 1]->y) / 2);
    }

    /**
     * Andrew's monotone chain (Information Processing Letters 9, 1979).
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function hull(array $points): array
    {
        usort($points, fn (Point $a, Point $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);

        return count($points) < 2 ? $points : [...self::half($points), ...self::half(array_reverse($points))];
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function half(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            while (count($chain) > 1 && self::turn($chain[count($chain) - 2], $chain[count($chain) - 1], $point) <= 0) {
                array_pop($chain);
            }
            $chain[] = $point;
        }
        array_pop($chain);

        return $chain;
    }

    private static function turn(Point $a, Point $b, Point $c): float
    {
        return ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x);
    }
}
