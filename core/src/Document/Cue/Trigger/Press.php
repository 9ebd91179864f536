<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The moment in which it is pressed. */
final readonly class Press implements Trigger
{
    use Declared;
    use Pressed;

    public static function kind(): string
    {
        return 'press';
    }

    public static function label(): string
    {
        return 'Pressed';
    }
}
