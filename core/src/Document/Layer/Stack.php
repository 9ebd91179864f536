<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Layout\AlignContent;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\JustifyContent;
use Kindred\Document\Layout\Padding;
use Kindred\Document\Withers;
use Kindred\Input\Reader;

/** Layers laid out along one axis, as a CSS flex container does with its items. Gaps in px. */
final readonly class Stack implements Container
{
    use Withers;

    public function __construct(
        public FlexDirection $direction = FlexDirection::Row,
        public FlexWrap $wrap = FlexWrap::NoWrap,
        public float $rowGap = 0,
        public float $columnGap = 0,
        public Padding $padding = new Padding,
        public JustifyContent $justifyContent = JustifyContent::FlexStart,
        public AlignItems $alignItems = AlignItems::Stretch,
        public AlignContent $alignContent = AlignContent::Stretch,
    ) {
    }

    public static function kind(): string
    {
        return 'stack';
    }

    public static function read(Reader $in): self
    {
        $padding = $in->optional('padding');

        return new self(
            $in->has('direction') ? $in->enum('direction', FlexDirection::class) : FlexDirection::Row,
            $in->has('wrap') ? $in->enum('wrap', FlexWrap::class) : FlexWrap::NoWrap,
            $in->numberOr('rowGap', 0, 0),
            $in->numberOr('columnGap', 0, 0),
            $padding === null ? new Padding : Padding::read($padding),
            $in->has('justifyContent') ? $in->enum('justifyContent', JustifyContent::class) : JustifyContent::FlexStart,
            $in->has('alignItems') ? $in->enum('alignItems', AlignItems::class) : AlignItems::Stretch,
            $in->has('alignContent') ? $in->enum('alignContent', AlignContent::class) : AlignContent::Stretch,
        );
    }

    public function toArray(): array
    {
        return [
            'direction' => $this->direction->value,
            'wrap' => $this->wrap->value,
            'rowGap' => $this->rowGap,
            'columnGap' => $this->columnGap,
            'padding' => $this->padding->toArray(),
            'justifyContent' => $this->justifyContent->value,
            'alignItems' => $this->alignItems->value,
            'alignContent' => $this->alignContent->value,
        ];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
