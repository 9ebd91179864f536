<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

/** What a field for text takes, in the words of HTML's `input type`. */
enum Accepts: string
{
    case Text = 'text';
    case Email = 'email';
    /** A number between the minimum and the maximum. */
    case Number = 'number';

    public function label(): string
    {
        return match ($this) {
            self::Text => 'any text',
            self::Email => 'an e-mail address',
            self::Number => 'a number',
        };
    }
}
