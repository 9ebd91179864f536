<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** How the ends of an arc are joined: through the middle, by a straight line, or not at all. */
enum ArcEnds: string
{
    case Sector = 'sector';
    case Chord = 'chord';
    case Open = 'open';
}
