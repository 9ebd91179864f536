<?php

declare(strict_types=1);

namespace Kindred\Render;

/** Live text needs the fonts of the page; outlines look the same without them, as pictures need. */
enum TextMode
{
    case Live;
    case Outlines;
}
