<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Words set in lines. Width and height in px; an empty text keeps the height of one line. */
final readonly class LaidText
{
    /** @param  list<LaidLine>  $lines */
    public function __construct(
        public array $lines,
        public float $width,
        public float $height,
    ) {
    }
}
