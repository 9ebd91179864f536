<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

/** What a stroke that is open begins or ends with; all of it grows with its width. */
enum StrokeMark: string
{
    case None = 'none';
    case Arrow = 'arrow';
    case Dot = 'dot';
    case Bar = 'bar';

    /** How far it reaches from the end of the line at most, in widths of the stroke. */
    public function reach(): float
    {
        return $this === self::None ? 0.0 : 3.0;
    }
}
