<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * How words are set. Size in px (1 to 1000), line height in multiples of the size (0.5 to 5),
 * letter spacing in em (-0.5 to 2). What is trimmed reaches from the cap height of its first line to the
 * baseline of its last (CSS Inline 3, `text-box: trim-both cap alphabetic`).
 */
final readonly class TextStyle implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Words(80, empty: false, given: true)] public string $family = FaceBook::DEFAULT_FAMILY,
        #[Is\Whole(1, 1000, given: true)] public int $weight = 400,
        #[Is\Number(1, 1000, base: Is\Base::Own, given: true, tries: ['*0.75', '*1.25', '*1.5'])] public float $size = 16,
        #[Is\Number(0.5, 5, base: Is\Base::One, given: true, tries: ['1', '1.2', '1.4', '1.6', '1.8'])] public float $lineHeight = 1.4,
        #[Is\Number(-0.5, 2, base: Is\Base::One, label: 'tracking', tries: ['-0.02', '0', '0.02', '0.06'])] public float $letterSpacing = 0,
        #[Is\Choice] public TextAlign $align = TextAlign::Left,
        #[Is\Choice(label: 'case')] public TextTransform $transform = TextTransform::None,
        #[Is\Flag(label: 'box of the text', look: false)] public bool $trim = false,
        #[Is\Flag(label: 'slope')] public bool $italic = false,
        #[Is\Choice(label: 'lines', sparse: true)] public TextDecoration $decoration = TextDecoration::None,
        #[Is\Parsed(200, label: 'forms', sparse: true)] public FontVariant $variant = new FontVariant,
    ) {
    }

    /** Whether text is large, which needs less contrast: from 24 px on, bold from 18.66 px on (WCAG 2.2, large scale). */
    public function isLarge(): bool
    {
        return $this->size >= 24 || ($this->size >= 18.66 && $this->weight >= 700);
    }

    public function scaled(float $factor): self
    {
        return $this->with(size: self::fitted($this->size * $factor));
    }

    /** The nearest size that words can have. */
    public static function fitted(float $size): float
    {
        return max(1.0, min(1000.0, $size));
    }
}
