<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

/** A leaf whose size follows from what it holds, such as words that wrap. All in px. */
interface Measured
{
    /** The width of the content without any break that could be left out (CSS Sizing 3, max-content). */
    public function maxContent(): float;

    /** The width of the widest piece that cannot be broken (CSS Sizing 3, min-content). */
    public function minContent(): float;

    /** The height that the content takes up at a width. */
    public function height(float $width): float;

    /** How far the first baseline lies below the top; null where the bottom edge stands for it. */
    public function baseline(): ?float;
}
