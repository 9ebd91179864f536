<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

use Kindred\Geometry\Point;

/**
 * A point of a path with its handles: where the control points of the curves beside it lie; without one the curve leaves it as if its
 * handle lay on it. A point whose handles lie on one line through it is smooth, and they are tied: what turns one turns the other.
 */
final readonly class Node
{
    /** Directions that are less apart, as the sine of their angle, are one. */
    private const STRAIGHT = 0.01;

    public function __construct(public Point $at, public ?Point $in = null, public ?Point $out = null)
    {
    }

    public function isSmooth(): bool
    {
        if ($this->in === null || $this->out === null) {
            return false;
        }
        [$a, $b] = [$this->at->minus($this->in), $this->out->minus($this->at)];
        $size = $a->length() * $b->length();

        return $size > 0 && abs($a->cross($b)) <= self::STRAIGHT * $size && $a->dot($b) > 0;
    }

    public function handle(Handle $which): ?Point
    {
        return $which === Handle::In ? $this->in : $this->out;
    }

    /** With a handle elsewhere, or without it; the other stays as it is. */
    public function with(Handle $which, ?Point $to): self
    {
        $to = $to !== null && $to->minus($this->at)->length() <= 0 ? null : $to;

        return $which === Handle::In ? new self($this->at, $to, $this->out) : new self($this->at, $this->in, $to);
    }

    /** With a handle pulled elsewhere: of a smooth point the other turns with it, as long as it was, unless it is pulled apart. */
    public function pulled(Handle $which, Point $to, bool $apart): self
    {
        $other = $this->handle($which->other());
        $pulled = $this->with($which, $to);
        $way = $this->at->minus($to);
        if ($apart || $other === null || ! $this->isSmooth() || $way->length() <= 0) {
            return $pulled;
        }

        return $pulled->with($which->other(), $this->at->plus($way->times($other->minus($this->at)->length() / $way->length())));
    }

    public function movedBy(Point $by): self
    {
        return $this->mapped(fn (Point $point): Point => $point->plus($by));
    }

    /** @param  \Closure(Point): Point  $map */
    public function mapped(\Closure $map): self
    {
        return new self($map($this->at), $this->in === null ? null : $map($this->in), $this->out === null ? null : $map($this->out));
    }

    public function corner(): self
    {
        return new self($this->at);
    }

    /** Smooth between the points beside it: its handles run as the line between these does, each a third of the way to its neighbour, or as long as it was. */
    public function smooth(?Point $before, ?Point $after): self
    {
        [$before, $after] = [$before ?? $this->at, $after ?? $this->at];
        $way = $after->minus($before);
        if ($this->in !== null && $this->out !== null) {
            $way = $this->out->minus($this->in);
        }
        if ($way->length() <= 0) {
            return $this;
        }
        $unit = $way->times(1 / $way->length());
        $in = $this->in === null ? $this->at->minus($before)->length() / 3 : $this->at->minus($this->in)->length();
        $out = $this->out === null ? $after->minus($this->at)->length() / 3 : $this->out->minus($this->at)->length();

        return new self($this->at, $in <= 0 ? null : $this->at->minus($unit->times($in)), $out <= 0 ? null : $this->at->plus($unit->times($out)));
    }

    public function reversed(): self
    {
        return new self($this->at, $this->out, $this->in);
    }
}
