<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

use Kindred\Geometry\Point;

/**
 * A path of few curves through where a hand was, by the algorithm of Schneider ("An Algorithm for Automatically Fitting Digitized
 * Curves", Graphics Gems, 1990): one curve by least squares, its parameters made better a few times, and where it stays too far off
 * two in its place, smooth where they meet. Where the hand turned sharply there is a corner.
 */
final class Fit
{
    /** A turn by more, in degrees, is a corner. */
    private const CORNER = 75.0;

    /** How far before and after a place its direction is taken, px. */
    private const WINDOW = 6.0;

    /** So many times parameters are made better. */
    private const TRIES = 8;

    /** Points of a run that is long, and of one that is thinned in one go. */
    private const LONG = 64;

    private const SPAN = 512;

    /** Points that are less apart, px, are one. */
    private const SAME = 0.05;

    /** @param  float  $tolerance  how far off the path may be, px */
    private function __construct(private readonly float $tolerance)
    {
    }

    /**
     * @param  list<Point>  $points  where the hand was, in order
     * @param  float  $tolerance  how far off the path may be, px
     * @param  bool  $closed  whether it comes back to where it began
     */
    public static function through(array $points, float $tolerance, bool $closed = false): Subpath
    {
        $points = self::apart($points);
        if ($closed && count($points) > 2) {
            $points[] = $points[0];
        }
        if (count($points) < 2) {
            $at = $points[0] ?? new Point(0, 0);

            return new Subpath([new Node($at), new Node($at)], false);
        }
        $fit = new self(max($tolerance, 0.01));
        $curves = [];
        $runs = $fit->runs($points);
        $round = $closed ? self::roundThere($points) : null;
        foreach ($runs as $i => $run) {
            $start = $i === 0 && $round !== null ? $round : self::direction($run, 0, 1);
            $end = $i === count($runs) - 1 && $round !== null ? $round->times(-1) : self::direction($run, count($run) - 1, -1);
            array_push($curves, ...$fit->isStraight($run) ? [Cubic::line($run[0], $run[count($run) - 1])] : $fit->curves($run, $start, $end));
        }

        $path = $curves === [] ? new Subpath([], false) : Subpath::along($curves);

        return $closed && count($points) > 3 ? $path->closed() : $path;
    }

    /**
     * The corners of straight lines that are no further off than so many px, of which there are few (Ramer 1972; Douglas and Peucker 1973).
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public static function thinned(array $points, float $off): array
    {
        $points = self::apart($points);
        $last = count($points) - 1;
        $ends = $last < 1 ? [] : [...array_map(fn (int $span): int => $span * self::SPAN, range(0, intdiv($last - 1, self::SPAN))), $last];
        $kept = array_fill_keys([0, ...$ends], true);
        $spans = array_map(fn (int $from, int $to): array => [$from, $to], array_slice($ends, 0, -1), array_slice($ends, 1));
        while ($spans !== []) {
            [$from, $to] = array_pop($spans);
            [$far, $at] = [$off, null];
            for ($i = $from + 1; $i < $to; $i++) {
                $distance = self::toLine($points[$i], $points[$from], $points[$to]);
                if ($distance > $far) {
                    [$far, $at] = [$distance, $i];
                }
            }
            if ($at !== null) {
                $kept[$at] = true;
                array_push($spans, [$from, $at], [$at, $to]);
            }
        }
        ksort($kept);

        return array_map(fn (int $i): Point => $points[$i], array_values(array_filter(array_keys($kept), fn (int $i): bool => isset($points[$i]))));
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point> those that are not where the one before is
     */
    private static function apart(array $points): array
    {
        $out = [];
        foreach ($points as $point) {
            if ($out === [] || $out[count($out) - 1]->minus($point)->length() > self::SAME) {
                $out[] = $point;
            }
        }

        return $out;
    }

    private static function toLine(Point $point, Point $from, Point $to): float
    {
        $way = $to->minus($from);
        $length = $way->dot($way);
        $share = $length <= 0 ? 0.0 : max(0.0, min(1.0, $point->minus($from)->dot($way) / $length));

        return $point->minus($from->towards($to, $share))->length();
    }

