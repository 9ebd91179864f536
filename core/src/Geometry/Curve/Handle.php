<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

/** The two handles of a node: that of the curve that comes in, and that of the one that goes out. */
enum Handle: string
{
    case In = 'in';

    case Out = 'out';

    public function other(): self
    {
        return $this === self::In ? self::Out : self::In;
    }
}
