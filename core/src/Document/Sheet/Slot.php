<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

/** What a column of a data sheet feeds in the layer that it is bound to; `Feed` says how. */
enum Slot: string
{
    case Words = 'words';
    case Picture = 'picture';
    case Colour = 'colour';
    case Shown = 'shown';

    /** Words for no, beside nothing at all. */
    public const NO = ['', 'no', 'false', '0', 'off', 'hidden', '-'];

    /** The path of the property that it feeds. */
    public function path(): string
    {
        return match ($this) {
            self::Words => 'words',
            self::Picture => 'asset',
            self::Colour => 'fills.0.colour',
            self::Shown => 'hidden',
        };
    }
}
