<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Cue\Easing;
use Kindred\Document\Token\TokenValue;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Parsed;
use Kindred\Property\Property;

/** How something moves over its time. */
final readonly class CubicBezierToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\Parsed(100)] public Easing $value)
    {
    }

    public static function kind(): string
    {
        return 'cubicBezier';
    }

    public static function label(): string
    {
        return 'Easing';
    }

    public function css(): string
    {
        return $this->value->css();
    }

    public static function typed(string $text): self
    {
        return new self(Easing::parse($text, 'value'));
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $value instanceof Easing ? new self($value) : null;
    }

    public function valueOf(Property $property, mixed $has): ?Easing
    {
        return $property instanceof Parsed && $property->type() === Easing::class ? $this->value : null;
    }
}
