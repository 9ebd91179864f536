<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A class with a schema of its own, because its properties do not say all. */
interface Described
{
    /** @return array<string, mixed> */
    public static function schema(Schema $schema): array;
}
