<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Property\Declared;

/** Returns to the screen before. */
final readonly class GoBack implements Action
{
    use Declared;

    public static function kind(): string
    {
        return 'return';
    }

    public static function label(): string
    {
        return 'Return';
    }

    public function target(): null
    {
        return null;
    }
}
