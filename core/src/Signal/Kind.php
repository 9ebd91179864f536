<?php

declare(strict_types=1);

namespace Kindred\Signal;

/** What a signal holds, and so what a press on its widget does to it. */
enum Kind: string
{
    /** Yes or no. */
    case On = 'on';
    /** One of the items, by its number from 0; -1 for none. */
    case One = 'one';
    /** Any of the items: their numbers from 0, in order. */
    case Several = 'several';
    /** A number between a minimum and a maximum, in steps. */
    case Number = 'number';
    case Text = 'text';
    /** A day: the days since 1 January 1970, or null for none. */
    case Date = 'date';

    public function hasItems(): bool
    {
        return $this === self::One || $this === self::Several;
    }
}
