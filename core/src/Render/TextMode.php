<?php

declare(strict_types=1);

namespace Kindred\Render;

/** Live text needs the page's fonts; outlines look the same where there are none, as in pictures. */
enum TextMode
{
    case Live;
    case Outlines;
}
