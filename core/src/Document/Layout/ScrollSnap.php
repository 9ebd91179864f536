<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** Where scrolling comes to rest, by the layers in the container (CSS Scroll Snap 1, `scroll-snap-align`). */
enum ScrollSnap: string
{
    case None = 'none';
    case Start = 'start';
    case Center = 'center';
}
