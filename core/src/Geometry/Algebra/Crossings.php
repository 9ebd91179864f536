<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Input\InvalidInput;

/**
 * Where arcs cross, touch or begin to lie on each other. Boxes that overlap are found by a sweep from left to right; within two of them curves
 * are halved until no more than one crossing can be there, which Newton's method then finds: halves are left out whose boxes do not meet, or of
 * which one lies beside the strip that the other lies in (Sederberg and Nishita, "Curve intersection using Bézier clipping", 1990).
 *
 * @phpstan-import-type Numbers from Arc
 */
final class Crossings
{
    /** So many halvings, for two arcs, and for all. */
    private const MAX = 30_000;

    private const MOST_IN_ALL = 600_000;

    /** Arcs that cross so often, or so many curves that lie so near each other, are no drawing. */
    private const MOST_CROSSINGS = 8_000;

    private const MOST_NEAR = 60_000;

    /** @var array<int, list<array{float, float, float}>> by the number of an arc, where it is cut and where that lies */
    public array $cuts = [];

    /** Whether something was given up, as arcs lie too near to each other for this tolerance. */
    public bool $givenUp = false;

    private int $halvings = 0;

    private int $crossings = 0;

    private int $beside = 0;

    /**
     * @param  float  $near  what is less apart lies in one place, px
     *
     * @throws InvalidInput where there are too many
     */
    public function __construct(private readonly Pieces $pieces, private readonly float $near)
    {
        $this->sweep();
        $this->settle();
    }

    private function sweep(): void
    {
        [$arcs, $near] = [$this->pieces->arcs, $this->near];
        $left = $right = $top = $bottom = $line = [];
        foreach ($arcs as $i => $c) {
            [$left[], $right[]] = $c[0] < $c[6] ? [$c[0], $c[6]] : [$c[6], $c[0]];
            [$top[], $bottom[]] = $c[1] < $c[7] ? [$c[1] - $near, $c[7] + $near] : [$c[7] - $near, $c[1] + $near];
            $line[] = $this->pieces->lines[$this->pieces->of[$i]];
        }
        $order = $left;
        asort($order);
        $active = [];
        foreach ($order as $i => $from) {
            $from -= $near;
            [$above, $below] = [$top[$i], $bottom[$i]];
            foreach ($active as $j => $until) {
                if ($until < $from) {
                    unset($active[$j]);
                } elseif ($top[$j] <= $below && $bottom[$j] >= $above) {
                    // Of those that follow each other most meet in that point alone.
                    if (abs($i - $j) === 1 && $until - $left[$i] <= $near && ($bottom[$i] < $bottom[$j] ? $bottom[$i] : $bottom[$j]) - ($top[$i] > $top[$j] ? $top[$i] : $top[$j]) <= 3 * $near) {
                        continue;
                    }
                    if ($line[$i] && $line[$j]) {
                        $this->lines($i, $j, $arcs[$i], $arcs[$j]);
                    } else {
                        $this->curves($i, $j);
                    }
                }
            }
            $active[$i] = $right[$i];
        }
    }

    /** Every arc is cut where another was cut right on it, so that what lies on each other is cut in the same places. */
    private function settle(): void
    {
        $places = [];
        foreach ($this->cuts as $cuts) {
            foreach ($cuts as [, $x, $y]) {
                $places["{$x} {$y}"] = [$x, $y];
            }
        }
        if ($places === []) {
            return;
        }
        sort($places);
        $count = count($places);
        $columns = array_column($places, 0);
        foreach ($this->pieces->arcs as $arc => $c) {
            [$left, $right] = $c[0] < $c[6] ? [$c[0], $c[6]] : [$c[6], $c[0]];
            [$top, $bottom] = $c[1] < $c[7] ? [$c[1], $c[7]] : [$c[7], $c[1]];
            // The first place that is not left of it, by halving.
            [$first, $after] = [0, $count];
            while ($first < $after) {
                $middle = ($first + $after) >> 1;
                if ($columns[$middle] < $left - $this->near) {
                    $first = $middle + 1;
                } else {
                    $after = $middle;
                }
            }
            for ($i = $first; $i < $count && $columns[$i] <= $right + $this->near; $i++) {
                [$x, $y] = $places[$i];
                if ($y >= $top - $this->near && $y <= $bottom + $this->near && ($t = $this->on($c, $x, $y)) !== null) {
                    $this->cuts[$arc][] = [$t, $x, $y];
                }
            }
        }
    }

