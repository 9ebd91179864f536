<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

/** How a stroke turns a corner (SVG 2, section 13.5.5, `stroke-linejoin`). */
enum StrokeJoin: string
{
    case Miter = 'miter';
    case Round = 'round';
    case Bevel = 'bevel';
}
