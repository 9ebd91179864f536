<?php

declare(strict_types=1);

namespace Kindred\Signal;

/** What a signal, or a part of one, is called. */
final class SignalName
{
    /** Words as a name: letters and digits, what is between them as underscores. */
    public static function of(string $words): string
    {
        $name = mb_substr(trim((string) preg_replace('/[^\pL\pN]+/u', '_', mb_strtolower($words)), '_'), 0, 36);

        return preg_match('/^\pL/u', $name) === 1 ? $name : rtrim("v_{$name}", '_');
    }
}
