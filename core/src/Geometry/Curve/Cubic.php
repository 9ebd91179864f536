<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

use Kindred\Geometry\Point;

/** A cubic Bézier curve by its control points; `t` runs from 0 at `a` to 1 at `d`. */
final readonly class Cubic
{
    public function __construct(public Point $a, public Point $b, public Point $c, public Point $d)
    {
    }

    /** A straight line as a curve that runs along it evenly. */
    public static function line(Point $from, Point $to): self
    {
        $third = $to->minus($from)->times(1 / 3);

        return new self($from, $from->plus($third), $to->minus($third), $to);
    }

    /** Whether it is what `line` makes. */
    public function isLine(): bool
    {
        $line = self::line($this->a, $this->d);

        return $line->b->minus($this->b)->length() + $line->c->minus($this->c)->length() < 1e-9;
    }

    /** The direction in which it leaves its start, of the length one; null where it is a point. */
    public function direction(): ?Point
    {
        foreach ([$this->b, $this->c, $this->d] as $other) {
            $way = $other->minus($this->a);
            if ($way->length() > 1e-6) {
                return $way->times(1 / $way->length());
            }
        }

        return null;
    }

    /**
     * Where one turns back along an axis, between its ends: there its derivative is zero.
     *
     * @return list<float> at most two places, in no order
     */
    public static function turns(float $p0, float $p1, float $p2, float $p3): array
    {
        [$p, $q, $r] = [$p1 - $p0, $p2 - $p1, $p3 - $p2];
        [$a, $b] = [$p - 2 * $q + $r, 2 * ($q - $p)];
        $under = $b * $b - 4 * $a * $p;
        if ($under < 0) {
            return [];
        }
        // Both roots without a difference of what is nearly the same (Press et al., Numerical Recipes, section 5.6).
        $half = -($b + ($b < 0 ? -1 : 1) * sqrt($under)) / 2;

        return array_values(array_filter([$a === 0.0 ? -1.0 : $half / $a, $half === 0.0 ? -1.0 : $p / $half], fn (float $t): bool => $t > 0 && $t < 1));
    }

    public function reversed(): self
    {
        return new self($this->d, $this->c, $this->b, $this->a);
    }

    /** Its length, px, as that of so many straight pieces. */
    public function length(int $pieces = 32): float
    {
        if ($this->isLine()) {
            return $this->d->minus($this->a)->length();
        }
        $length = 0.0;
        for ($i = 1; $i <= $pieces; $i++) {
            $length += $this->at($i / $pieces)->minus($this->at(($i - 1) / $pieces))->length();
        }

        return $length;
    }

    /** The place, from 0 to 1, that lies so far along it, px. */
    public function place(float $along, int $pieces = 32): float
    {
        if ($this->isLine()) {
            $length = $this->length();

            return $length <= 0 ? 0.0 : min(1.0, $along / $length);
        }
        for ($i = 1; $i <= $pieces; $i++) {
            $piece = $this->at($i / $pieces)->minus($this->at(($i - 1) / $pieces))->length();
            if ($along <= $piece) {
                return ($i - 1 + ($piece > 0 ? $along / $piece : 0.0)) / $pieces;
            }
            $along -= $piece;
        }

        return 1.0;
    }

    /** What it adds to the area of a closed path that it is a part of, px²: by Green's theorem, positive where that runs clockwise on screen. */
    public function area(): float
    {
        [$a, $b, $c, $d] = [$this->a, $this->b, $this->c, $this->d];

        return (6 * $a->cross($b) + 3 * $a->cross($c) + $a->cross($d) + 3 * $b->cross($c) + 3 * $b->cross($d) + 6 * $c->cross($d)) / 20;
    }

    public function at(float $t): Point
    {
        $u = 1 - $t;

        return $this->a->times($u ** 3)->plus($this->b->times(3 * $u * $u * $t))->plus($this->c->times(3 * $u * $t * $t))->plus($this->d->times($t ** 3));
    }

    /**
     * The two curves that it is made of, before and after a place (de Casteljau).
     *
     * @return array{self, self}
     */
    public function split(float $t): array
    {
        [$ab, $bc, $cd] = [$this->a->towards($this->b, $t), $this->b->towards($this->c, $t), $this->c->towards($this->d, $t)];
        [$abc, $bcd] = [$ab->towards($bc, $t), $bc->towards($cd, $t)];
        $middle = $abc->towards($bcd, $t);

        return [new self($this->a, $ab, $abc, $middle), new self($middle, $bcd, $cd, $this->d)];
    }

    /**
     * The curve between the same ends that goes through where the one at `t` is moved to: both handles move, each as much as it has a say in
     * that place, and so as little as can be.
     */
    public function bent(float $t, Point $by): self
    {
        $u = 1 - $t;
        [$first, $second] = [3 * $u * $u * $t, 3 * $u * $t * $t];
        $all = $first * $first + $second * $second;

        return $all <= 0 ? $this : new self($this->a, $this->b->plus($by->times($first / $all)), $this->c->plus($by->times($second / $all)), $this->d);
    }
}
