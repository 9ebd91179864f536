<?php

declare(strict_types=1);

namespace Kindred\Input;

/** What people type to find something again. */
final class Search
{
    /** Whether a text holds all of the words, in whatever case and order, also as parts of longer ones. */
    public static function holds(string $text, string $words): bool
    {
        $text = mb_strtolower($text);
        $wanted = preg_split('/\s+/u', mb_strtolower($words), flags: PREG_SPLIT_NO_EMPTY);
        foreach ($wanted === false ? [] : $wanted as $word) {
            if (! str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
