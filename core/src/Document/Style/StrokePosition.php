<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

/** Where a stroke lies against the edge of its shape. */
enum StrokePosition: string
{
    case Inside = 'inside';
    case Centre = 'centre';
    case Outside = 'outside';

    /** How far the middle of the stroke lies outside the edge, in stroke widths. */
    public function offset(): float
    {
        return match ($this) {
            self::Inside => -0.5,
            self::Centre => 0.0,
            self::Outside => 0.5,
        };
    }
}
