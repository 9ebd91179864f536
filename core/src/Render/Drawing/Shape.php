<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Geometry\PathData;

/** The outline of a figure. */
interface Shape
{
    /**
     * The SVG element that draws it most plainly.
     *
     * @param  array<string, string|int|float|bool|null>  $paint
     */
    public function element(array $paint): string;

    public function outline(): PathData;

    /** With its edge so many px further out; what has no inside is as it is. */
    public function grown(float $by): self;

    /** Its shorter side, px. */
    public function breadth(): float;
}
