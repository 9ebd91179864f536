<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Style\Paint\ConicGradient;
use Kindred\Document\Style\Paint\CssPaint;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Painted;
use Kindred\Document\Style\Paint\RadialGradient;
use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;
use Kindred\Property\Typing;

/** A gradient. */
final readonly class GradientToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\OneOf([LinearGradient::class, RadialGradient::class, ConicGradient::class])] public Gradient $paint)
    {
    }

    public static function kind(): string
    {
        return 'gradient';
    }

    public static function label(): string
    {
        return 'Gradient';
    }

    public function css(): string
    {
        return $this->paint->css();
    }

    public static function typed(string $text): self
    {
        $paint = CssPaint::read($text, Typing::alone());

        return $paint instanceof Gradient ? new self($paint) : throw new InvalidInput('value', 'A gradient is written as in CSS: linear-gradient(90deg, #a94c31, #d9a441)');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $value instanceof Gradient ? new self($value) : null;
    }

    public function valueOf(Property $property, mixed $has): ?Gradient
    {
        return $property instanceof Painted ? $this->paint : null;
    }

    /** @param  \Closure(\Kindred\Paint\Colour): \Kindred\Paint\Colour  $colour */
    public function recoloured(\Closure $colour): self
    {
        return new self($this->paint->recoloured($colour));
    }
}
