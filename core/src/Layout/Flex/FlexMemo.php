<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

/** What a layout has computed for one box, kept for when it is needed again. Lengths in px. */
final class FlexMemo
{
    /** Whether the box was laid out, and for what: its width and height where they were imposed, and the room there was. */
    public bool $laid = false;

    public ?float $forWidth = null;

    public ?float $forHeight = null;

    public ?float $forRoom = null;

    public ?float $maxContent = null;

    public ?float $minContent = null;

    /** The height for which these widths were computed, where it is known. */
    public ?float $contentFor = null;

    /** @param  bool  $wrapsColumns  whether columns in it wrap: their layout depends on whether the height is known beforehand */
    public function __construct(public readonly bool $wrapsColumns)
    {
    }
}
