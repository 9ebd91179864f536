<?php

declare(strict_types=1);

namespace Kindred\Type;

/** What stands before the paragraphs of a list (CSS Lists 3): nothing, a bullet, or a number that counts on. */
enum ListMarker: string
{
    case None = 'none';
    case Bullet = 'bullet';
    case Number = 'number';

    /**
     * The marker in words: bullets and dashes in turn; numbers, letters and Roman numbers in turn.
     *
     * @param  int  $level  from 0
     * @param  int  $number  from 1
     */
    public function text(int $level, int $number): string
    {
        return match ($this) {
            self::None => '',
            self::Bullet => ['•', '–'][$level % 2],
            self::Number => [self::decimal(...), self::alphabetic(...), self::roman(...)][$level % 3]($number).'.',
        };
    }

    private static function decimal(int $number): string
    {
        return (string) $number;
    }

    /** As the columns of a sheet: a to z, then aa (CSS Counter Styles 3, `lower-alpha`). */
    private static function alphabetic(int $number): string
    {
        $out = '';
        for ($left = $number; $left > 0; $left = intdiv($left - 1, 26)) {
            $out = chr(ord('a') + ($left - 1) % 26).$out;
        }

        return $out;
    }

    /** CSS Counter Styles 3, `lower-roman`: to 3,999, and in digits from there on. */
    private static function roman(int $number): string
    {
        if ($number > 3999) {
            return self::decimal($number);
        }
        $out = '';
        foreach (['m' => 1000, 'cm' => 900, 'd' => 500, 'cd' => 400, 'c' => 100, 'xc' => 90, 'l' => 50, 'xl' => 40, 'x' => 10, 'ix' => 9, 'v' => 5, 'iv' => 4, 'i' => 1] as $letters => $value) {
            $out .= str_repeat($letters, intdiv($number, $value));
            $number %= $value;
        }

        return $out;
    }
}
