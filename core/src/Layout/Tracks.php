<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Geometry\Box;

/** The columns and rows that cells are placed in, one after another, row by row: the tracks of CSS Grid Layout 1. All in px. */
final readonly class Tracks
{
    /**
     * @param  non-empty-list<float>  $x  the left edge of each column
     * @param  float  $width  of every column
     * @param  list<float>  $y  the top edge of each row
     * @param  list<float>  $heights  of the rows
     */
    public function __construct(public array $x, public float $width, public array $y, public array $heights)
    {
    }

    /** The area of a cell, counted from 0. */
    public function area(int $cell): Box
    {
        return new Box($this->x[$cell % count($this->x)], $this->y[$this->row($cell)], $this->width, $this->height($cell));
    }

    public function height(int $cell): float
    {
        return $this->heights[$this->row($cell)];
    }

    public function bottom(): float
    {
        $last = count($this->y) - 1;

        return $last < 0 ? 0.0 : $this->y[$last] + $this->heights[$last];
    }

    private function row(int $cell): int
    {
        return intdiv($cell, count($this->x));
    }
}
