<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\SetInFamilies;
use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;

/** The family in which words are set, and those that stand in for it, the most wanted first. */
final readonly class FontFamilyToken implements SetInFamilies, TokenValue
{
    use Declared;

    /** @param  list<string>  $value */
    public function __construct(#[Is\Strings(80, 20)] public array $value)
    {
    }

    /** What stands in for it need not be here. */
    public function families(): array
    {
        return array_slice($this->value, 0, 1);
    }

    public function inFamily(string $by, string $instead): static
    {
        return ($this->value[0] ?? null) === $by ? new self([$instead, ...array_values(array_diff($this->value, [$by, $instead]))]) : $this;
    }

    public static function kind(): string
    {
        return 'fontFamily';
    }

    public static function label(): string
    {
        return 'Family';
    }

    public function css(): string
    {
        return implode(', ', array_map(fn (string $family): string => preg_match('/^[a-zA-Z-]+$/D', $family) === 1 ? $family : '"'.addcslashes($family, '"\\').'"', $this->value));
    }

    public static function typed(string $text): self
    {
        $families = array_values(array_filter(array_map(fn (string $one): string => trim($one, " \t\n\"'"), explode(',', $text)), fn (string $one): bool => $one !== ''));
        if ($families === [] || count($families) > 20 || max(array_map(mb_strlen(...), $families)) > 80) {
            throw new InvalidInput('value', 'Write the family, and those that stand in for it, with commas between');
        }

        return new self($families);
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return $property->name() === 'family' && is_string($value) && $value !== '' ? new self([$value]) : null;
    }

    public function valueOf(Property $property, mixed $has): ?string
    {
        return $property->name() === 'family' ? $this->value[0] ?? null : null;
    }
}
