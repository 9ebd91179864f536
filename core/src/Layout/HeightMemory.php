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
     * @param  string  $design  names the design, as far as it has a say in heights, and its width
     * @return array<array-key, float> heights in px by the hash of a row, eight bytes
     */
    public function recall(string $array, string $design): array;

    /**
     * What was remembered of the design is replaced; of an array's designs the latest few are remembered.
     *
     * @param  array<array-key, float>  $heights  px by the hash of a row
     */
    public function keep(string $array, string $design, array $heights): void;
}
