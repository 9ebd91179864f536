<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** CSS Box Alignment 3, `align-items` and `align-self` in a flex container. */
enum AlignItems: string
{
    case Stretch = 'stretch';
    case FlexStart = 'flex-start';
    case FlexEnd = 'flex-end';
    case Center = 'center';
    case Baseline = 'baseline';
}
