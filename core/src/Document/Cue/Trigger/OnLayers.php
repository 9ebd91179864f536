<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

/** For triggers that only layers have. */
trait OnLayers
{
    public static function isOfScreens(): bool
    {
        return false;
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
