<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Layer\Icon;
use Kindred\Document\Style\Fill;

/** An icon: the shapes of its grid, drawn with one line; some are filled. */
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

    /**
     * Its shapes, without what says how they are painted.
     *
     * @return array{list<array{string, array<string, string>}>, list<array{string, array<string, string>}>} what is drawn in lines, and what is filled
     */
    public function parts(): array
    {
        $lines = $areas = [];
        foreach ($this->nodes as [$name, $attributes]) {
            $plain = [$name, array_diff_key($attributes, ['fill' => 1, 'stroke' => 1])];
            if (Icon::isLined($attributes)) {
                $lines[] = $plain;
            }
            if (Icon::isFilled($attributes)) {
                $areas[] = $plain;
            }
        }

        return [$lines, $areas];
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
