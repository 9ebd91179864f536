<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** Its field is typed in no longer. */
final readonly class Blur implements Trigger
{
    use Declared;

    public static function kind(): string
    {
        return 'blur';
    }

    public static function label(): string
    {
        return 'Field is left';
    }

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
