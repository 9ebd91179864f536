<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

/** How a layer comes or goes that a match finds on one of the two screens only. */
enum Alone: string
{
    case Fade = 'fade';
    case Grow = 'grow';
    case Fly = 'fly';

    public function label(): string
    {
        return match ($this) {
            self::Fade => 'fade',
            self::Grow => 'grow and fade',
            self::Fly => 'fly over the nearest edge',
        };
    }
}
