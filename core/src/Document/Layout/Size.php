<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/**
 * Where a layer's size along an axis comes from.
 *
 * In the terms of CSS Flexible Box Layout 1: a length is `width` or `height`; content is `auto`;
 * stretch is `flex: 1 1 0px` along the main axis and `align-self: stretch` across it.
 */
enum Size: string
{
    case Length = 'length';
    case Content = 'content';
    case Stretch = 'stretch';
}
