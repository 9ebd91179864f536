<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Layout\AlignContent;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\JustifyContent;
use Kindred\Document\Layout\Padding;
use Kindred\Document\Layout\Scroll;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Layers laid out along one axis, as a CSS flex container does with its items. Gaps in px. */
final readonly class Stack implements Arranging
{
    use Declared;

    public function __construct(
        #[Is\Choice(overridable: false)] public FlexDirection $direction = FlexDirection::Row,
        #[Is\Choice(overridable: false)] public FlexWrap $wrap = FlexWrap::NoWrap,
        #[Is\Number(0, base: Is\Base::Height, unit: ' px', overridable: false)] public float $rowGap = 0,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', overridable: false)] public float $columnGap = 0,
        #[Is\Record(overridable: false)] public Padding $padding = new Padding,
        #[Is\Choice(overridable: false)] public JustifyContent $justifyContent = JustifyContent::FlexStart,
        #[Is\Choice(overridable: false)] public AlignItems $alignItems = AlignItems::Stretch,
        #[Is\Choice(overridable: false)] public AlignContent $alignContent = AlignContent::Stretch,
        #[Is\Record(overridable: false, sparse: true)] public Scroll $scroll = new Scroll,
    ) {
    }

    public static function kind(): string
    {
        return 'stack';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => self::NO_ENDS, 'corners' => [], 'effects' => [], 'isolation' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
