<?php

declare(strict_types=1);

namespace Kindred\Document\Token\Value;

/** What a length is counted in. */
enum LengthUnit: string
{
    case Px = 'px';
    case Rem = 'rem';
}
