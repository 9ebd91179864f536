<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** How short words are set that stand by themselves, such as the labels of a chart; units as those of `TextStyle`. */
final readonly class LabelStyle implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Words(80, empty: false)] public string $family = FaceBook::DEFAULT_FAMILY,
        #[Is\Whole(1, 1000)] public int $weight = 400,
        #[Is\Number(1, 1000, base: Is\Base::Own)] public float $size = 12,
        #[Is\Number(-0.5, 2, base: Is\Base::One, label: 'tracking')] public float $letterSpacing = 0,
        #[Is\Choice(label: 'case')] public TextTransform $transform = TextTransform::None,
        #[Is\Flag(label: 'slope')] public bool $italic = false,
        #[Is\Parsed(200, label: 'forms', sparse: true)] public FontVariant $variant = new FontVariant,
    ) {
    }

    /** @param  float  $larger  how many times the size */
    public function text(float $larger = 1.0, ?int $weight = null): TextStyle
    {
        return new TextStyle($this->family, $weight ?? $this->weight, TextStyle::fitted(round($this->size * $larger, 2)), 1.3, $this->letterSpacing, transform: $this->transform, italic: $this->italic, variant: $this->variant);
    }
}
