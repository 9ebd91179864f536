<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The pointer, having been over the layer, is no longer. */
final readonly class PointerLeave implements Trigger
{
    use Declared;
    use OnLayers;

    public static function kind(): string
    {
        return 'pointer-leave';
    }

    public static function label(): string
    {
        return 'Pointer leaves';
    }
}