    /**
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private function lines(int $i, int $j, array $a, array $b): void
    {
        $near = $this->near;
        [$ax, $ay, $bx, $by] = [$a[0], $a[1], $b[0], $b[1]];
        [$ux, $uy, $vx, $vy] = [$a[6] - $ax, $a[7] - $ay, $b[6] - $bx, $b[7] - $by];
        [$wx, $wy] = [$bx - $ax, $by - $ay];
        [$long, $wide] = [sqrt($ux * $ux + $uy * $uy), sqrt($vx * $vx + $vy * $vy)];
        // How far the ends of each lie from the line through the other.
        $b0 = ($ux * $wy - $uy * $wx) / $long;
        $b1 = $b0 + ($ux * $vy - $uy * $vx) / $long;
        if (($b0 > $near && $b1 > $near) || ($b0 < -$near && $b1 < -$near)) {
            return;
        }
        $a0 = ($vy * $wx - $vx * $wy) / $wide;
        $a1 = $a0 + ($vx * $uy - $vy * $ux) / $wide;
        if (($a0 > $near && $a1 > $near) || ($a0 < -$near && $a1 < -$near)) {
            return;
        }
        $touches = false;
        foreach ([[$b0, $wx, $wy, $bx, $by], [$b1, $wx + $vx, $wy + $vy, $b[6], $b[7]]] as [$off, $x, $y, $px, $py]) {
            if ($off <= $near && $off >= -$near) {
                $along = ($x * $ux + $y * $uy) / $long;
                if ($along >= -$near && $along <= $long + $near) {
                    $touches = true;
                    if ($along > $near && $along < $long - $near) {
                        $this->cuts[$i][] = [$along / $long, $px, $py];
                    }
                }
            }
        }
        foreach ([[$a0, -$wx, -$wy, $ax, $ay], [$a1, $ux - $wx, $uy - $wy, $a[6], $a[7]]] as [$off, $x, $y, $px, $py]) {
            if ($off <= $near && $off >= -$near) {
                $along = ($x * $vx + $y * $vy) / $wide;
                if ($along >= -$near && $along <= $wide + $near) {
                    $touches = true;
                    if ($along > $near && $along < $wide - $near) {
                        $this->cuts[$j][] = [$along / $wide, $px, $py];
                    }
                }
            }
        }
        if ($touches || ($b0 > 0) === ($b1 > 0) || ($a0 > 0) === ($a1 > 0)) {
            return;
        }
        $this->count(1, 0);
        $t = $a0 / ($a0 - $a1);
        [$x, $y] = [$ax + $ux * $t, $ay + $uy * $t];
        $this->cuts[$i][] = [$t, $x, $y];
        $this->cuts[$j][] = [$b0 / ($b0 - $b1), $x, $y];
    }

    private function count(int $crossings, int $beside): void
    {
        $this->crossings += $crossings;
        $this->beside += $beside;
        if ($this->crossings > self::MOST_CROSSINGS || $this->beside > self::MOST_NEAR) {
            throw new InvalidInput('', 'These outlines cross each other too often to be put together; make them simpler first. Nothing was changed.');
        }
    }

    private function curves(int $i, int $j): void
    {
        [$a, $b] = [$this->pieces->arcs[$i], $this->pieces->arcs[$j]];
        if (self::part($a, $b) || self::beside($a, $b, $this->near) || self::beside($b, $a, $this->near)) {
            return;
        }
        $this->count(0, 1);
        // Ends of one that lie on the other.
        $touches = [];
        foreach ([0.0, 1.0] as $end) {
            [$x, $y] = $end > 0 ? [$b[6], $b[7]] : [$b[0], $b[1]];
            if (($t = $this->on($a, $x, $y)) !== null) {
                $this->cuts[$i][] = [$t, $x, $y];
                $touches[] = $t;
            }
            [$x, $y] = $end > 0 ? [$a[6], $a[7]] : [$a[0], $a[1]];
            if (($t = $this->on($b, $x, $y)) !== null) {
                $this->cuts[$j][] = [$t, $x, $y];
                $touches[] = $end;
            }
        }
        if (count($touches) > 1 && $this->liesOn($a, min($touches), max($touches), $b)) {
            return;
        }
        $this->halve($i, $j);
    }

    /**
     * Whether they have an end in common, where a line parts them: they meet nowhere else. So do most of those that follow each other.
     *
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private static function part(array $a, array $b): bool
    {
        if ($a[6] === $b[0] && $a[7] === $b[1]) {
            $a = [$a[6], $a[7], $a[4], $a[5], $a[2], $a[3], $a[0], $a[1]];
        } elseif ($a[0] === $b[6] && $a[1] === $b[7]) {
            $b = [$b[6], $b[7], $b[4], $b[5], $b[2], $b[3], $b[0], $b[1]];
        } elseif ($a[6] === $b[6] && $a[7] === $b[7]) {
            [$a, $b] = [[$a[6], $a[7], $a[4], $a[5], $a[2], $a[3], $a[0], $a[1]], [$b[6], $b[7], $b[4], $b[5], $b[2], $b[3], $b[0], $b[1]]];
        } elseif ($a[0] !== $b[0] || $a[1] !== $b[1]) {
            return false;
        }
        [$x, $y] = [$a[0], $a[1]];
        [$ax, $ay, $bx, $by] = [$a[6] - $x, $a[7] - $y, $b[6] - $x, $b[7] - $y];
        [$long, $wide] = [sqrt($ax * $ax + $ay * $ay), sqrt($bx * $bx + $by * $by)];
        if ($long <= 0.0 || $wide <= 0.0) {
            return false;
        }
        // The line across what lies between both directions; handles that have no length lie on it.
        [$dx, $dy] = [$ax / $long - $bx / $wide, $ay / $long - $by / $wide];
        $min = 1e-6 * ($dx * $dx + $dy * $dy);

        return $ax * $dx + $ay * $dy > $min * $long && $bx * $dx + $by * $dy < -$min * $wide
            && ($a[2] - $x) * $dx + ($a[3] - $y) * $dy >= 0 && ($a[4] - $x) * $dx + ($a[5] - $y) * $dy >= 0
            && ($b[2] - $x) * $dx + ($b[3] - $y) * $dy <= 0 && ($b[4] - $x) * $dx + ($b[5] - $y) * $dy <= 0;
    }

    /**
     * Whether the part of an arc between two places lies on another.
     *
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private function liesOn(array $a, float $from, float $to, array $b): bool
    {
        [[$x0, $y0], [$x1, $y1]] = [Arc::at($a, $from), Arc::at($a, $to)];
        if (hypot($x1 - $x0, $y1 - $y0) <= 4 * $this->near) {
            return false;
        }
        foreach ([0.5, 0.21, 0.83] as $share) {
            [$x, $y] = Arc::at($a, $from + ($to - $from) * $share);
            if ($this->on($b, $x, $y) === null) {
                return false;
            }
        }

        return true;
    }

    /**
     * Where a place lies on an arc, or nearly; null where it does not.
     *
     * @param  Numbers  $c
     */
    public function on(array $c, float $x, float $y): ?float
    {
        $near = $this->near;
        if ($x < min($c[0], $c[6]) - $near || $x > max($c[0], $c[6]) + $near || $y < min($c[1], $c[7]) - $near || $y > max($c[1], $c[7]) + $near) {
            return null;
        }
        $upright = abs($c[7] - $c[1]) > abs($c[6] - $c[0]);
        $t = Arc::place($c, $upright ? 1 : 0, $upright ? $y : $x);
        for ($i = 0; ; $i++) {
            [$px, $py] = Arc::at($c, $t);
            if (($px - $x) ** 2 + ($py - $y) ** 2 <= $near * $near) {
                return $t;
            }
            [$dx, $dy] = Arc::speed($c, $t);
            $speed = $dx * $dx + $dy * $dy;
            if ($i === 3 || $speed === 0.0) {
                return null;
            }
            $t = max(0.0, min(1.0, $t + (($x - $px) * $dx + ($y - $py) * $dy) / $speed));
        }
    }

