<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Geometry\Curve\Cubic;

/**
 * Cubic Bézier curves as eight numbers, x and y of their four control points in turn: there are many of them, and objects would cost more than
 * what is reckoned with them.
 *
 * @phpstan-type Numbers array{float, float, float, float, float, float, float, float}
 */
final class Arc
{
    /** Places that are less apart, as shares of a curve, are one. */
    private const SAME = 1e-12;

    /**
     * @param  Numbers  $c
     * @return array{float, float}
     */
    public static function at(array $c, float $t): array
    {
        $u = 1 - $t;
        [$p, $q, $r, $s] = [$u * $u * $u, 3 * $u * $u * $t, 3 * $u * $t * $t, $t * $t * $t];

        return [$p * $c[0] + $q * $c[2] + $r * $c[4] + $s * $c[6], $p * $c[1] + $q * $c[3] + $r * $c[5] + $s * $c[7]];
    }

    /**
     * How fast it runs there.
     *
     * @param  Numbers  $c
     * @return array{float, float}
     */
    public static function speed(array $c, float $t): array
    {
        $u = 1 - $t;
        [$p, $q, $r] = [3 * $u * $u, 6 * $u * $t, 3 * $t * $t];

        return [
            $p * ($c[2] - $c[0]) + $q * ($c[4] - $c[2]) + $r * ($c[6] - $c[4]),
            $p * ($c[3] - $c[1]) + $q * ($c[5] - $c[3]) + $r * ($c[7] - $c[5]),
        ];
    }

    /**
     * The part of it between two places (de Casteljau).
     *
     * @param  Numbers  $c
     * @return Numbers
     */
    public static function range(array $c, float $from, float $to): array
    {
        if ($to < 1) {
            $c = self::halves($c, $to)[0];
        }

        return $from > 0 ? self::halves($c, $to > 0 ? $from / $to : 0.0)[1] : $c;
    }

    /**
     * Before and after a place.
     *
     * @param  Numbers  $c
     * @return array{Numbers, Numbers}
     */
    public static function halves(array $c, float $t): array
    {
        [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $c;
        [$ax, $ay, $bx, $by, $cx, $cy] = [$x0 + ($x1 - $x0) * $t, $y0 + ($y1 - $y0) * $t, $x1 + ($x2 - $x1) * $t, $y1 + ($y2 - $y1) * $t, $x2 + ($x3 - $x2) * $t, $y2 + ($y3 - $y2) * $t];
        [$dx, $dy, $ex, $ey] = [$ax + ($bx - $ax) * $t, $ay + ($by - $ay) * $t, $bx + ($cx - $bx) * $t, $by + ($cy - $by) * $t];
        [$fx, $fy] = [$dx + ($ex - $dx) * $t, $dy + ($ey - $dy) * $t];

        return [[$x0, $y0, $ax, $ay, $dx, $dy, $fx, $fy], [$fx, $fy, $ex, $ey, $cx, $cy, $x3, $y3]];
    }

    /**
     * @param  Numbers  $c
     * @return Numbers
     */
    public static function reversed(array $c): array
    {
        return [$c[6], $c[7], $c[4], $c[5], $c[2], $c[3], $c[0], $c[1]];
    }

    /**
     * Where it turns back along an axis, between its ends, in their order.
     *
     * @param  Numbers  $c
     * @return list<float>
     */
    public static function turns(array $c): array
    {
        $found = [];
        foreach ([0, 1] as $axis) {
            // Where its points follow each other it does not turn back.
            if (($c[$axis] <= $c[2 + $axis] && $c[2 + $axis] <= $c[4 + $axis] && $c[4 + $axis] <= $c[6 + $axis]) || ($c[$axis] >= $c[2 + $axis] && $c[2 + $axis] >= $c[4 + $axis] && $c[4 + $axis] >= $c[6 + $axis])) {
                continue;
            }
            array_push($found, ...Cubic::turns($c[$axis], $c[2 + $axis], $c[4 + $axis], $c[6 + $axis]));
        }
        if ($found === []) {
            return [];
        }
        sort($found);
        $apart = [];
        foreach ($found as $t) {
            if ($t > self::SAME && $t < 1 - self::SAME && ($apart === [] || $t - $apart[count($apart) - 1] > self::SAME)) {
                $apart[] = $t;
            }
        }

        return $apart;
    }

    /**
     * Where one that does not turn back along an axis has a value there; the end that is nearer where it has it nowhere.
     *
     * @param  Numbers  $c
     * @param  int  $axis  0 for x, 1 for y
     */
    public static function place(array $c, int $axis, float $value): float
    {
        [$p0, $p1, $p2, $p3] = [$c[$axis], $c[2 + $axis], $c[4 + $axis], $c[6 + $axis]];
        $rises = $p3 >= $p0;
        if ($rises ? $value <= $p0 : $value >= $p0) {
            return 0.0;
        }
        if ($rises ? $value >= $p3 : $value <= $p3) {
            return 1.0;
        }
        [$low, $high] = [0.0, 1.0];
        $t = ($value - $p0) / ($p3 - $p0);
        // Newton's method within what still holds it.
        for ($i = 0; $i < 64 && $high - $low > 1e-16; $i++) {
            $u = 1 - $t;
            $off = $u * $u * $u * $p0 + 3 * $u * $u * $t * $p1 + 3 * $u * $t * $t * $p2 + $t * $t * $t * $p3 - $value;
            if ($off === 0.0) {
                break;
            }
            if (($off < 0) === $rises) {
                $low = $t;
            } else {
                $high = $t;
            }
            $slope = 3 * ($u * $u * ($p1 - $p0) + 2 * $u * $t * ($p2 - $p1) + $t * $t * ($p3 - $p2));
            $next = $slope === 0.0 ? -1.0 : $t - $off / $slope;
            if (! ($next > $low && $next < $high)) {
                $next = ($low + $high) / 2;
            }
            if (abs($next - $t) < 1e-16) {
                break;
            }
            $t = $next;
        }

        return $t;
    }
}
