<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** The icon library: shapes on a 24-unit grid. */
interface IconSource
{
    /** @return list<array{string, array<string, string>}>|null element names with their attributes */
    public function nodes(string $icon): ?array;

    /**
     * Icons whose name or search words hold every word of the query, best first.
     *
     * @return list<string>
     */
    public function search(string $query, int $limit): array;
}
