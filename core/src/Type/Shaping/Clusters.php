<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

/** What a reader takes for one character (UAX #29). */
final class Clusters
{
    /** A letter whose vowel is left out hangs together with the next (rule GB9c, which PCRE and ICU do not know yet). */
    private const TOGETHER = '/\x{94D}\x{200D}?$/u';

    /** @return list<string> */
    public static function of(string $text): array
    {
        preg_match_all('/\X/u', $text, $found);
        // PCRE takes pictographs that follow each other for one.
        $clusters = preg_match('/\p{Extended_Pictographic}{2}/u', $text) === 1 ? self::byIcu($text) : $found[0];

        return str_contains($text, "\u{94D}") ? self::together($clusters) : $clusters;
    }

    /** @return list<string> */
    private static function byIcu(string $text): array
    {
        /** @var \IntlBreakIterator|null $iterator costly to make */
        static $iterator = null;

        $iterator ??= \IntlBreakIterator::createCharacterInstance('en') ?? throw new \RuntimeException('The rules of ICU for characters are missing.');
        $iterator->setText($text);
        $clusters = [];
        for ($from = $iterator->first(); ($to = $iterator->next()) !== \IntlBreakIterator::DONE; $from = $to) {
            $clusters[] = substr($text, $from, $to - $from);
        }

        return $clusters;
    }

    /**
     * @param  list<string>  $clusters
     * @return list<string>
     */
    private static function together(array $clusters): array
    {
        $out = [];
        foreach ($clusters as $cluster) {
            $last = count($out) - 1;
            if ($last >= 0 && preg_match(self::TOGETHER, $out[$last]) === 1 && preg_match('/^\p{L}/u', $cluster) === 1) {
                $out[$last] .= $cluster;
            } else {
                $out[] = $cluster;
            }
        }

        return $out;
    }
}
