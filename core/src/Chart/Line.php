<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Curve;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;

/** Path data through the points of a series, which lie one after another from left to right. */
final class Line
{
    /**
     * @param  list<Point>  $points
     * @param  bool  $joined  whether it goes on from where something ended, with a line to its first point
     */
    public static function through(array $points, Curve $curve, bool $joined = false): string
    {
        $out = '';
        $tangents = $curve === Curve::Smooth ? self::tangents($points) : [];
        foreach ($points as $i => $point) {
            $before = $points[$i - 1] ?? null;
            if ($before === null) {
                $out .= ($joined ? 'L' : 'M').self::place($point);

                continue;
            }
            $third = ($point->x - $before->x) / 3;
            $half = ($before->x + $point->x) / 2;
            $out .= match ($curve) {
                Curve::Straight => 'L'.self::place($point),
                Curve::Steps => 'L'.self::place(new Point($half, $before->y)).'L'.self::place(new Point($half, $point->y)).'L'.self::place($point),
                Curve::Smooth => 'C'.self::place(new Point($before->x + $third, $before->y + $third * $tangents[$i - 1])).' '.self::place(new Point($point->x - $third, $point->y - $third * $tangents[$i])).' '.self::place($point),
            };
        }

        return $out;
    }

    /** @param  list<Point>  $points  from left to right; the line comes back from the last one */
    public static function back(array $points, Curve $curve): string
    {
        return self::through(array_reverse($points), $curve, true);
    }

    /**
     * The slope at each point of a curve that rises and falls where the points do, and nowhere else (M. Steffen, “A simple method for
     * monotonic interpolation in one dimension”, Astronomy and Astrophysics 239, 1990).
     *
     * @param  list<Point>  $points
     * @return list<float>
     */
    private static function tangents(array $points): array
    {
        $last = count($points) - 1;
        if ($last < 1) {
            return array_fill(0, $last + 1, 0.0);
        }
        $steps = $slopes = [];
        for ($i = 0; $i < $last; $i++) {
            $steps[] = $step = $points[$i + 1]->x - $points[$i]->x;
            $slopes[] = $step === 0.0 ? 0.0 : ($points[$i + 1]->y - $points[$i]->y) / $step;
        }
        $tangents = [];
        for ($i = 1; $i < $last; $i++) {
            $around = $steps[$i - 1] + $steps[$i];
            $mean = $around === 0.0 ? 0.0 : ($slopes[$i - 1] * $steps[$i] + $slopes[$i] * $steps[$i - 1]) / $around;
            $tangents[$i] = (($slopes[$i - 1] <=> 0.0) + ($slopes[$i] <=> 0.0)) * min(abs($slopes[$i - 1]), abs($slopes[$i]), abs($mean) / 2);
        }
        // At the ends the curve is that of a parabola, as far as it does not turn.
        $tangents[0] = $last === 1 ? $slopes[0] : (3 * $slopes[0] - $tangents[1]) / 2;
        $tangents[$last] = $last === 1 ? $slopes[0] : (3 * $slopes[$last - 1] - $tangents[$last - 1]) / 2;
        ksort($tangents);

        return array_values($tangents);
    }

    private static function place(Point $point): string
    {
        return Number::text(round($point->x, 2)).' '.Number::text(round($point->y, 2));
    }
}
