<?php

declare(strict_types=1);

namespace Kindred\Property;

/** What has a schema of its own, because more is said of it than its properties. */
interface Described
{
    /** @return array<string, mixed> */
    public static function schema(Schema $schema): array;
}
