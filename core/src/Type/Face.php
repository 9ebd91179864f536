<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * One weight of one family, upright or italic, measured.
 *
 * Widths are sums of advances, pair adjustments and the residues of ligatures, in font units,
 * as HarfBuzz shaped them; contextual alternates are off. Characters that no face
 * has are estimated: 1 em where East Asian wide, 0.6 em otherwise. Words of a face without tables, and those in other forms than the usual ones, are
 * shaped each by itself with its `font`.
 *
 * @phpstan-import-type Metrics from FaceSource
 */
final readonly class Face
{
    /** @param  Metrics  $metrics */
    public function __construct(private array $metrics, public string $font = '', public bool $isMeasured = true)
    {
    }

    /** Whether it has features of OpenType, by their tags. */
    public function hasFeatures(string ...$tags): bool
    {
        return array_diff($tags, $this->metrics['features']) === [];
    }

    /** @return list<string> the other forms of figures and letters that it has, by their words in CSS */
    public function variants(): array
    {
        return array_keys(array_filter(FontVariant::FEATURES, fn (array $tags): bool => $this->hasFeatures(...$tags)));
    }

    /** Whether its tables say how wide all of some words are. */
    public function measures(string $text): bool
    {
        if (! $this->isMeasured) {
            return false;
        }
        $advances = $this->metrics['advances'];
        // Most words are of letters that every face has.
        if (preg_match('/[^\x20-\x7e]/', $text) === 0) {
            return true;
        }
        foreach (mb_str_split($text) as $character) {
            $code = mb_ord($character);
            if ($code >= 32 && ! isset($advances[$code])) {
                return false;
            }
        }

        return true;
    }

    /** Whether its tables have a character. */
    public function has(int $code): bool
    {
        return isset($this->metrics['advances'][$code]);
    }

    public function family(): string
    {
        return $this->metrics['family'];
    }

    public function weight(): int
    {
        return $this->metrics['weight'];
    }

    /** Ascent in em. */
    public function ascent(): float
    {
        return $this->metrics['ascent'] / $this->metrics['unitsPerEm'];
    }

    /** Descent in em, positive downwards. */
    public function descent(): float
    {
        return $this->metrics['descent'] / $this->metrics['unitsPerEm'];
    }

    public function capHeight(): float
    {
        return $this->metrics['capHeight'] / $this->metrics['unitsPerEm'];
    }

    /** Height of a small x in em. */
    public function xHeight(): float
    {
        return $this->metrics['xHeight'] / $this->metrics['unitsPerEm'];
    }

    /** @return array{float, float} how far below the baseline a line under words begins, and how thick it is, em */
    public function underline(): array
    {
        [$top, $thickness] = $this->metrics['underline'];

        return [-$top / $this->metrics['unitsPerEm'], $thickness / $this->metrics['unitsPerEm']];
    }

    /** @return array{float, float} the same of a line through words, which begins above the baseline: less than 0 */
    public function lineThrough(): array
    {
        [$top, $thickness] = $this->metrics['lineThrough'];

        return [-$top / $this->metrics['unitsPerEm'], $thickness / $this->metrics['unitsPerEm']];
    }

    public function unitsPerEm(): int
    {
        return $this->metrics['unitsPerEm'];
    }

    /**
     * How far the baseline of a line lies below its top, in px, by the whole px to which Chromium rounds a face's ascent and
     * descent: so that words stand where a page of HTML would set them.
     *
     * @param  float  $size  px
     * @param  float  $lineHeight  px
     */
    public function baseline(float $size, float $lineHeight): float
    {
        $ascent = round($this->ascent() * $size);
        $descent = round($this->descent() * $size);
        if ($descent < $this->descent() * $size && $ascent >= 1) {
            $ascent--;
            $descent++;
        }

        return $ascent + floor(($lineHeight - $ascent - $descent) / 2);
    }

    /**
     * Width of one line in em. Letter spacing (em) is added after every character, as CSS does,
     * and turns ligatures off (CSS Text 3, section 8.2).
     */
    public function width(string $text, float $letterSpacing = 0.0): float
    {
        $pen = 0.0;
        foreach ($this->advances($text, $letterSpacing === 0.0) as $advance) {
            $pen += $advance;
        }

        return $pen / $this->metrics['unitsPerEm'] + $letterSpacing * mb_strlen($text);
    }

    /**
     * Advance of each character in font units, adjusted to what precedes it.
     *
     * @return list<float>
     */
    public function advances(string $text, bool $ligatures = true): array
    {
        $advances = $this->metrics['advances'];
        $pairs = $this->metrics['pairs'];
        $plain = $this->metrics['plainPairs'];
        $triples = $ligatures ? $this->metrics['triples'] : [];
        $out = [];
        $before = null;
        $characters = mb_str_split($text);
        foreach ($characters as $i => $character) {
            $code = mb_ord($character);
            $advance = $advances[$code] ?? $this->estimate($code);
            if ($before !== null) {
                $key = $before * 2_097_152 + $code;
                $advance += $ligatures ? ($pairs[$key] ?? 0) : ($plain[$key] ?? $pairs[$key] ?? 0);
                if ($triples !== [] && $i > 1) {
                    $three = $characters[$i - 2].$characters[$i - 1].$character;
                    $advance += $triples[$three] ?? 0;
                    $advance += $i > 2 ? $triples[$characters[$i - 3].$three] ?? 0 : 0;
                }
            }
            $out[] = (float) $advance;
            $before = $code;
        }

        return $out;
    }

    private function estimate(int $code): float
    {
        if ($code < 32 || in_array(\IntlChar::charType($code), [\IntlChar::CHAR_CATEGORY_NON_SPACING_MARK, \IntlChar::CHAR_CATEGORY_FORMAT_CHAR], true)) {
            return 0.0;
        }
        $wide = in_array(
            \IntlChar::getIntPropertyValue($code, \IntlChar::PROPERTY_EAST_ASIAN_WIDTH),
            [\IntlChar::EA_WIDE, \IntlChar::EA_FULLWIDTH],
            true,
        );

        return ($wide ? 1.0 : 0.6) * $this->metrics['unitsPerEm'];
    }
}
