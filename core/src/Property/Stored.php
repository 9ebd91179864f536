<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/** A value that is kept as an object of its properties. */
interface Stored
{
    /** @throws \Kindred\Input\InvalidInput */
    public static function read(Reader $in): self;

    /** @return array<string, mixed> as JSON can hold it */
    public function toArray(): array;
}
