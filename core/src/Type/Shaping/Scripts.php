<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

/**
 * Which script words are of (UAX #24): what many scripts use, such as spaces and digits, is of the script before it, and at the beginning of that
 * behind it; a bracket that closes is of that of the one that opens.
 */
final class Scripts
{
    /** Those whose letters hang together, so that no room is put between them (CSS Text 3, section 8.2.1), by their numbers in ICU: Arabic, Syriac, Mongolian, Mandaic, N'Ko, Phags-pa, Hanifi Rohingya. */
    private const CURSIVE = [2, 34, 27, 84, 87, 90, 182];

    private const COMMON = 0;

    private const INHERITED = 1;

    private const LATIN = 25;

    /** Kinds of brackets (UAX #9, section 3.1.3). */
    private const OPENS = 1;

    private const CLOSES = 2;

    /**
     * @param  list<string>  $clusters
     * @param  int  $before  the script of what stands before them; 0 where nothing does
     * @return list<int> the script of each, by its number in ICU
     */
    public static function of(array $clusters, int $before = self::COMMON): array
    {
        $scripts = [];
        $now = $before;
        $opened = [];
        foreach ($clusters as $i => $cluster) {
            $code = mb_ord($cluster);
            $own = \IntlChar::getIntPropertyValue($code, \IntlChar::PROPERTY_SCRIPT);
            $kind = \IntlChar::getIntPropertyValue($code, \IntlChar::PROPERTY_BIDI_PAIRED_BRACKET_TYPE);
            if ($own > self::INHERITED) {
                if ($now === self::COMMON) {
                    $scripts = array_fill(0, $i, $own);
                    $opened = array_map(fn (array $one): array => [$one[0], $own], $opened);
                }
                $now = $own;
            } elseif ($kind === self::OPENS) {
                $opened[] = [\IntlChar::getBidiPairedBracket($cluster), $now];
            } elseif ($kind === self::CLOSES) {
                $now = self::closed($opened, $cluster) ?? $now;
            }
            $scripts[] = $now;
        }

        return $scripts;
    }

    /** The four letters of ISO 15924 for a script; none for what many use. */
    public static function name(int $script): string
    {
        return $script > self::INHERITED ? \IntlChar::getPropertyValueName(\IntlChar::PROPERTY_SCRIPT, $script, \IntlChar::SHORT_PROPERTY_NAME) : '';
    }

    /** Whether words behind such a script are set as if nothing stood before them, as far as they are Latin. */
    public static function isSimple(int $script): bool
    {
        return $script === self::COMMON || $script === self::LATIN;
    }

    /** Whether the letters of a script hang together, so that there is room between its words, but not between its letters. */
    public static function isCursive(int $script): bool
    {
        return in_array($script, self::CURSIVE, true);
    }

    /**
     * The script in which the bracket was opened that closes with a character; it and those opened after it are closed then.
     *
     * @param  list<array{int|string|null, int}>  $opened
     */
    private static function closed(array &$opened, string $bracket): ?int
    {
        for ($i = count($opened) - 1; $i >= 0; $i--) {
            if ($opened[$i][0] === $bracket) {
                $script = $opened[$i][1];
                array_splice($opened, $i);

                return $script;
            }
        }

        return null;
    }
}
