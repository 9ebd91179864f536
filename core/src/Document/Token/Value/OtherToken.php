<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Property;

/**
 * A value of a type that nothing here can be bound to yet, such as a border: it is kept as the file had it. A part that is another token
 * stands in it by the name that this had then; which it is says `bound` of the token, under `value.` and the way to the part.
 */
final readonly class OtherToken implements TokenValue
{
    use Declared;

    /** Before the way to a part, among what is bound. */
    public const PART = 'value.';

    /**
     * @param  string  $type  as the file calls it
     * @param  string  $value  JSON
     */
    public function __construct(#[Is\Words(40, empty: false)] public string $type, #[Is\Words(20_000, empty: false)] public string $value)
    {
    }

    /** @param  mixed  $value  as JSON can hold it */
    public static function holding(string $type, mixed $value): self
    {
        return new self($type, json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));
    }

    public static function kind(): string
    {
        return 'other';
    }

    public static function label(): string
    {
        return 'Other';
    }

    public function css(): string
    {
        return '';
    }

    public static function typed(string $text): self
    {
        throw new InvalidInput('value', 'A value of this type is changed in its file, and imported again');
    }

    public static function from(Property $property, mixed $value): ?self
    {
        return null;
    }

    public function valueOf(Property $property, mixed $has): mixed
    {
        return null;
    }
}
