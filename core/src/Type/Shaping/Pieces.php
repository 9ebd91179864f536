<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

use Kindred\Type\Face;

/**
 * Takes words apart by their script, their direction and the faces that have their characters, as a browser does: a cluster that the face of the
 * words lacks is set in the first of those that stand in for it and are asked for its characters. Words of two pieces are not kerned with each other.
 */
final class Pieces
{
    /** What is written from right to left (Unicode blocks from Hebrew to Arabic Extended-B, presentation forms, and the scripts of plane 1). */
    private const RIGHT_TO_LEFT = '/[\x{590}-\x{8FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFF}\x{10800}-\x{10FFF}\x{1E800}-\x{1EFFF}\x{200F}\x{202B}\x{202E}\x{2067}]/u';

    /** What joins or varies other characters and has no glyph that is missed: joiners, variation selectors, tags, marks of direction. */
    private const UNSEEN = '/^[\x{AD}\x{34F}\x{61C}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{206F}\x{FE00}-\x{FE0F}\x{FEFF}\x{E0000}-\x{E0FFF}]$/u';

    public function __construct(private readonly Shaper $shaper)
    {
    }

    /** Whether some of it may be written from right to left. */
    public static function turns(string $text): bool
    {
        return preg_match(self::RIGHT_TO_LEFT, $text) === 1;
    }

    /**
     * From left to right, as they are seen.
     *
     * @param  list<array{Face, list<array{int, int}>}>  $beyond  the faces that stand in, with the characters that each is asked for
     * @param  float  $letterSpacing  em, after each cluster
     * @param  bool|null  $rightToLeft  the direction of the words; null where their letters say it
     * @param  int  $script  that of what stands before them
     * @param  list<string>  $features  of OpenType that are on beside the usual ones
     * @return list<Piece>
     */
    public function of(string $text, Face $face, array $beyond, float $letterSpacing, ?bool $rightToLeft = null, int $script = 0, array $features = []): array
    {
        $levels = $rightToLeft === true || self::turns($text) ? $this->shaper->levels($text, $rightToLeft) : [];
        $spans = [];
        $at = $byte = 0;
        $clusters = Clusters::of($text);
        $scripts = Scripts::of($clusters, $script);
        foreach ($clusters as $i => $cluster) {
            $spacing = $cluster !== ' ' && Scripts::isCursive($scripts[$i]) ? 0.0 : $letterSpacing;
            $chosen = $this->face($cluster, $face, $beyond);
            $alike = [$chosen, $levels[$at] ?? 0, $scripts[$i], $spacing, $this->isShaped($chosen, $cluster, $features !== [] || ! Scripts::isSimple($scripts[$i]))];
            $at += mb_strlen($cluster);
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][0] === $alike) {
                $spans[$last][1] .= $cluster;
            } else {
                $spans[] = [$alike, $cluster, $byte];
            }
            $byte += strlen($cluster);
        }

        return array_map(function (int $i) use ($spans, $letterSpacing, $features): Piece {
            [[$chosen, $level, $script, $spacing, $shaped], $text, $byte] = $spans[$i];

            return $this->piece($chosen, $text, $byte, $level % 2 === 1, $spacing, $shaped ? [$letterSpacing === 0.0, Scripts::name($script), $features] : null);
        }, Order::seen(array_map(fn (array $span): int => $span[0][1], $spans)));
    }

    /** Whether words are shaped, not measured by tables, which hold the usual forms of Latin: those of a face without any, and others as far as its font goes. */
    private function isShaped(Face $face, string $cluster, bool $otherwise): bool
    {
        return ! $face->isMeasured || ($otherwise && array_filter(mb_str_split($cluster), fn (string $character): bool => ! $this->shaper->covers($face->font, mb_ord($character))) === []);
    }

    /** @param  array{bool, string, list<string>}|null  $shaped  whether with ligatures, of which script, and with which features; null where tables say all */
    private function piece(Face $face, string $text, int $at, bool $turned, float $letterSpacing, ?array $shaped): Piece
    {
        if ($shaped === null) {
            // Kerned in the order in which it is read, and drawn in that in which it is seen.
            $mirrored = $turned ? self::mirrored($text) : $text;

            return new Piece($face, $turned ? implode('', array_reverse(mb_str_split($mirrored))) : $text, $at, $face->width($mirrored, $letterSpacing), $letterSpacing);
        }
        $glyphs = $this->shaper->shape($face->font, $text, $turned, ...$shaped);
        $clusters = count(array_unique(array_map(fn (Glyph $glyph): int => $glyph->cluster, $glyphs)));
        $width = array_sum(array_map(fn (Glyph $glyph): float => $glyph->advance, $glyphs)) / $face->unitsPerEm();

        return new Piece($face, $text, $at, $width + $letterSpacing * $clusters, $letterSpacing, $glyphs);
    }

    /** @param  list<array{Face, list<array{int, int}>}>  $beyond */
    private function face(string $cluster, Face $face, array $beyond): Face
    {
        $codes = array_map(mb_ord(...), array_filter(mb_str_split($cluster), fn (string $character): bool => preg_match(self::UNSEEN, $character) === 0));
        if ($this->covers($face, $codes)) {
            return $face;
        }
        foreach ($beyond as [$other, $ranges]) {
            if ($codes !== [] && self::isAsked($ranges, $codes[array_key_first($codes)]) && $this->covers($other, $codes)) {
                return $other;
            }
        }

        return $face;
    }

    /** @param  array<int>  $codes */
    private function covers(Face $face, array $codes): bool
    {
        foreach ($codes as $code) {
            if ($face->isMeasured ? ! $face->has($code) : ! $this->shaper->covers($face->font, $code)) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<array{int, int}>  $ranges */
    private static function isAsked(array $ranges, int $code): bool
    {
        foreach ($ranges as [$from, $to]) {
            if ($code >= $from && $code <= $to) {
                return true;
            }
        }

        return false;
    }

    /** Brackets and what else has two sides, turned round (UAX #9, rule L4). */
    private static function mirrored(string $text): string
    {
        return implode('', array_map(fn (string $character): string => (string) \IntlChar::charMirror($character), mb_str_split($text)));
    }
}
