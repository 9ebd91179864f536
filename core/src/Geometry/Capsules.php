<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** The area that a round pen covers along a path, as one path to be filled by the non-zero rule: a capsule for each short piece. */
final class Capsules
{
    /** Pieces of a curve. */
    private const PIECES = 12;

    /** @return string SVG path data */
    public static function along(PathData $path, float $radius): string
    {
        $out = '';
        foreach (self::pieces($path) as [$from, $to]) {
            $out .= self::capsule($from, $to, $radius);
        }

        return $out;
    }

    /** @return list<array{Point, Point}> */
    private static function pieces(PathData $path): array
    {
        $pieces = [];
        $pen = $start = new Point(0, 0);
        foreach ($path->segments as [$letter, $n]) {
            if ($letter === 'M') {
                $pen = $start = new Point($n[0], $n[1]);

                continue;
            }
            $along = PathData::of([['M', [$pen->x, $pen->y]], $letter === 'Z' ? ['L', [$start->x, $start->y]] : [$letter, $n]])->points(self::PIECES);
            foreach (array_slice($along, 1) as $i => $to) {
                $pieces[] = [$along[$i], $to];
            }
            $pen = $along[count($along) - 1];
        }

        return $pieces;
    }

    private static function capsule(Point $from, Point $to, float $radius): string
    {
        $n = Number::text(...);
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        [$x, $y] = $length < 1e-6 ? [$radius, 0.0] : [($to->y - $from->y) / $length * $radius, ($from->x - $to->x) / $length * $radius];
        $arc = "A{$n($radius)} {$n($radius)} 0 0 1 ";

        return "M{$n($from->x + $x)} {$n($from->y + $y)}L{$n($to->x + $x)} {$n($to->y + $y)}{$arc}{$n($to->x - $x)} {$n($to->y - $y)}L{$n($from->x - $x)} {$n($from->y - $y)}{$arc}{$n($from->x + $x)} {$n($from->y + $y)}Z";
    }
}
