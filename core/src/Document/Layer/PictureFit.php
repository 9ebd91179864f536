<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

/** CSS Images 3, `object-fit`. */
enum PictureFit: string
{
    case Cover = 'cover';
    case Contain = 'contain';
    case Fill = 'fill';

    /** The SVG counterpart. */
    public function preserveAspectRatio(): string
    {
        return match ($this) {
            self::Cover => 'xMidYMid slice',
            self::Contain => 'xMidYMid meet',
            self::Fill => 'none',
        };
    }
}
