<?php

declare(strict_types=1);

namespace Kindred\Type;

/** CSS Text Decoration 3, `text-decoration-line`, as far as it is drawn here. */
enum TextDecoration: string
{
    case None = 'none';
    case Underline = 'underline';
    case LineThrough = 'line-through';
    case Both = 'underline line-through';

    public function underlines(): bool
    {
        return $this === self::Underline || $this === self::Both;
    }

    public function strikesThrough(): bool
    {
        return $this === self::LineThrough || $this === self::Both;
    }
}
