<?php

declare(strict_types=1);

namespace Kindred\Type;

/** One laid line: its characters, where its baseline starts and how wide it is, in px from the text's corner. */
final readonly class LaidLine
{
    public function __construct(
        public string $text,
        public float $x,
        public float $baseline,
        public float $width,
    ) {
    }
}
