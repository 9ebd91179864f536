<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Token\TokenValue;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Number as Numeric;
use Kindred\Property\Property;
use Kindred\Property\Record;
use Kindred\Property\Shorthand;
use Kindred\Property\Typing;

/** A length: a spacing, a radius, a size, the width of a line. One rem is 16 px. */
final readonly class DimensionToken implements TokenValue
{
    use Declared;

    private const REM = 16.0;

    public function __construct(#[Is\Number] public float $value, #[Is\Choice(sparse: true)] public LengthUnit $unit = LengthUnit::Px)
    {
    }

    public static function kind(): string
    {
        return 'dimension';
    }

    public static function label(): string
    {
        return 'Length';
    }

    public function css(): string
    {
        return Number::text($this->value).$this->unit->value;
    }

    public function px(): float
    {
        return $this->unit === LengthUnit::Rem ? $this->value * self::REM : $this->value;
    }

    public static function typed(string $text): self
    {
        if (preg_match('/^\s*(-?[\d.]+)\s*(px|rem)?\s*$/D', $text, $match) !== 1 || ! is_numeric($match[1]) || abs((float) $match[1]) > 100_000) {
            throw new InvalidInput('value', 'A length is written like 12, 12px or 0.75rem');
        }

        return new self((float) $match[1], LengthUnit::from($match[2] ?? 'px'));
    }

    public static function from(Property $property, mixed $value): ?self
    {
        $length = $value instanceof Shorthand ? $value->short() : $value;

        return is_numeric($length) && ($value instanceof Shorthand || ($property instanceof Numeric && $property->isLength())) ? new self((float) $length) : null;
    }

    public function valueOf(Property $property, mixed $has): mixed
    {
        $px = $this->px();
        if ($property instanceof Record && $property->hasShorthand()) {
            return $px < 0 ? null : $property->typed(Number::text($px), $has, Typing::alone());
        }

        return $property instanceof Numeric && $property->isLength() && $px >= $property->min && $px <= $property->max ? $px : null;
    }
}
