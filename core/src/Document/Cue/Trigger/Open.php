<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The moment in which its screen is shown. */
final readonly class Open implements Trigger
{
    use Declared;

    public static function kind(): string
    {
        return 'open';
    }

    public static function label(): string
    {
        return 'When the screen opens';
    }

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