    private function halve(int $i, int $j): void
    {
        [$arcA, $arcB] = [$this->pieces->arcs[$i], $this->pieces->arcs[$j]];
        $exact = $this->pieces->extent * 1e-15;
        $left = [[$arcA, 0.0, 1.0, $arcB, 0.0, 1.0]];
        for ($count = 0; $left !== []; $count++) {
            if ($count > self::MAX || ++$this->halvings > self::MOST_IN_ALL) {
                $this->givenUp = true;

                return;
            }
            [$a, $a0, $a1, $b, $b0, $b1] = array_pop($left);
            if (! self::meet($a, $b, $exact) || self::beside($a, $b, $exact) || self::beside($b, $a, $exact)) {
                continue;
            }
            $long = abs($a[6] - $a[0]) + abs($a[7] - $a[1]);
            $wide = abs($b[6] - $b[0]) + abs($b[7] - $b[1]);
            if ($this->once($a, $b) || max($long, $wide) <= $this->near) {
                [$t, $u] = self::chords($a, $b);
                $found = $this->newton($arcA, $arcB, $a0 + $t * ($a1 - $a0), $b0 + $u * ($b1 - $b0), $a0, $a1, $b0, $b1);
                if ($found !== null) {
                    [$t, $u] = $found;
                    [$x, $y] = Arc::at($arcA, $t);
                    $this->count(1, 0);
                    $this->cuts[$i][] = [$t, $x, $y];
                    $this->cuts[$j][] = [$u, $x, $y];

                    continue;
                }
                if (max($long, $wide) <= $this->near) {
                    continue;
                }
            }
            // The longer one is halved.
            if ($long >= $wide) {
                $m = ($a0 + $a1) / 2;
                [$one, $two] = Arc::halves($a, 0.5);
                $left[] = [$one, $a0, $m, $b, $b0, $b1];
                $left[] = [$two, $m, $a1, $b, $b0, $b1];
            } else {
                $m = ($b0 + $b1) / 2;
                [$one, $two] = Arc::halves($b, 0.5);
                $left[] = [$a, $a0, $a1, $one, $b0, $m];
                $left[] = [$a, $a0, $a1, $two, $m, $b1];
            }
        }
    }

