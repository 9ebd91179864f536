<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** CSS Flexible Box Layout 1, `flex-wrap`. */
enum FlexWrap: string
{
    case NoWrap = 'nowrap';
    case Wrap = 'wrap';
    case WrapReverse = 'wrap-reverse';
}
