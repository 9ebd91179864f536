<?php

declare(strict_types=1);

namespace Kindred\Type;

enum TextAlign: string
{
    case Left = 'left';
    case Center = 'center';
    case Right = 'right';

    /** The share of the free room that stands before a line. */
    public function share(): float
    {
        return match ($this) {
            self::Left => 0.0,
            self::Center => 0.5,
            self::Right => 1.0,
        };
    }
}