    /**
     * Whether the boxes between their ends meet.
     *
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private static function meet(array $a, array $b, float $exact): bool
    {
        return ($a[0] < $a[6] ? $a[0] : $a[6]) <= ($b[0] > $b[6] ? $b[0] : $b[6]) + $exact && ($a[0] > $a[6] ? $a[0] : $a[6]) >= ($b[0] < $b[6] ? $b[0] : $b[6]) - $exact
            && ($a[1] < $a[7] ? $a[1] : $a[7]) <= ($b[1] > $b[7] ? $b[1] : $b[7]) + $exact && ($a[1] > $a[7] ? $a[1] : $a[7]) >= ($b[1] < $b[7] ? $b[1] : $b[7]) - $exact;
    }

    /**
     * Whether an arc lies beside the strip along the other's chord in which that one lies.
     *
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private static function beside(array $a, array $b, float $slack): bool
    {
        [$x, $y] = [$a[0], $a[1]];
        [$nx, $ny] = [$y - $a[7], $a[6] - $x];
        $one = $nx * ($a[2] - $x) + $ny * ($a[3] - $y);
        $two = $nx * ($a[4] - $x) + $ny * ($a[5] - $y);
        $share = $one * $two > 0 ? 0.75 : 4 / 9;
        $slack *= abs($nx) + abs($ny);
        $min = $share * min(0.0, $one, $two) - $slack;
        $max = $share * max(0.0, $one, $two) + $slack;
        $d0 = $nx * ($b[0] - $x) + $ny * ($b[1] - $y);
        $d1 = $nx * ($b[2] - $x) + $ny * ($b[3] - $y);
        $d2 = $nx * ($b[4] - $x) + $ny * ($b[5] - $y);
        $d3 = $nx * ($b[6] - $x) + $ny * ($b[7] - $y);

        return ($d0 > $max && $d1 > $max && $d2 > $max && $d3 > $max) || ($d0 < $min && $d1 < $min && $d2 < $min && $d3 < $min);
    }

    /**
     * Whether every direction that one runs in lies to the same side of every one of the other's: then they cross no more than once.
     *
     * @param  Numbers  $a
     * @param  Numbers  $b
     */
    private function once(array $a, array $b): bool
    {
        $side = 0;
        for ($k = 0; $k < 6; $k += 2) {
            [$ux, $uy] = [$a[$k + 2] - $a[$k], $a[$k + 3] - $a[$k + 1]];
            for ($l = 0; $l < 6; $l += 2) {
                $cross = $ux * ($b[$l + 3] - $b[$l + 1]) - $uy * ($b[$l + 2] - $b[$l]);
                $now = $cross <=> 0.0;
                if ($now !== 0 && $side !== 0 && $now !== $side) {
                    return false;
                }
                $side = $now !== 0 ? $now : $side;
            }
        }

        return $side !== 0;
    }

