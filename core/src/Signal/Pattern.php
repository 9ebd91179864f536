<?php

declare(strict_types=1);

namespace Kindred\Signal;

use Kindred\Input\InvalidInput;

/**
 * How a value is written, by the patterns of Unicode LDML (UTS #35): for numbers part 3, “Number Format Patterns”
 * (`#,##0.00`, text in quotes), for days part 4, “Date Format Patterns” (`EEEE d MMMM y`), in English; for text the
 * words of CSS `text-transform`.
 *
 * @phpstan-type Compiled array{as: string, whole?: int, minFraction?: int, maxFraction?: int, group?: bool, before?: string, after?: string, parts?: list<array{field?: string, text?: string}>}
 */
final class Pattern
{
    public const CASES = ['uppercase', 'lowercase', 'capitalize'];

    /** How a day is written that has no pattern. */
    public const DAY = 'd MMMM y';

    private const FIELDS = ['d', 'dd', 'M', 'MM', 'MMM', 'MMMM', 'y', 'yy', 'yyyy', 'E', 'EEEE'];

    /**
     * @return Compiled
     *
     * @throws InvalidInput when it is no pattern
     */
    public static function compile(string $pattern): array
    {
        $case = strtolower($pattern);
        if (in_array($case, self::CASES, true)) {
            return ['as' => $case];
        }

        return self::isNumber($pattern) ? self::number($pattern) : self::date($pattern);
    }

    private static function isNumber(string $pattern): bool
    {
        return preg_match('/[0#]/', self::unquoted($pattern)) === 1;
    }

    private static function unquoted(string $pattern): string
    {
        return (string) preg_replace("/'[^']*'/u", '', $pattern);
    }

    /** @return Compiled */
    private static function number(string $pattern): array
    {
        if (preg_match("/^((?:'[^']*'|[^#0,.'])*)([#,]*[0,]*)(?:\.(0*)(#*))?((?:'[^']*'|[^#0,.'])*)$/Du", $pattern, $match) !== 1) {
            throw new InvalidInput('words', "“{$pattern}” is no number pattern; try 0, 0.00 or #,##0.00.");
        }
        $literal = fn (string $text): string => str_replace(["''", "'"], ["\0", ''], $text);

        return [
            'as' => 'number',
            'whole' => substr_count($match[2], '0'),
            'minFraction' => min(9, strlen($match[3])),
            'maxFraction' => min(9, strlen($match[3]) + strlen($match[4])),
            'group' => str_contains($match[2], ','),
            'before' => str_replace("\0", "'", $literal($match[1])),
            'after' => str_replace("\0", "'", $literal($match[5])),
        ];
    }

    /** @return Compiled */
    private static function date(string $pattern): array
    {
        preg_match_all("/'((?:[^']|'')*)'|([A-Za-z])\\2*|[^A-Za-z']+/u", $pattern, $match, PREG_SET_ORDER);
        $parts = [];
        $fields = 0;
        foreach ($match as $piece) {
            if (! isset($piece[2])) {
                $quoted = $piece[1] ?? '';
                $parts[] = ['text' => $piece[0][0] !== "'" ? $piece[0] : ($quoted === '' ? "'" : str_replace("''", "'", $quoted))];
            } elseif (in_array($piece[0], self::FIELDS, true)) {
                $parts[] = ['field' => $piece[0]];
                $fields++;
            } else {
                throw new InvalidInput('words', "“{$piece[0]}” is no part of a day; there are ".implode(', ', self::FIELDS).'.');
            }
        }
        if ($fields === 0) {
            throw new InvalidInput('words', "“{$pattern}” is no pattern; try 0.00 for numbers, d MMMM y for days, or uppercase.");
        }

        return ['as' => 'date', 'parts' => $parts];
    }
}
