<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Point;

/**
 * What lies within a distance of a curve, in pieces that are put together: a strip along each part of the curve, bounded by curves beside it
 * with the derivative that the true one has at its ends (Tiller and Hanson, "Offsets of two-dimensional profiles", 1984, parted until they are
 * near enough), and what fills the corners and ends. All run the same way round, so that what several cover is inside.
 */
final class Beside
{
    /** How far off a curve beside another may be, px, or that share of the distance where it is more. */
    private const OFF = 0.01;

    private const SHARE = 0.001;

    /** Parts turn by no more, rad. */
    private const TURN = 1.1;

    private const DEEPEST = 9;

    /** So many pieces are put together at once. */
    private const FEW = 60;

    /** Turns by less are none, as the sine of their angle. */
    private const STRAIGHT = 1e-6;

    /** @var list<Subpath> */
    private array $pieces = [];

    /** @param  float  $distance  px, more than 0 */
    public function __construct(private readonly float $distance)
    {
    }

    /** Everything so far, as one shape. */
    public function shape(): Curves
    {
        return self::together($this->pieces);
    }

    /**
     * Few at a time, then what these come to: so pieces that lie on each other cross only those near them.
     *
     * @param  list<Subpath>  $pieces
     */
    private static function together(array $pieces): Curves
    {
        if (count($pieces) <= self::FEW) {
            return Algebra::of([new Operand(new Curves($pieces))]);
        }
        $half = intdiv(count($pieces), 2);

        return Algebra::of([new Operand(self::together(array_slice($pieces, 0, $half))), new Operand(self::together(array_slice($pieces, $half)))]);
    }

    public function along(Cubic $curve, int $depth = 0): void
    {
        $parts = $depth > 0 || $curve->isLine() ? [] : Arc::turns(self::numbers($curve));
        if ($parts !== []) {
            $before = 0.0;
            foreach ($parts as $t) {
                [$one, $curve] = $curve->split(($t - $before) / (1 - $before));
                $this->along($one, 1);
                $before = $t;
            }
            $this->along($curve, 1);

            return;
        }
        [$from, $to] = [$curve->direction(), $curve->reversed()->direction()?->times(-1)];
        if ($from === null || $to === null) {
            return;
        }
        [$left, $right] = [$this->beside($curve, $from, $to, $this->distance), $this->beside($curve, $from, $to, -$this->distance)];
        if ($depth < self::DEEPEST && (! $left['near'] || ! $right['near'] || abs(self::turn($from, $to)) > self::TURN)) {
            [$one, $two] = $curve->split(0.5);
            $this->along($one, max(1, $depth) + 1);
            $this->along($two, max(1, $depth) + 1);

            return;
        }
        $this->strip($curve, $left['curve'], $right['curve']);
    }

    /** What fills the corner between two directions at a point: round, or as pointed as `miter` allows, as a ratio (SVG 2, section 13.5.5), or cut off with 0. */
    public function corner(Point $at, Point $before, Point $after, bool $round, float $miter): void
    {
        [$cross, $dot] = [$before->cross($after), $before->dot($after)];
        if (abs($cross) <= self::STRAIGHT && $dot > 0) {
            return;
        }
        // It opens on the outside of the turn.
        $turn = self::turn($before, $after);
        $side = $turn > 0 ? -$this->distance : $this->distance;
        [$one, $two] = [self::normal($before)->times($side), self::normal($after)->times($side)];
        if ($round) {
            $this->sector($at, $one, $turn);

            return;
        }
        // The length of the point over the width of the stroke is 1 / sin of half the angle between the two.
        $half = sqrt(max(0.0, (1 + $dot) / 2));
        $tip = $half > 1e-9 && 1 / $half <= $miter ? [$at->plus($one->plus($two)->times(1 / (1 + $dot)))] : [];
        $this->polygon($at, $at->plus($one), ...[...$tip, $at->plus($two)]);
    }

    /** Half a circle beyond an end that the way leads to, or half a square. */
    public function end(Point $at, Point $way, bool $round): void
    {
        $across = self::normal($way)->times($this->distance);
        if ($round) {
            $this->sector($at, $across, -M_PI);

            return;
        }
        $on = $way->times($this->distance);
        $this->polygon($at->plus($across), $at->plus($across)->plus($on), $at->minus($across)->plus($on), $at->minus($across));
    }

    /** @return array{curve: Cubic, near: bool} the curve beside another, and whether it is as far from that as it should be */
    private function beside(Cubic $curve, Point $from, Point $to, float $side): array
    {
        [$a, $d] = [$curve->a->plus(self::normal($from)->times($side)), $curve->d->plus(self::normal($to)->times($side))];
        if ($curve->isLine()) {
            return ['curve' => Cubic::line($a, $d), 'near' => true];
        }
        $numbers = self::numbers($curve);
        [$first, $last] = [1 - $side * self::bend($numbers, 0.0), 1 - $side * self::bend($numbers, 1.0)];
        // Where it bends more than a circle of that radius there is nothing on its inner side.
        if ($first <= 0 || $last <= 0 || 1 - $side * self::bend($numbers, 0.5) <= 0) {
            return ['curve' => Cubic::line($a, $d), 'near' => true];
        }
        $third = $d->minus($a)->length() / 3;
        $handle = fn (Point $handle, float $factor, Point $way): Point => is_finite($factor) && $handle->length() > 1e-9 ? $handle->times($factor) : $way->times($third);
        $beside = new Cubic($a, $a->plus($handle($curve->b->minus($curve->a), $first, $from)), $d->minus($handle($curve->d->minus($curve->c), $last, $to)), $d);

        return ['curve' => $beside, 'near' => $this->isNear($numbers, $beside)];
    }

