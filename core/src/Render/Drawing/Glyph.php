<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Fill;

/** An icon: the shapes of its grid, drawn with one line. */
final readonly class Glyph implements Drawn
{
    /**
     * @param  list<array{string, array<string, string>}>  $nodes  names and attributes of SVG shapes on the icon's grid
     * @param  float  $x  of the grid's corner, px
     * @param  float  $y  of the grid's corner, px
     * @param  float  $scale  px for each unit of the grid
     * @param  float  $line  width in units of the grid
     * @param  list<Fill>  $fills  that paint it, the front one first
     */
    public function __construct(public array $nodes, public float $x, public float $y, public float $scale, public float $line, public array $fills)
    {
    }

    public function paintedBy(Painter $painter): string
    {
        return $painter->glyph($this);
    }

    public function reach(): float
    {
        return 0.0;
    }
}
