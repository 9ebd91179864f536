<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** A place or a distance in px; x runs right, y runs down. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    /** The point a share of the way to another. */
    public function towards(self $other, float $share): self
    {
        return new self($this->x + ($other->x - $this->x) * $share, $this->y + ($other->y - $this->y) * $share);
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    /** The area between two distances, positive where the other lies clockwise of this on screen. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }

    /** Turned about the origin by the angle in degrees, clockwise on screen. */
    public function turned(float $degrees): self
    {
        if ($degrees === 0.0) {
            return $this;
        }
        $cos = cos(deg2rad($degrees));
        $sin = sin(deg2rad($degrees));

        return new self($this->x * $cos - $this->y * $sin, $this->x * $sin + $this->y * $cos);
    }
}
