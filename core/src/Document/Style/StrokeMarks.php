<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

/** The marks at the ends of a stroke, as shapes: one at the start and one at the end of every part of its path that is open. */
final class StrokeMarks
{
    /** Null where there are none. */
    public static function of(Curves $path, Stroke $stroke): ?PathData
    {
        if ($stroke->start === StrokeMark::None && $stroke->end === StrokeMark::None) {
            return null;
        }
        $segments = [];
        foreach ($path->subpaths as $subpath) {
            if ($subpath->closed || $subpath->count() === 0) {
                continue;
            }
            [$first, $last] = [$subpath->curve(0), $subpath->curve($subpath->count() - 1)];
            array_push($segments, ...self::mark($stroke->start, $first->a, self::way($first, true), $stroke->width), ...self::mark($stroke->end, $last->d, self::way($last, false), $stroke->width));
        }

        return $segments === [] ? null : PathData::of($segments);
    }

    /** The direction out of the line at an end of a curve, of the length one. */
    private static function way(Cubic $curve, bool $atStart): Point
    {
        return ($atStart ? $curve : $curve->reversed())->direction()?->times(-1) ?? new Point($atStart ? -1 : 1, 0);
    }

    /** @return list<array{string, list<float>}> */
    private static function mark(StrokeMark $mark, Point $at, Point $way, float $width): array
    {
        $across = new Point(-$way->y, $way->x);
        $place = fn (float $along, float $aside): array => [$at->x + ($way->x * $along + $across->x * $aside) * $width, $at->y + ($way->y * $along + $across->y * $aside) * $width];
        // Seen along the line: the tip of an arrow lies beyond its end, so that the line does not show through it.
        $corners = match ($mark) {
            StrokeMark::Arrow => [[1.5, 0], [-2.5, 2], [-2.5, -2]],
            StrokeMark::Bar => [[0.5, 2], [-0.5, 2], [-0.5, -2], [0.5, -2]],
            default => [],
        };
        if ($mark === StrokeMark::Dot) {
            return Outline::ellipse($at->x, $at->y, 1.75 * $width, 1.75 * $width)->segments;
        }

        $out = [];
        foreach ($corners as [$along, $aside]) {
            $out[] = [$out === [] ? 'M' : 'L', $place($along, $aside)];
        }

        return $out === [] ? [] : [...$out, ['Z', []]];
    }
}
