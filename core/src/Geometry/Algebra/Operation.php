<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

/** How a shape is put together with those before it. */
enum Operation: string
{
    case Union = 'union';
    case Subtract = 'subtract';
    case Intersect = 'intersect';
    case Exclude = 'exclude';

    /**
     * Whether a place is inside of both together.
     *
     * @param  bool  $before  whether it is inside of those before
     * @param  bool  $in  whether it is inside of this one
     */
    public function inside(bool $before, bool $in): bool
    {
        return match ($this) {
            self::Union => $before || $in,
            self::Subtract => $before && ! $in,
            self::Intersect => $before && $in,
            self::Exclude => $before !== $in,
        };
    }
}
