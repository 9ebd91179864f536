<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\SetInFamilies;
use Kindred\Document\Token\TokenValue;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;
use Kindred\Type\TextStyle;

/** How words are set: family, weight, size, line height and tracking. How they are aligned and decorated is each text's own. */
final readonly class TypographyToken implements SetInFamilies, TokenValue
{
    use Declared;

    /** What of a style is its. */
    public const PARTS = ['family', 'weight', 'size', 'lineHeight', 'letterSpacing'];

    public function __construct(#[Is\Record] public TextStyle $style)
    {
    }

    public function families(): array
    {
        return [$this->style->family];
    }

    public function inFamily(string $by, string $instead): static
    {
        return $this->style->family === $by ? new self($this->style->with(family: $instead)) : $this;
    }

    public static function kind(): string
    {
        return 'typography';
    }

    public static function label(): string
    {
        return 'Type style';
    }

    /** As the `font` shorthand; tracking has no place in it. */
    public function css(): string
    {
        $family = (new FontFamilyToken([$this->style->family]))->css();

        return "{$this->style->weight} ".Number::text($this->style->size).'px/'.Number::text($this->style->lineHeight)." {$family}";
    }

    public static function typed(string $text): self
    {
        if (preg_match('~^\s*(\d{1,4})\s+([\d.]+)px\s*/\s*([\d.]+)\s+(.+)$~D', $text, $match) !== 1) {
            throw new InvalidInput('value', 'A type style is written like 600 24px/1.3 Hanken Grotesk');
        }
        $family = FontFamilyToken::typed($match[4])->value[0];

        return new self(TextStyle::read(Reader::of(['family' => $family, 'weight' => (int) $match[1], 'size' => (float) $match[2], 'lineHeight' => (float) $match[3]])));
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $value instanceof TextStyle ? new self((new TextStyle)->with(...array_intersect_key(get_object_vars($value), array_flip(self::PARTS)))) : null;
    }

    public function valueOf(Property $property, mixed $has): ?TextStyle
    {
        return $property instanceof Is\Record && $property->type() === TextStyle::class && $has instanceof TextStyle
            ? $has->with(...array_intersect_key(get_object_vars($this->style), array_flip(self::PARTS)))
            : null;
    }
}
