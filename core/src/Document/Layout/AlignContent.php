<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** CSS Box Alignment 3, `align-content` in a flex container: how free room is shared between lines. */
enum AlignContent: string
{
    case Stretch = 'stretch';
    case FlexStart = 'flex-start';
    case FlexEnd = 'flex-end';
    case Center = 'center';
    case SpaceBetween = 'space-between';
    case SpaceAround = 'space-around';
    case SpaceEvenly = 'space-evenly';

    /** The same sharing along the other axis; stretched lines begin at the start. */
    public function sharing(): JustifyContent
    {
        return $this === self::Stretch ? JustifyContent::FlexStart : JustifyContent::from($this->value);
    }
}
