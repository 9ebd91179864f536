<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

/** How a stroke, and each of its dashes, ends (SVG 2, section 13.5.4, `stroke-linecap`). */
enum StrokeCap: string
{
    case Butt = 'butt';
    case Round = 'round';
    case Square = 'square';
}
