<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

use Kindred\Document\Layout\AlignItems;

/** A node as an item of one container, while that is laid out. `main` and `cross` are its sizes along and across. */
final class FlexItem
{
    public bool $grows = false;

    public float $base = 0.0;

    public float $least = 0.0;

    public float $most = INF;

    public float $main = 0.0;

    public float $cross = 0.0;

    /** From the start of the line, px. */
    public float $at = 0.0;

    /** From the side of the line, px. */
    public float $offset = 0.0;

    public function __construct(public readonly FlexNode $node, public readonly AlignItems $align)
    {
    }
}
