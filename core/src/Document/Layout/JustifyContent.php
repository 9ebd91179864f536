<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** CSS Box Alignment 3, `justify-content` in a flex container: how free room is shared along the main axis. */
enum JustifyContent: string
{
    case FlexStart = 'flex-start';
    case FlexEnd = 'flex-end';
    case Center = 'center';
    case SpaceBetween = 'space-between';
    case SpaceAround = 'space-around';
    case SpaceEvenly = 'space-evenly';
}
