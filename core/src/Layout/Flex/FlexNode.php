<?php

declare(strict_types=1);

namespace Kindred\Layout\Flex;

use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;

/**
 * One box while it is laid out: what goes in, what comes out, and what was found on the way.
 *
 * Changed in place and thrown away afterwards, unlike the values of a document: a layout asks for the
 * size of a box several times. A node is a container (with a stack), or a leaf, measured or of set size.
 */
final class FlexNode
{
    /** Where the box lies in its parent, px. */
    public float $x = 0.0;

    public float $y = 0.0;

    public float $w = 0.0;

    public float $h = 0.0;

    /** The first baseline below the top, px; null where the bottom edge stands for it. */
    public ?float $baseline = null;

    /** What the box was last laid out for: its width and height where they were imposed, and the room there was. */
    public ?float $forWidth = null;

    public ?float $forHeight = null;

    public ?float $forRoom = null;

    public bool $laid = false;

    public ?float $maxContent = null;

    public ?float $minContent = null;

    /** The height, where it is known, that these widths were found for. */
    public ?float $contentFor = null;

    /** As an item of its container: how it is aligned across the line, and whether it grows along it. */
    public AlignItems $align = AlignItems::Stretch;

    public bool $grows = false;

    /** Its flex base size, the least and the most it may have along the line, and what it has: §9.7, px. */
    public float $base = 0.0;

    public float $least = 0.0;

    public float $most = INF;

    public float $main = 0.0;

    /** Its size across the line, px. */
    public float $cross = 0.0;

    /** How far it lies from the start of the line, and from its side, px. */
    public float $at = 0.0;

    public float $offset = 0.0;

    /** Whether there are columns in it that wrap: to these it makes a difference whether a height is known beforehand. */
    public readonly bool $wrapsColumns;

    /**
     * @param  float  $width  the length, px, where `widthFrom` is a length
     * @param  float  $height  likewise
     * @param  list<self>  $children  in order; without those that are absolute or hidden
     */
    public function __construct(
        public readonly Size $widthFrom = Size::Length,
        public readonly Size $heightFrom = Size::Length,
        public readonly float $width = 0.0,
        public readonly float $height = 0.0,
        public readonly ?Sizing $limits = null,
        public readonly ?Stack $stack = null,
        public readonly array $children = [],
        public readonly ?Measured $content = null,
    ) {
        $wraps = $stack !== null && $stack->wrap !== FlexWrap::NoWrap && ! $stack->direction->isRow();
        foreach ($children as $child) {
            $wraps = $wraps || $child->wrapsColumns;
        }
        $this->wrapsColumns = $wraps;
    }
}
