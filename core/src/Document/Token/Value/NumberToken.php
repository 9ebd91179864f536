<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Token\TokenValue;
use Kindred\Geometry\Number;
use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Number as Numeric;
use Kindred\Property\Property;

/** A number without a unit: an opacity, a line height. */
final readonly class NumberToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\Number] public float $value)
    {
    }

    public static function kind(): string
    {
        return 'number';
    }

    public static function label(): string
    {
        return 'Number';
    }

    public function css(): string
    {
        return Number::text($this->value);
    }

    public static function typed(string $text): self
    {
        $number = Arithmetic::evaluate($text, 1.0);

        return abs($number) <= 100_000 ? new self($number) : throw new InvalidInput('value', 'A number up to 100,000 is expected');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return is_float($value) && $property instanceof Numeric && ! $property->isLength() ? new self($value) : null;
    }

    public function valueOf(Property $property, mixed $has): ?float
    {
        return $property instanceof Numeric && ! $property->isLength() && $this->value >= $property->min && $this->value <= $property->max ? $this->value : null;
    }
}
