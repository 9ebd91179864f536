<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Where words stand in a box that is higher than they are: CSS Box Alignment 3, `align-content` of a block. */
enum VerticalAlign: string
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** The share of the free room that stands above. */
    public function share(): float
    {
        return match ($this) {
            self::Top => 0.0,
            self::Middle => 0.5,
            self::Bottom => 1.0,
        };
    }
}
