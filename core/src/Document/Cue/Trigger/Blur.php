<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** Its field is typed in no longer. */
final readonly class Blur implements Trigger
{
    use Declared;
    use OnLayers;

    public static function kind(): string
    {
        return 'blur';
    }

    public static function label(): string
    {
        return 'Field is left';
    }
}
