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
    /** Where the box lies in its parent, px; until its line is in place, how far from the start of the line and from its side. */
    public float $x = 0.0;

    public float $y = 0.0;

    public float $w = 0.0;

    public float $h = 0.0;

    /** The first baseline below the top, px; null where the bottom edge stands for it. */
    public ?float $baseline = null;

    /** What was computed for a box sized by its content; null for one with a set size. */
    public ?FlexMemo $memo = null;

    /** As an item of its container: how it is aligned across the line, and whether it grows along it. */
    public AlignItems $align = AlignItems::Stretch;

    public bool $grows = false;

    /** Flex base size, minimum, maximum and resolved size along the line: §9.7, px. */
    public float $base = 0.0;

    public float $min = 0.0;

    public float $max = INF;

    public float $main = 0.0;

    /** Its size across the line, px. */
    public float $cross = 0.0;

    /**
     * @param  float  $width  the length, px, where `widthFrom` is a length
     * @param  float  $height  likewise
     * @param  list<self>  $children  in order; without those that are absolute or hidden
     */
    public function __construct(
        public Size $widthFrom = Size::Length,
        public Size $heightFrom = Size::Length,
        public float $width = 0.0,
        public float $height = 0.0,
        public ?Sizing $limits = null,
        public ?Stack $stack = null,
        public array $children = [],
        public ?Measured $content = null,
    ) {
        if ($stack === null && $content === null) {
            return;
        }
        $wraps = $stack !== null && $stack->wrap !== FlexWrap::NoWrap && ! $stack->direction->isRow();
        foreach ($children as $child) {
            $wraps = $wraps || $child->memo?->wrapsColumns === true;
        }
        $this->memo = new FlexMemo($wraps);
    }
}
