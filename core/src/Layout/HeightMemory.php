<?php

declare(strict_types=1);

namespace Kindred\Layout;

/**
 * Remembers how high the cells of arrays came out, so that one changed row of a thousand does not lay out all of
 * them again. What is remembered is named by everything that it follows from: losing it costs time, nothing else.
 */
interface HeightMemory
{
    /**
     * @param  string  $array  id of the array
     * @return array<string, array<int, float>> heights in px by the hash of a row, by the key of a design at a width
     */
    public function recall(string $array): array;

    /** @param  array<string, array<int, float>>  $heights  in place of what was remembered of the array */
    public function keep(string $array, array $heights): void;
}
