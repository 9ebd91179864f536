<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Style\Effect\CssShadow;
use Kindred\Document\Style\Effect\OfEffect;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Token\TokenValue;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;

/** One shadow or several, the front one first. A layer is bound to one that is a single shadow. */
final readonly class ShadowToken implements TokenValue
{
    use Declared;

    /** @param  list<Shadow>  $shadows */
    public function __construct(#[Is\Records(Shadow::class, 16)] public array $shadows)
    {
    }

    public static function kind(): string
    {
        return 'shadow';
    }

    public static function label(): string
    {
        return 'Shadow';
    }

    public function css(): string
    {
        return implode(', ', array_map(CssShadow::write(...), $this->shadows));
    }

    public static function typed(string $text): self
    {
        return new self(array_map(CssShadow::read(...), array_map(strval(...), (array) preg_split('/,(?![^(]*\))/', $text))));
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $value instanceof Shadow ? new self([$value]) : null;
    }

    public function valueOf(Property $property, mixed $has): ?Shadow
    {
        return $property instanceof OfEffect && count($this->shadows) === 1 ? $this->shadows[0] : null;
    }
}
