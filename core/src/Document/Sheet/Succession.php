<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

/** What comes after labels that follow each other: Jul after Jun, Kiln 4 after Kiln 3, 2030 after 2025 and 2020. */
final class Succession
{
    private const NAMES = [
        ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'],
        ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'],
    ];

    /** Letters of names: all of them, or as many as are usual. */
    private const LENGTHS = [PHP_INT_MAX, 3, 2];

    /**
     * @param  list<string>  $labels
     * @return string empty where nothing follows
     */
    public static function next(array $labels): string
    {
        $last = trim($labels[count($labels) - 1] ?? '');
        $before = trim($labels[count($labels) - 2] ?? '');

        return self::name($last, $before) ?? self::number($last, $before) ?? '';
    }

    /** Months and days of the week go round; which length they are cut to, the one before says where one does not. */
    private static function name(string $last, string $before): ?string
    {
        foreach (self::NAMES as $names) {
            foreach (self::LENGTHS as $length) {
                $cut = array_map(fn (string $name): string => substr($name, 0, $length), $names);
                $at = array_search(mb_strtolower($last), $cut, true);
                // May is May in full, too.
                if ($at === false || ($length === PHP_INT_MAX && $before !== '' && mb_strlen($last) === 3 && mb_strlen($before) === 3)) {
                    continue;
                }
                $step = array_search(mb_strtolower($before), $cut, true);
                $step = $step === false || $step === $at ? 1 : ($at - $step + count($names)) % count($names);
                $next = $cut[($at + $step) % count($names)];

                return match (true) {
                    mb_strtoupper($last) === $last => mb_strtoupper($next),
                    mb_strtolower($last) === $last => $next,
                    default => ucfirst($next),
                };
            }
        }

        return null;
    }

    /** The last whole number in it goes on by as much as it did, in as many digits; what may be a date, a time or a decimal is not guessed at. */
    private static function number(string $last, string $before): ?string
    {
        $parts = fn (string $text): ?array => preg_match('/^(.*?)(\d{1,9})(\D*)$/su', $text, $found) === 1 ? [$found[1], $found[2], $found[3]] : null;
        $now = $parts($last);
        if ($now === null || preg_match('/\d[.,:\/-]?$/D', $now[0]) === 1) {
            return null;
        }
        $was = $parts($before);
        $step = $was !== null && [$was[0], $was[2]] === [$now[0], $now[2]] && $was[1] !== $now[1] ? (int) $now[1] - (int) $was[1] : 1;
        $next = (int) $now[1] + $step;

        return $next < 0 ? null : $now[0].str_pad((string) $next, $now[1][0] === '0' ? strlen($now[1]) : 0, '0', STR_PAD_LEFT).$now[2];
    }
}
