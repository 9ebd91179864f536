<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** Its field is being typed in from now on. */
final readonly class Focus implements Trigger
{
    use Declared;
    use OnLayers;

    public static function kind(): string
    {
        return 'focus';
    }

    public static function label(): string
    {
        return 'Field gets the focus';
    }
}
