<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Style\Paint\Painted;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Token\TokenValue;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Parsed;
use Kindred\Property\Property;

/** A colour. */
final readonly class ColourToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\Parsed(200)] public Colour $value)
    {
    }

    public static function kind(): string
    {
        return 'color';
    }

    public static function label(): string
    {
        return 'Colour';
    }

    public function css(): string
    {
        return $this->value->toHex();
    }

    public static function typed(string $text): self
    {
        return new self(Colour::parse($text));
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return match (true) {
            $value instanceof Colour => new self($value),
            $value instanceof Solid => new self($value->colour),
            default => null,
        };
    }

    /** The colour, or the paint that it is. */
    public function valueOf(Property $property, mixed $has): Colour|Solid|null
    {
        return match (true) {
            $property instanceof Painted => new Solid($this->value),
            $property instanceof Parsed && $property->type() === Colour::class => $this->value,
            default => null,
        };
    }
}
