<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Token;

/**
 * Fractional ranks: texts over 0–9a–z that sort bytewise, with room between any two.
 *
 * A rank never ends in `0`, so that something always fits before it.
 */
final class Rank
{
    private const DIGITS = '0123456789abcdefghijklmnopqrstuvwxyz';

    /** For sorting: bytewise, because ranks made of digits are not numbers; by id where two are equal. */
    public static function compare(Layer|Screen|Entry|Token|Theme $a, Layer|Screen|Entry|Token|Theme $b): int
    {
        $order = strcmp($a->rank, $b->rank);

        return $order === 0 ? strcmp($a->id, $b->id) : $order;
    }

    /** What sorts bytewise as `compare` does, for very many. */
    public static function key(Layer $layer): string
    {
        return "{$layer->rank}\0{$layer->id}";
    }

    /** A rank after `low` and before `high`; null stands for the open end. */
    public static function between(?string $low, ?string $high): string
    {
        if ($low !== null && $high !== null && strcmp($low, $high) >= 0) {
            throw new \InvalidArgumentException("No rank lies between “{$low}” and “{$high}”.");
        }
        if ($high === null && $low !== null) {
            return self::after($low);
        }
        $rank = '';
        for ($i = 0; ; $i++) {
            $from = $low !== null && $i < strlen($low) ? (int) strpos(self::DIGITS, $low[$i]) : 0;
            $to = $high !== null && $i < strlen($high) ? (int) strpos(self::DIGITS, $high[$i]) : 36;
            if ($to - $from > 1) {
                return $rank.self::DIGITS[intdiv($from + $to, 2)];
            }
            $rank .= self::DIGITS[$from];
            if ($to > $from) {
                $high = null;
            }
        }
    }

    /** @return list<string> as many ranks in order between the two, none longer than it has to be */
    public static function spread(?string $low, ?string $high, int $count): array
    {
        if ($high !== null && $count > 1) {
            $middle = self::between($low, $high);
            $before = intdiv($count - 1, 2);

            return [...self::spread($low, $middle, $before), $middle, ...self::spread($middle, $high, $count - 1 - $before)];
        }
        $ranks = [];
        for ($i = 0; $i < $count; $i++) {
            $ranks[] = $low = self::between($low, $high);
        }

        return $ranks;
    }

    /** Appending is the common case: count upwards in four digits, lengthen only when they run out. */
    private static function after(string $low): string
    {
        $head = substr(str_pad($low, 4, '0'), 0, 4);
        if (strcmp($head, 'zzzy') >= 0) {
            return $low.'1';
        }
        $next = (int) base_convert($head, 36, 10) + 1;
        $next += $next % 36 === 0 ? 1 : 0;

        return str_pad(base_convert((string) $next, 10, 36), 4, '0', STR_PAD_LEFT);
    }
}
