<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The moment in which its screen is shown. */
final readonly class Open implements Trigger
{
    use Anywhere;
    use Declared;

    public static function kind(): string
    {
        return 'open';
    }

    public static function label(): string
    {
        return 'When the screen opens';
    }
}
