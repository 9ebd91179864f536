<?php

declare(strict_types=1);

namespace Kindred\Style;

/** Which way the greys of a scheme lean. */
enum Warmth: string
{
    case AsBase = 'base';
    case Warm = 'warm';
    case Cool = 'cool';

    /** The hue of greys in Oklab, degrees. */
    public function hue(float $base): float
    {
        return match ($this) {
            self::AsBase => $base,
            self::Warm => 70.0,
            self::Cool => 250.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::AsBase => 'as the colour',
            self::Warm => 'warm',
            self::Cool => 'cool',
        };
    }
}
