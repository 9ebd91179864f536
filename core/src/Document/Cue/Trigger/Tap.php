<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** A tap on the layer, or a click. */
final readonly class Tap implements Trigger
{
    use Declared;

    public static function kind(): string
    {
        return 'tap';
    }

    public static function label(): string
    {
        return 'Tap';
    }

    public static function isOfScreens(): bool
    {
        return false;
    }

    public static function fresh(): self
    {
        return new self;
    }
}
