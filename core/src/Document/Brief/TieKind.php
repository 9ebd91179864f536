<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

/** What a requirement can be tied to. */
enum TieKind: string
{
    case Layer = 'layer';
    case Screen = 'screen';
    case Cue = 'cue';
}
