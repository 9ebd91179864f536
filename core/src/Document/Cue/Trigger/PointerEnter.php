<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property\Declared;

/** The pointer comes over the layer; there is none on touch screens. */
final readonly class PointerEnter implements Trigger
{
    use Declared;
    use OnLayers;

    public static function kind(): string
    {
        return 'pointer-enter';
    }

    public static function label(): string
    {
        return 'Pointer enters';
    }
}