    /** @param  array{float, float, float, float, float, float, float, float}  $curve */
    private function isNear(array $curve, Cubic $beside): bool
    {
        $off = max(self::OFF, self::SHARE * $this->distance);
        foreach ([0.2, 0.4, 0.6, 0.8] as $t) {
            $point = $beside->at($t);
            // The place on the curve that is nearest to it, from the same share on.
            for ($i = 0; $i < 3; $i++) {
                [[$x, $y], [$dx, $dy]] = [Arc::at($curve, $t), Arc::speed($curve, $t)];
                $speed = $dx * $dx + $dy * $dy;
                $t = $speed > 0 ? max(0.0, min(1.0, $t + (($point->x - $x) * $dx + ($point->y - $y) * $dy) / $speed)) : $t;
            }
            [$x, $y] = Arc::at($curve, $t);
            if (abs(hypot($point->x - $x, $point->y - $y) - $this->distance) > $off) {
                return false;
            }
        }

        return true;
    }

    /** From one side of a part of the curve to the other. Where the two ends cross each other on the inner side of a bend, they are two pieces. */
    private function strip(Cubic $curve, Cubic $left, Cubic $right): void
    {
        $chord = $curve->d->minus($curve->a);
        foreach ([[$left, $right], [$right, $left]] as [$outer, $inner]) {
            if ($inner->d->minus($inner->a)->dot($chord) < 0) {
                $crossing = self::crossing($outer->a, $inner->a, $outer->d, $inner->d);
                if ($crossing !== null) {
                    $this->add([$outer, Cubic::line($outer->d, $crossing), Cubic::line($crossing, $outer->a)]);
                    $this->polygon($crossing, $inner->a, $inner->d);

                    return;
                }
            }
        }
        $this->add([$left, Cubic::line($left->d, $right->d), $right->reversed(), Cubic::line($right->a, $left->a)]);
    }

    /** Part of a circle from a spoke on, rad. */
    private function sector(Point $at, Point $spoke, float $turn): void
    {
        $count = max(1, (int) ceil(abs($turn) / (M_PI / 2) - 1e-9));
        $step = $turn / $count;
        $handle = 4 / 3 * tan($step / 4);
        $curves = [];
        for ($i = 0; $i < $count; $i++) {
            $next = new Point($spoke->x * cos($step) - $spoke->y * sin($step), $spoke->x * sin($step) + $spoke->y * cos($step));
            $curves[] = new Cubic($at->plus($spoke), $at->plus($spoke)->plus(self::normal($spoke)->times($handle)), $at->plus($next)->minus(self::normal($next)->times($handle)), $at->plus($next));
            $spoke = $next;
        }
        $this->add([Cubic::line($at, $curves[0]->a), ...$curves, Cubic::line($at->plus($spoke), $at)]);
    }

    private function polygon(Point ...$points): void
    {
        $points = array_values($points);
        $this->add(array_map(fn (Point $point, int $i): Cubic => Cubic::line($point, $points[($i + 1) % count($points)]), $points, array_keys($points)));
    }

    /** @param  list<Cubic>  $curves */
    private function add(array $curves): void
    {
        $area = array_sum(array_map(fn (Cubic $curve): float => $curve->area(), $curves));
        if ($curves === [] || abs($area) < 1e-12) {
            return;
        }
        $subpath = Subpath::around($curves);
        $this->pieces[] = $area < 0 ? $subpath->reversed() : $subpath;
    }

    /** By how much the direction turns, rad, the shorter way round. */
    private static function turn(Point $from, Point $to): float
    {
        return atan2($from->cross($to), $from->dot($to));
    }

    private static function normal(Point $way): Point
    {
        return new Point(-$way->y, $way->x);
    }

    /** @param  array{float, float, float, float, float, float, float, float}  $c */
    private static function bend(array $c, float $t): float
    {
        [$dx, $dy] = Arc::speed($c, $t);
        $u = 1 - $t;
        [$ddx, $ddy] = [6 * ($u * ($c[4] - 2 * $c[2] + $c[0]) + $t * ($c[6] - 2 * $c[4] + $c[2])), 6 * ($u * ($c[5] - 2 * $c[3] + $c[1]) + $t * ($c[7] - 2 * $c[5] + $c[3]))];
        $speed = ($dx * $dx + $dy * $dy) ** 1.5;

        return $speed > 1e-12 ? ($dx * $ddy - $dy * $ddx) / $speed : 0.0;
    }

    private static function crossing(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        [$u, $v] = [$b->minus($a), $d->minus($c)];
        $under = $u->cross($v);
        $t = abs($under) > 1e-12 ? $c->minus($a)->cross($v) / $under : -1.0;

        return $t >= 0 && $t <= 1 ? $a->towards($b, $t) : null;
    }

    /** @return array{float, float, float, float, float, float, float, float} */
    private static function numbers(Cubic $curve): array
    {
        return [$curve->a->x, $curve->a->y, $curve->b->x, $curve->b->y, $curve->c->x, $curve->c->y, $curve->d->x, $curve->d->y];
    }
}
