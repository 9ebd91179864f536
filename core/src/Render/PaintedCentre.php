<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;

/** The middle of what an icon paints: the centroid of the convex hull of its strokes, which is where its weight seems to lie. */
final class PaintedCentre
{
    /** @param  list<array{string, array<string, string>}>  $nodes  SVG shapes with their attributes */
    public static function of(array $nodes): Point
    {
        $points = [];
        foreach ($nodes as [$name, $attributes]) {
            array_push($points, ...self::points($name, $attributes));
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
     * @param  array<string, string>  $attributes
     * @return list<Point>
     */
    private static function points(string $name, array $attributes): array
    {
        $n = fn (string $key, float $otherwise = 0.0): float => (float) ($attributes[$key] ?? $otherwise);
        try {
            return PathData::parse(match ($name) {
                'path' => $attributes['d'] ?? '',
                'line' => "M{$n('x1')} {$n('y1')}L{$n('x2')} {$n('y2')}",
                'polyline', 'polygon' => 'M'.($attributes['points'] ?? ''),
                'rect' => "M{$n('x')} {$n('y')}h{$n('width')}v{$n('height')}h-{$n('width')}z",
                'circle', 'ellipse' => self::ellipse($n('cx'), $n('cy'), $n($name === 'circle' ? 'r' : 'rx'), $n($name === 'circle' ? 'r' : 'ry')),
                default => '',
            })->points();
        } catch (InvalidInput) {
            return [];
        }
    }

    private static function ellipse(float $cx, float $cy, float $rx, float $ry): string
    {
        $left = $cx - $rx;
        $right = $cx + $rx;

        return "M{$left} {$cy}A{$rx} {$ry} 0 0 1 {$right} {$cy}A{$rx} {$ry} 0 0 1 {$left} {$cy}";
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
