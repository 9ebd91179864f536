<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

use Kindred\Type\Face;

/** Words of one face and direction, with the glyphs that they are set with where they are shaped; none where the tables of the face say all. */
final readonly class Piece
{
    /**
     * @param  string  $text  as it is seen, from left to right, where it has no glyphs
     * @param  int  $at  with which byte of all words it begins
     * @param  float  $width  em
     * @param  float  $letterSpacing  that its width holds, em
     * @param  list<Glyph>  $glyphs
     */
    public function __construct(public Face $face, public string $text, public int $at, public float $width, public float $letterSpacing, public array $glyphs = [])
    {
    }
}
