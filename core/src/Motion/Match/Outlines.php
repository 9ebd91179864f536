<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;

/**
 * Two paths as the same number of curves, so that one can become the other point by point. Each is cut where either has a point, measured
 * along its length, so both keep their shape exactly; a closed one begins where the way to the other is shortest, and runs the same way
 * round. A subpath that the other has no counterpart of shrinks to its middle.
 */
final class Outlines
{
    /** Places along a path that are nearer than this share of it are one. */
    private const SAME = 1e-4;

    /** Points of which one may be the beginning of a closed path are tried up to so many. */
    private const BEGINNINGS = 64;

    /** So many points say how far two closed paths are apart. */
    private const MARKS = 16;

    /** @return array{string, string} SVG path data of the same commands: M, C and Z */
    public static function alike(Curves $from, Curves $to): array
    {
        $out = [[], []];
        for ($i = 0, $count = max(count($from->subpaths), count($to->subpaths)); $i < $count; $i++) {
            [$one, $other] = [self::curves($from->subpaths[$i] ?? null), self::curves($to->subpaths[$i] ?? null)];
            $closed = [$from->subpaths[$i]->closed ?? null, $to->subpaths[$i]->closed ?? null];
            $one = $one === [] ? self::point($other) : $one;
            $other = $other === [] ? self::point($one) : $other;
            if ($closed === [true, true] && $one !== [] && $other !== []) {
                $other = self::facing($one, $other);
            }
            $places = self::places($one, $other);
            // What is open on one side only is closed by a line of its own there, which a stroke shows.
            $ends = in_array(false, $closed, true) ? '' : 'Z';
            $out[0][] = self::text(self::cut($one, $places)).$ends;
            $out[1][] = self::text(self::cut($other, $places)).$ends;
        }

        return [implode('', $out[0]), implode('', $out[1])];
    }

    /** @return list<Cubic> */
    private static function curves(?Subpath $path): array
    {
        return $path === null || $path->count() === 0 ? [] : array_map($path->curve(...), range(0, $path->count() - 1));
    }

    /**
     * @param  list<Cubic>  $curves
     * @return list<Cubic> its middle
     */
    private static function point(array $curves): array
    {
        $sum = array_reduce($curves, fn (Point $sum, Cubic $one): Point => $sum->plus($one->a), new Point(0, 0));
        $middle = $sum->times(1 / max(1, count($curves)));

        return [Cubic::line($middle, $middle)];
    }

    /**
     * The other begun at the point, and run in the direction, from which its points lie nearest to those of the one.
     *
     * @param  non-empty-list<Cubic>  $one
     * @param  non-empty-list<Cubic>  $other
     * @return list<Cubic>
     */
    private static function facing(array $one, array $other): array
    {
        if (self::area($one) * self::area($other) < 0) {
            $other = array_map(fn (Cubic $curve): Cubic => $curve->reversed(), array_reverse($other));
        }
        $count = count($other);
        $step = max(1, (int) ceil($count / self::BEGINNINGS));
        $marks = self::marks($one);
        [$best, $nearest] = [$other, INF];
        for ($at = 0; $at < $count; $at += $step) {
            $turned = [...array_slice($other, $at), ...array_slice($other, 0, $at)];
            $far = array_sum(array_map(fn (Point $a, Point $b): float => ($a->x - $b->x) ** 2 + ($a->y - $b->y) ** 2, $marks, self::marks($turned)));
            if ($far < $nearest - 1e-9) {
                [$best, $nearest] = [$turned, $far];
            }
        }

        return $best;
    }

    /** @param  list<Cubic>  $curves */
    private static function area(array $curves): float
    {
        return array_sum(array_map(fn (Cubic $curve): float => $curve->area(), $curves));
    }

    /**
     * @param  list<Cubic>  $curves
     * @return list<Point> some points, evenly along the way
     */
    private static function marks(array $curves): array
    {
        $shares = self::shares($curves);
        $whole = array_sum(array_map(fn (Cubic $curve): float => $curve->length(), $curves));
        $marks = [];
        for ($i = 0, $k = 0; $i < self::MARKS; $i++) {
            while ($k < count($curves) - 1 && $i / self::MARKS > $shares[$k]) {
                $k++;
            }
            $marks[] = $curves[$k]->at($curves[$k]->place(($i / self::MARKS - ($k === 0 ? 0.0 : $shares[$k - 1])) * $whole));
        }

        return $marks;
    }

    /**
     * @param  list<Cubic>  $one
     * @param  list<Cubic>  $other
     * @return list<float> the shares of the way at which either has a point, with both ends
     */
    private static function places(array $one, array $other): array
    {
        $all = [...self::shares($one), ...self::shares($other)];
        sort($all);
        $places = [0.0];
        foreach ($all as $place) {
            if ($place - $places[count($places) - 1] > self::SAME && $place < 1 - self::SAME) {
                $places[] = $place;
            }
        }

        return [...$places, 1.0];
    }

    /**
     * @param  list<Cubic>  $curves
     * @return list<float> the share of the way at which each curve ends
     */
    private static function shares(array $curves): array
    {
        $lengths = array_map(fn (Cubic $curve): float => $curve->length(), $curves);
        $whole = array_sum($lengths);
        $at = 0.0;
        $shares = [];
        foreach ($lengths as $i => $length) {
            $at += $length;
            $shares[] = $whole > 0 ? $at / $whole : ($i + 1) / count($lengths);
        }

        return $shares;
    }

    /**
     * @param  list<Cubic>  $curves
     * @param  list<float>  $places  shares of the way, from 0 to 1
     * @return list<Cubic> one from each place to the next
     */
    private static function cut(array $curves, array $places): array
    {
        $shares = self::shares($curves);
        $whole = array_sum(array_map(fn (Cubic $curve): float => $curve->length(), $curves));
        $pieces = [];
        for ($i = 1, $k = 0, $began = 0.0, $rest = $curves[0]; $i < count($places); $i++) {
            $to = $places[$i];
            // What ends within a piece is followed by the next.
            while ($k < count($curves) - 1 && $to > $shares[$k] + self::SAME) {
                $k++;
                $began = $shares[$k - 1];
                $rest = $curves[$k];
            }
            if ($to >= $shares[$k] - self::SAME || $whole <= 0) {
                $pieces[] = $rest;
                $rest = Cubic::line($rest->d, $rest->d);

                continue;
            }
            $part = max(0.0, min(1.0, $rest->place(($to - max($began, $places[$i - 1])) * $whole)));
            [$pieces[], $rest] = $rest->split($part);
        }

        return $pieces;
    }

    /** @param  list<Cubic>  $curves */
    private static function text(array $curves): string
    {
        $n = fn (Point $point): string => Number::text(round($point->x, 3)).' '.Number::text(round($point->y, 3));

        return 'M'.$n($curves[0]->a).implode('', array_map(fn (Cubic $one): string => "C{$n($one->b)} {$n($one->c)} {$n($one->d)}", $curves));
    }
}
