<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;

/** How heavy words are, 1 to 1000 (CSS Fonts 4, section 2.2). */
final readonly class FontWeightToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\Whole(1, 1000)] public int $value)
    {
    }

    public static function kind(): string
    {
        return 'fontWeight';
    }

    public static function label(): string
    {
        return 'Weight';
    }

    public function css(): string
    {
        return (string) $this->value;
    }

    public static function typed(string $text): self
    {
        return preg_match('/^\s*\d{1,4}\s*$/D', $text) === 1 && (int) $text >= 1 && (int) $text <= 1000 ? new self((int) $text) : throw new InvalidInput('value', 'A weight from 1 to 1000 is expected');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $property->name() === 'weight' && is_int($value) ? new self($value) : null;
    }

    public function valueOf(Property $property, mixed $has): ?int
    {
        return $property->name() === 'weight' ? $this->value : null;
    }
}
