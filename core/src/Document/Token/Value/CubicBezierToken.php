<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Easing\CubicBezier;
use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
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
        $easing = Easing::parse($text, 'value');

        return $easing->function instanceof CubicBezier ? new self($easing) : throw new InvalidInput('value', 'A token of easing is a curve, not steps or a spring');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $value instanceof Easing && $value->function instanceof CubicBezier ? new self($value) : null;
    }

    public function valueOf(Property $property, mixed $has): ?Easing
    {
        return $property instanceof Parsed && $property->type() === Easing::class ? $this->value : null;
    }
}
