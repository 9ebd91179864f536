<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** Two taps within `Pressing::DOUBLE` ms; a single tap on what lies in it waits so long. */
final readonly class DoubleTap implements Trigger
{
    use Declared;

    public static function kind(): string
    {
        return 'double-tap';
    }

    public static function label(): string
    {
        return 'Double tap';
    }

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
