<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/** An immutable value whose constructor declares its properties. */
trait Declared
{
    /** @throws \Kindred\Input\InvalidInput */
    public static function read(Reader $in): static
    {
        return self::of($in);
    }

    /** @return array<string, mixed> as JSON can hold it */
    public function toArray(): array
    {
        return Properties::of(self::class)->write($this);
    }

    /** A copy with some properties replaced, by name. */
    public function with(mixed ...$changes): static
    {
        return new static(...[...get_object_vars($this), ...$changes]); // @phpstan-ignore-line the constructor checks each type
    }

    /** @param  array<string, mixed>  $given  what is not to be read, by name */
    private static function of(Reader $in, array $given = []): static
    {
        return new static(...Properties::of(self::class)->read($in, $given)); // @phpstan-ignore-line each property has read its own type
    }
}
