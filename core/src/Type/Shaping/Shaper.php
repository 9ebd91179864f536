<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

/** Shapes words with a font file: what glyphs they are set with and where. Figures are in font units. */
interface Shaper
{
    /** Whether a font has a glyph of its own for a character. */
    public function covers(string $file, int $code): bool;

    /**
     * Words of one script and direction, from left to right as they are seen.
     *
     * @param  bool  $ligatures  those that letters are joined by for their looks; what a script cannot do without is always done
     * @param  string  $script  by its four letters in ISO 15924; none where the words say it
     * @param  list<string>  $features  of OpenType that are on beside the usual ones
     * @return list<Glyph>
     */
    public function shape(string $file, string $words, bool $rightToLeft, bool $ligatures, string $script = '', array $features = []): array;

    /** A glyph as path data, its y running upwards; empty where it draws nothing. */
    public function outline(string $file, int $glyph): string;

    /**
     * The embedding level of each character of a paragraph (UAX #9): odd ones are read from right to left.
     *
     * @param  bool|null  $rightToLeft  the direction of the paragraph; null where its first letter says it
     * @return list<int>
     */
    public function levels(string $paragraph, ?bool $rightToLeft = null): array;
}
