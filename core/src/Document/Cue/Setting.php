<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

/** How a cue gives a value to what a widget holds. */
enum Setting: string
{
    case To = 'to';
    /** Further by so much. */
    case By = 'by';
    /** What a formula gives. */
    case Formula = 'formula';

    /** As people choose it. */
    public function label(): string
    {
        return match ($this) {
            self::To => 'to',
            self::By => 'further by',
            self::Formula => 'to what comes of',
        };
    }
}
