<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Token\TokenValue;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;

/** How long something takes, ms. */
final readonly class DurationToken implements TokenValue
{
    use Declared;

    public function __construct(#[Is\Number(0, 3_600_000)] public float $value)
    {
    }

    public static function kind(): string
    {
        return 'duration';
    }

    public static function label(): string
    {
        return 'Duration';
    }

    public function css(): string
    {
        return Number::text($this->value).'ms';
    }

    public static function typed(string $text): self
    {
        if (preg_match('/^\s*([\d.]+)\s*(ms|s)?\s*$/D', $text, $match) !== 1 || ! is_numeric($match[1])) {
            throw new InvalidInput('value', 'A duration is written like 200, 200ms or 0.2s');
        }
        $ms = (float) $match[1] * (($match[2] ?? 'ms') === 's' ? 1000 : 1);

        return $ms <= 3_600_000 ? new self($ms) : throw new InvalidInput('value', 'A duration is at most an hour');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $property instanceof Is\Duration && is_int($value) ? new self((float) $value) : null;
    }

    /** In whole ms. */
    public function valueOf(Property $property, mixed $has): ?int
    {
        return $property instanceof Is\Duration && $this->value <= $property->max ? (int) round($this->value) : null;
    }
}
