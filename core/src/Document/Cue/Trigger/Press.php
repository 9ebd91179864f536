<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The moment in which it is pressed. */
final readonly class Press implements Trigger
{
    use Declared;

    public static function kind(): string
    {
        return 'press';
    }

    public static function label(): string
    {
        return 'Pressed';
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
