<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Geometry\Number;

/** Writes SVG elements. Everything that people typed goes through here and comes out as text. */
final class Svg
{
    /**
     * One element. Attributes that are null are left out; floats are shortened; `true` writes the empty value.
     *
     * @param  array<string, string|int|float|bool|null>  $attributes
     * @param  string  ...$children  finished markup, from this class only
     */
    public static function element(string $name, array $attributes = [], string ...$children): string
    {
        $out = '<'.$name;
        foreach ($attributes as $key => $value) {
            if ($value === null || $value === false) {
                continue;
            }
            $text = match (true) {
                is_float($value) => Number::text($value),
                is_string($value) => self::escape($value),
                default => $value === true ? '' : (string) $value,
            };
            $out .= " {$key}=\"{$text}\"";
        }
        $inner = implode('', $children);

        return $inner === '' ? $out.'/>' : "{$out}>{$inner}</{$name}>";
    }

    /**
     * Of words whose left edge is given: how a picture is told that they are read from right to left.
     *
     * @return array<string, string>
     */
    public static function direction(bool $rightToLeft): array
    {
        // What is read so ends at the left.
        return $rightToLeft ? ['direction' => 'rtl', 'unicode-bidi' => 'bidi-override', 'text-anchor' => 'end'] : [];
    }

    public static function text(string $text): string
    {
        return self::escape($text);
    }

    /** Markup characters escaped, and characters that XML 1.0 (section 2.2) does not allow replaced. */
    private static function escape(string $text): string
    {
        if (ctype_print($text) && strpbrk($text, '&<>"\'') === false) {
            return $text;
        }
        $text = mb_scrub($text, 'UTF-8');
        $text = (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', "\u{FFFD}", $text);

        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1, 'UTF-8');
    }
}