    /**
     * From corner to corner.
     *
     * @param  list<Point>  $points
     * @return list<list<Point>>
     */
    private function runs(array $points): array
    {
        $last = count($points) - 1;
        $turns = [];
        for ($i = 1; $i < $last; $i++) {
            [$in, $out] = [$points[$i]->minus(self::along($points, $i, -1)), self::along($points, $i, 1)->minus($points[$i])];
            $turns[$i] = $in->length() > 0 && $out->length() > 0 ? abs(rad2deg(atan2($in->cross($out), $in->dot($out)))) : 0.0;
        }
        $runs = [];
        $from = 0;
        foreach ($turns as $i => $turn) {
            if ($turn < self::CORNER || $points[$i]->minus($points[$from])->length() < self::WINDOW) {
                continue;
            }
            // The sharpest place within reach is the corner.
            $near = array_filter($turns, fn (float $other, int $j): bool => abs($j - $i) <= 40 && $points[$j]->minus($points[$i])->length() <= self::WINDOW && ($other > $turn || ($other === $turn && $j < $i)), ARRAY_FILTER_USE_BOTH);
            if ($near === []) {
                $runs[] = array_slice($points, $from, $i - $from + 1);
                $from = $i;
            }
        }
        $runs[] = array_slice($points, $from);

        return $runs;
    }

    /**
     * The direction in which what comes back to where it began goes on there, of the length one; null where it turns sharply.
     *
     * @param  list<Point>  $points  of which the last is the first
     */
    private static function roundThere(array $points): ?Point
    {
        $last = count($points) - 1;
        [$in, $out] = [$points[$last]->minus(self::along($points, $last, -1)), self::along($points, 0, 1)->minus($points[0])];
        $way = $in->plus($out);
        $turn = abs(rad2deg(atan2($in->cross($out), $in->dot($out))));

        return $turn < self::CORNER && $way->length() > 0 ? $way->times(1 / $way->length()) : null;
    }

    /** @param  list<Point>  $run */
    private function isStraight(array $run): bool
    {
        $last = $run[count($run) - 1];

        return max(0.0, ...array_map(fn (Point $point): float => self::toLine($point, $run[0], $last), $run)) <= $this->tolerance / 2;
    }

    /**
     * The place on the way that is so far before or after a point.
     *
     * @param  list<Point>  $points
     */
    private static function along(array $points, int $at, int $step): Point
    {
        $found = $points[$at];
        for ($i = $at + $step; isset($points[$i]) && $found->minus($points[$at])->length() < self::WINDOW; $i += $step) {
            $found = $points[$i];
        }

        return $found;
    }

    /**
     * The direction in which a run leaves a point, of the length one.
     *
     * @param  list<Point>  $points
     */
    private static function direction(array $points, int $at, int $step): Point
    {
        // Over a few points: the first px of a stroke say little.
        $other = $points[max(0, min(count($points) - 1, $at + 3 * $step))];
        $way = $other->minus($points[$at]);

        return $way->length() > 0 ? $way->times(1 / $way->length()) : new Point($step, 0);
    }

    /**
     * @param  list<Point>  $points  two at least
     * @param  Point  $start  the direction at the first, of the length one
     * @param  Point  $end  the direction back from the last
     * @return list<Cubic>
     */
    private function curves(array $points, Point $start, Point $end): array
    {
        $last = count($points) - 1;
        if ($last === 1) {
            return [Cubic::line($points[0], $points[1])];
        }
        $places = self::places($points);
        [$off, $furthest, $curve] = [INF, intdiv($last, 2), null];
        for ($try = 0; $try < self::TRIES; $try++) {
            $next = self::curve($points, $places, $start, $end);
            [$far, $at] = self::off($points, $places, $next);
            if ($far < $off) {
                [$off, $furthest, $curve] = [$far, $at, $next];
            }
            if ($off <= $this->tolerance) {
                return [$curve ?? $next];
            }
            // One that is far off comes to nothing.
            if ($off > 6 * $this->tolerance) {
                break;
            }
            $places = self::better($points, $places, $next);
        }
        // A long run is never cut so near to an end that the rest of it is as much work again.
        $min = $last > self::LONG ? intdiv($last, 8) : 1;
        $split = max($min, min($last - $min, $furthest));
        $way = $points[min($last, $split + 2)]->minus($points[max(0, $split - 2)]);
        $way = $way->length() > 0 ? $way->times(1 / $way->length()) : new Point(1, 0);

        return [...$this->curves(array_slice($points, 0, $split + 1), $start, $way->times(-1)), ...$this->curves(array_slice($points, $split), $way, $end)];
    }

