<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** What happens beyond the ends of what is scrolled: it gives way and comes back, or stops there. */
enum Overscroll: string
{
    case Bounce = 'bounce';
    case Stop = 'stop';
}