    /**
     * @param  Numbers  $a
     * @param  Numbers  $b
     * @return array{float, float} where the lines between their ends cross, as shares of these, a little off the ends, where a curve may stand still
     */
    private static function chords(array $a, array $b): array
    {
        [$ux, $uy, $vx, $vy, $wx, $wy] = [$a[6] - $a[0], $a[7] - $a[1], $b[6] - $b[0], $b[7] - $b[1], $b[0] - $a[0], $b[1] - $a[1]];
        $under = $ux * $vy - $uy * $vx;
        if ($under === 0.0) {
            return [0.5, 0.5];
        }

        return [max(0.02, min(0.98, ($wx * $vy - $wy * $vx) / $under)), max(0.02, min(0.98, ($wx * $uy - $wy * $ux) / $under))];
    }

    /**
     * @param  Numbers  $a
     * @param  Numbers  $b
     * @return array{float, float}|null the places on both where they cross, within what is given
     */
    private function newton(array $a, array $b, float $t, float $u, float $a0, float $a1, float $b0, float $b1): ?array
    {
        [$long, $wide] = [0.1 * ($a1 - $a0), 0.1 * ($b1 - $b0)];
        for ($i = 0; $i < 12; $i++) {
            [[$ax, $ay], [$bx, $by]] = [Arc::at($a, $t), Arc::at($b, $u)];
            [[$adx, $ady], [$bdx, $bdy]] = [Arc::speed($a, $t), Arc::speed($b, $u)];
            [$x, $y] = [$bx - $ax, $by - $ay];
            $under = $adx * $bdy - $ady * $bdx;
            if (abs($under) <= 1e-14 * (abs($adx) + abs($ady)) * (abs($bdx) + abs($bdy))) {
                return null;
            }
            [$dt, $du] = [($x * $bdy - $y * $bdx) / $under, ($x * $ady - $y * $adx) / $under];
            $t += $dt;
            $u += $du;
            if ($t < $a0 - $long || $t > $a1 + $long || $u < $b0 - $wide || $u > $b1 + $wide) {
                return null;
            }
            if (abs($dt) + abs($du) < 1e-13) {
                break;
            }
        }
        $slack = 1e-10;
        if ($t < $a0 - $slack || $t > $a1 + $slack || $u < $b0 - $slack || $u > $b1 + $slack) {
            return null;
        }
        [$t, $u] = [max(0.0, min(1.0, $t)), max(0.0, min(1.0, $u))];
        [[$ax, $ay], [$bx, $by]] = [Arc::at($a, $t), Arc::at($b, $u)];

        return ($ax - $bx) ** 2 + ($ay - $by) ** 2 <= $this->near * $this->near ? [$t, $u] : null;
    }
}
