<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

/** For triggers that layers and screens have, and nobody presses. */
trait Anywhere
{
    public static function isOfScreens(): bool
    {
        return true;
    }

    public static function isPressed(): bool
    {
        return false;
    }

    public static function fresh(): self
    {
        return new self;
    }
}
