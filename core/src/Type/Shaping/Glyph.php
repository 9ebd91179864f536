<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

/** One glyph of shaped words: its number in the font, the byte of the words it stands for, and in font units how far the pen goes and where it is drawn. */
final readonly class Glyph
{
    public function __construct(public int $id, public int $cluster, public float $advance, public float $x, public float $y)
    {
    }
}
