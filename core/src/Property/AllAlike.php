<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value of numbers that are often all the same: its short form is that one number. */
trait AllAlike
{
    public function short(): string
    {
        [$name, $property] = self::first();

        return count(array_unique(array_map(fn (mixed $value): string => json_encode($value, JSON_THROW_ON_ERROR), $this->toArray()))) === 1 ? $property->shown(get_object_vars($this)[$name]) : '';
    }

    public static function typed(string $text, mixed $has, Typing $typing): static
    {
        [$name, $property] = self::first();
        $value = $property->typed($text, $has instanceof self ? get_object_vars($has)[$name] : null, $typing);

        return new static(...array_map(fn (): mixed => $value, Properties::of(self::class)->all)); // @phpstan-ignore-line all of them are of one type
    }

    /** @return array{string, Property<mixed>} */
    private static function first(): array
    {
        $all = Properties::of(self::class)->all;
        $name = (string) array_key_first($all);

        return [$name, $all[$name]];
    }
}
