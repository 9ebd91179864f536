<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

/** How two values are compared. */
enum Comparison: string
{
    case Is = 'is';
    case IsNot = 'is-not';
    case Over = 'over';
    case AtLeast = 'at-least';
    case Under = 'under';
    case AtMost = 'at-most';
    /** The words are among those that it holds; of several choices, it is one of them. */
    case Has = 'has';
    case HasNot = 'has-not';
    case Filled = 'filled';
    case Empty = 'empty';

    /** As people choose it. */
    public function label(): string
    {
        return match ($this) {
            self::Has => 'has in it',
            self::HasNot => 'has not in it',
            self::Filled => 'is filled in',
            self::Empty => 'is empty',
            self::Is, self::IsNot => str_replace('-', ' ', $this->value),
            default => 'is '.str_replace('-', ' ', $this->value),
        };
    }

    /** Whether something stands on the other side. */
    public function compares(): bool
    {
        return $this !== self::Filled && $this !== self::Empty;
    }
}
