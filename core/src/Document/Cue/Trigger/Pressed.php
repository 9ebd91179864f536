<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

/** For triggers that layers and screens have, by which they are targets. */
trait Pressed
{
    public static function isOfScreens(): bool
    {
        return true;
    }

    public static function isPressed(): bool
    {
        return true;
    }

    public static function fresh(): self
    {
        return new self;
    }
}
