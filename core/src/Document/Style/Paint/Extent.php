<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

/** How far a radial gradient reaches (CSS Images 4, section 3.2.1). */
enum Extent: string
{
    case ClosestSide = 'closest-side';
    case FarthestSide = 'farthest-side';
    case ClosestCorner = 'closest-corner';
    case FarthestCorner = 'farthest-corner';

    /** By radii of its own. */
    case Own = 'own';
}
