<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

/** What a layout has found out of one box, to be asked again. Lengths in px. */
final class FlexMemo
{
    /** Whether the box was laid out, and for what: its width and height where they were imposed, and the room there was. */
    public bool $laid = false;

    public ?float $forWidth = null;

    public ?float $forHeight = null;

    public ?float $forRoom = null;

    public ?float $maxContent = null;

    public ?float $minContent = null;

    /** The height, where it is known, that these widths were found for. */
    public ?float $contentFor = null;

    /** @param  bool  $wrapsColumns  whether there are columns in it that wrap: to these it makes a difference whether a height is known beforehand */
    public function __construct(public readonly bool $wrapsColumns)
    {
    }
}
