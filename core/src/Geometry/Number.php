<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** Numbers as short text, for SVG and for people. */
final class Number
{
    /** At most three decimals, no trailing zeros, never an exponent. */
    public static function text(float $value): string
    {
        if (abs($value) < 1e15 && $value === floor($value)) {
            return (string) (int) $value;
        }
        $text = rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');

        return $text === '-0' ? '0' : $text;
    }
}
