<?php

declare(strict_types=1);

namespace Kindred\Signal;

/**
 * Values as words: what the player does in the browser, for the simulator.
 *
 * @phpstan-import-type Compiled from Pattern
 */
final class Writing
{
    /** A number in words: with thousands apart by commas, or plain. */
    public const NUMBER = '-?\d{1,3}(?:,\d{3})+(?:\.\d+)?|-?\d+(?:\.\d+)?';

    private const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    private const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];

    public static function number(float|string|bool|null $value): ?float
    {
        if (! is_string($value)) {
            return $value === null ? null : (float) $value;
        }

        return preg_match('/'.self::NUMBER.'/', $value, $match) === 1 ? (float) str_replace(',', '', $match[0]) : null;
    }

    /** @param  Compiled|null  $pattern */
    public static function write(float|string|bool|null $value, ?array $pattern): string
    {
        if ($pattern !== null && ($pattern['as'] === 'number' || $pattern['as'] === 'date')) {
            $number = self::number($value);

            return match (true) {
                $number === null => '',
                $pattern['as'] === 'number' => self::digits($number, $pattern),
                default => self::day((int) floor($number), $pattern['parts'] ?? []),
            };
        }
        $text = match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => self::digits($value, ['as' => 'number', 'whole' => 1, 'maxFraction' => 3]),
            default => (string) $value,
        };

        return match ($pattern['as'] ?? '') {
            'uppercase' => mb_strtoupper($text),
            'lowercase' => mb_strtolower($text),
            'capitalize' => (string) preg_replace_callback('/(?<![\pL\pN])\pL/u', fn (array $match): string => mb_strtoupper($match[0]), $text),
            default => $text,
        };
    }

    /**
     * Halves are rounded away from zero, as prices are.
     *
     * @param  Compiled  $pattern
     */
    private static function digits(float $number, array $pattern): string
    {
        $maxFraction = $pattern['maxFraction'] ?? 0;
        $scaled = floor(abs($number) * 10 ** $maxFraction + 0.5);
        if (! is_finite($scaled) || $scaled > 1e15) {
            return '';
        }
        $digits = str_pad(sprintf('%.0f', $scaled), $maxFraction + ($pattern['whole'] ?? 0), '0', STR_PAD_LEFT);
        $cut = strlen($digits) - $maxFraction;
        [$whole, $fraction] = [substr($digits, 0, $cut), substr($digits, $cut)];
        while (strlen($fraction) > ($pattern['minFraction'] ?? 0) && str_ends_with($fraction, '0')) {
            $fraction = substr($fraction, 0, -1);
        }
        if ($pattern['group'] ?? false) {
            $whole = (string) preg_replace('/\B(?=(?:\d{3})+$)/', ',', $whole);
        }

        return ($pattern['before'] ?? '').($number < 0 && $scaled > 0 ? '-' : '').$whole.($fraction === '' ? '' : ".{$fraction}").($pattern['after'] ?? '');
    }

    /** @param  list<array{field?: string, text?: string}>  $parts */
    private static function day(int $days, array $parts): string
    {
        if (abs($days) > 3_000_000) {
            return '';
        }
        $day = (new \DateTimeImmutable('1970-01-01 UTC'))->modify(sprintf('%+d days', $days));
        [$year, $month, $date, $weekday] = [(int) $day->format('Y'), (int) $day->format('n'), (int) $day->format('j'), (int) $day->format('w')];
        $write = fn (string $field): string => match ($field) {
            'd' => (string) $date,
            'dd' => sprintf('%02d', $date),
            'M' => (string) $month,
            'MM' => sprintf('%02d', $month),
            'MMM' => substr(self::MONTHS[$month - 1], 0, 3),
            'MMMM' => self::MONTHS[$month - 1],
            'yy' => sprintf('%02d', $year % 100),
            'E' => substr(self::WEEKDAYS[$weekday], 0, 3),
            'EEEE' => self::WEEKDAYS[$weekday],
            default => (string) $year,
        };

        return implode('', array_map(fn (array $part): string => $part['text'] ?? $write($part['field'] ?? ''), $parts));
    }
}
