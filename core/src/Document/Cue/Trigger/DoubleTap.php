<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** Two taps within `Pressing::DOUBLE` ms; a single tap on what lies in it waits so long. */
final readonly class DoubleTap implements Trigger
{
    use Declared;
    use Pressed;

    public static function kind(): string
    {
        return 'double-tap';
    }

    public static function label(): string
    {
        return 'Double tap';
    }
}
