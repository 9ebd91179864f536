<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The moment in which a press on it ends, wherever the pointer is by then. */
final readonly class Release implements Trigger
{
    use Declared;
    use Pressed;

    public static function kind(): string
    {
        return 'release';
    }

    public static function label(): string
    {
        return 'Let go';
    }
}