    /**
     * @param  list<Point>  $points
     * @return list<float> how far along each lies, from 0 to 1
     */
    private static function places(array $points): array
    {
        $places = [0.0];
        for ($i = 1; $i < count($points); $i++) {
            $places[] = $places[$i - 1] + $points[$i]->minus($points[$i - 1])->length();
        }
        $whole = $places[count($places) - 1];

        return array_map(fn (float $place): float => $place / $whole, $places);
    }

    /**
     * The curve between the ends of a run, its handles in the given directions, that is least off by squares.
     *
     * @param  list<Point>  $points
     * @param  list<float>  $places
     */
    private static function curve(array $points, array $places, Point $start, Point $end): Cubic
    {
        [$first, $last] = [$points[0], $points[count($points) - 1]];
        [$c00, $c01, $c11, $x0, $x1] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($places as $i => $t) {
            $u = 1 - $t;
            [$a, $b] = [$start->times(3 * $t * $u * $u), $end->times(3 * $t * $t * $u)];
            $rest = $points[$i]->minus($first->times($u ** 3 + 3 * $t * $u * $u))->minus($last->times($t ** 3 + 3 * $t * $t * $u));
            $c00 += $a->dot($a);
            $c01 += $a->dot($b);
            $c11 += $b->dot($b);
            $x0 += $a->dot($rest);
            $x1 += $b->dot($rest);
        }
        $under = $c00 * $c11 - $c01 * $c01;
        $length = $last->minus($first)->length();
        [$before, $after] = abs($under) > 1e-12 ? [($x0 * $c11 - $x1 * $c01) / $under, ($c00 * $x1 - $c01 * $x0) / $under] : [0.0, 0.0];
        // What points backwards, or flies away, is taken as a third of the way (Wu and Barsky).
        if ($before < 1e-6 * $length || $after < 1e-6 * $length || $before > 4 * $length + 100 || $after > 4 * $length + 100) {
            $before = $after = $length / 3;
        }

        return new Cubic($first, $first->plus($start->times($before)), $last->plus($end->times($after)), $last);
    }

    /**
     * @param  list<Point>  $points
     * @param  list<float>  $places
     * @return array{float, int} how far off the furthest point is, px, and which that is
     */
    private static function off(array $points, array $places, Cubic $curve): array
    {
        [$far, $at] = [0.0, intdiv(count($points), 2)];
        foreach ($places as $i => $t) {
            $distance = $curve->at($t)->minus($points[$i])->length();
            if ($distance > $far) {
                [$far, $at] = [$distance, $i];
            }
        }

        return [$far, $at];
    }

    /**
     * Places nearer to where each point is on the curve: one step of Newton's method.
     *
     * @param  list<Point>  $points
     * @param  list<float>  $places
     * @return list<float>
     */
    private static function better(array $points, array $places, Cubic $curve): array
    {
        [$ab, $bc, $cd] = [$curve->b->minus($curve->a)->times(3), $curve->c->minus($curve->b)->times(3), $curve->d->minus($curve->c)->times(3)];
        $out = [];
        foreach ($places as $i => $t) {
            $u = 1 - $t;
            $away = $curve->at($t)->minus($points[$i]);
            $first = $ab->times($u * $u)->plus($bc->times(2 * $u * $t))->plus($cd->times($t * $t));
            $second = $bc->minus($ab)->times(2 * $u)->plus($cd->minus($bc)->times(2 * $t));
            $under = $first->dot($first) + $away->dot($second);
            $out[] = abs($under) < 1e-12 ? $t : max(0.0, min(1.0, $t - $away->dot($first) / $under));
        }

        return $out;
    }
}
