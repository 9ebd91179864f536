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

    /** Turned about the origin by the angle in degrees, clockwise on screen. */
    public function turned(float $degrees): self
    {
        $cos = cos(deg2rad($degrees));
        $sin = sin(deg2rad($degrees));

        return new self($this->x * $cos - $this->y * $sin, $this->x * $sin + $this->y * $cos);
    }
}
