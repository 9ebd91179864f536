<?php

declare(strict_types=1);

namespace Kindred\Type;

/**
 * Partners for words by a type scale: sizes that are each so many times the next (R. Bringhurst, The Elements of Typographic
 * Style, 3.1), and weights of the same family. What is larger has its lines closer and its letters a little closer together;
 * a label is small, in capitals and spaced, as capitals need it.
 */
final class Pairing
{
    /** The ratios of a scale that have a name, as intervals of music. */
    public const RATIOS = ['1.125' => 'major second', '1.2' => 'minor third', '1.25' => 'major third', '1.333' => 'perfect fourth', '1.5' => 'perfect fifth', '1.618' => 'golden section'];

    public const USUAL = '1.25';

    /**
     * Partners: steps up the scale, or the size in px to which the nearest step down is meant; steps of weight, line height,
     * letter spacing in em, in capitals, above the words.
     */
    private const PARTNERS = [
        'heading' => [2, null, 2, 1.15, -0.01, false, true],
        'subheading' => [1, null, 1, 1.25, 0.0, false, true],
        'label' => [0, 12.0, 1, 1.3, 0.06, true, true],
        'value' => [2, null, 2, 1.1, -0.01, false, false],
        'running text' => [0, 16.0, -1, 1.5, 0.0, false, false],
        'caption' => [0, 12.0, 0, 1.4, 0.01, false, false],
    ];

    /** Less is not read on a screen, px. */
    private const MIN = 9.0;

    /**
     * @param  list<int>  $weights  that the family has
     * @param  float  $ratio  of each size to the next smaller one
     * @return list<Partner>
     */
    public static function of(TextStyle $style, array $weights, float $ratio): array
    {
        $partners = [];
        foreach (self::PARTNERS as $name => [$up, $near, $heavier, $lineHeight, $letterSpacing, $capitals, $above]) {
            $steps = $near === null ? $up : -max(1, (int) round(log($style->size / $near) / log($ratio)));
            $size = max(self::MIN, min(1000.0, self::rounded($style->size * $ratio ** $steps)));
            $partners[] = new Partner($name, $above, $style->with(
                size: $size, weight: self::weight($weights, $style->weight, $heavier), lineHeight: $lineHeight, letterSpacing: $letterSpacing,
                transform: $capitals ? TextTransform::Uppercase : TextTransform::None, italic: false, decoration: TextDecoration::None, trim: false,
            ));
        }

        return $partners;
    }

    /** Sizes that are typed: whole px, and halves where they are small. */
    private static function rounded(float $size): float
    {
        return $size < 14 ? round($size * 2) / 2 : round($size);
    }

    /** @param  list<int>  $weights */
    private static function weight(array $weights, int $from, int $steps): int
    {
        sort($weights);
        $at = 0;
        foreach ($weights as $i => $weight) {
            if (abs($weight - $from) < abs($weights[$at] - $from)) {
                $at = $i;
            }
        }

        return $weights[max(0, min(count($weights) - 1, $at + $steps))] ?? $from;
    }
}
