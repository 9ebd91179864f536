<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Input\Reader;

/**
 * How words are set. Size in px (1 to 1000), line height in multiples of the size (0.5 to 5),
 * letter spacing in em (-0.5 to 2). What is trimmed reaches from the cap height of its first line to the
 * baseline of its last (CSS Inline 3, `text-box: trim-both cap alphabetic`).
 */
final readonly class TextStyle
{
    public function __construct(
        public string $family = FaceBook::DEFAULT_FAMILY,
        public int $weight = 400,
        public float $size = 16,
        public float $lineHeight = 1.4,
        public float $letterSpacing = 0,
        public TextAlign $align = TextAlign::Left,
        public TextTransform $transform = TextTransform::None,
        public bool $trim = false,
        public bool $italic = false,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->string('family', 80, false),
            $in->whole('weight', 1, 1000),
            $in->number('size', 1, 1000),
            $in->number('lineHeight', 0.5, 5),
            $in->numberOr('letterSpacing', 0, -0.5, 2),
            $in->has('align') ? $in->enum('align', TextAlign::class) : TextAlign::Left,
            $in->has('transform') ? $in->enum('transform', TextTransform::class) : TextTransform::None,
            $in->boolean('trim', false),
            $in->boolean('italic', false),
        );
    }

    /** A copy with one property changed; the value is checked like one that is read. */
    public function with(string $property, string|int|float|bool $value): self
    {
        return self::read(Reader::of([...$this->toArray(), $property => $value]));
    }

    public function scaled(float $factor): self
    {
        return $this->with('size', max(1.0, min(1000.0, $this->size * $factor)));
    }

    /** @return array{family: string, weight: int, size: float, lineHeight: float, letterSpacing: float, align: string, transform: string, trim: bool, italic: bool} */
    public function toArray(): array
    {
        return [
            'family' => $this->family,
            'weight' => $this->weight,
            'size' => $this->size,
            'lineHeight' => $this->lineHeight,
            'letterSpacing' => $this->letterSpacing,
            'align' => $this->align->value,
            'transform' => $this->transform->value,
            'trim' => $this->trim,
            'italic' => $this->italic,
        ];
    }
}
