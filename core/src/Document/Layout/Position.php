<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/**
 * What a layer does when what it lies in is scrolled (CSS Positioned Layout 3, `position`): it goes along; it stays in the window, at the edge
 * of the screen that is nearer; or it goes along until it is at the top, and stays there as long as what it lies in is seen.
 */
enum Position: string
{
    case Static = 'static';
    case Fixed = 'fixed';
    case Sticky = 'sticky';
}
