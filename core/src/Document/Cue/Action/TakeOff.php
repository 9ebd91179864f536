<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Property\Declared;

/** Takes off the uppermost screen that lies over others. */
final readonly class TakeOff implements Action
{
    use Declared;

    public static function kind(): string
    {
        return 'take-off';
    }

    public static function label(): string
    {
        return 'Take off what lies over';
    }

    public static function moves(): bool
    {
        return true;
    }
}
