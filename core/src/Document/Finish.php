<?php

declare(strict_types=1);

namespace Kindred\Document;

/** How a screen is drawn. It changes neither content nor layout: both are those of the dressed screen. */
enum Finish: string
{
    /** As by hand: uneven double strokes, hand lettering, grey. */
    case Rough = 'rough';
    /** Clean and grey. */
    case Plain = 'plain';
    /** In full style. */
    case Dressed = 'dressed';
}
