<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** A tap on the layer, or a click; of a screen, anywhere on it. */
final readonly class Tap implements Trigger
{
    use Declared;
    use Pressed;

    public static function kind(): string
    {
        return 'tap';
    }

    public static function label(): string
    {
        return 'Tap';
    }
}
