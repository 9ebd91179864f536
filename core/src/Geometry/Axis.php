<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** One of the two directions in which things lie beside each other. */
enum Axis: string
{
    case X = 'x';
    case Y = 'y';

    public function across(): self
    {
        return $this === self::X ? self::Y : self::X;
    }

    public function start(Box $box): float
    {
        return $this === self::X ? $box->x : $box->y;
    }

    public function size(Box $box): float
    {
        return $this === self::X ? $box->width : $box->height;
    }

    public function end(Box $box): float
    {
        return $this->start($box) + $this->size($box);
    }

    /** A distance along this axis, px. */
    public function by(float $distance): Point
    {
        return $this === self::X ? new Point($distance, 0) : new Point(0, $distance);
    }
}
