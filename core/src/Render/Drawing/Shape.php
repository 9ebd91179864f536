<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\StrokePosition;
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

    /** Whether it has an inside. */
    public function isClosed(): bool;

    /** With its edge so many px further out; null where that is not worked out. */
    public function grown(float $by): ?self;

    /**
     * What a stroke of other widths at each side covers; null where it has no sides.
     *
     * @param  array{float, float, float, float}  $widths  px, at the top, right, bottom and left
     */
    public function frame(array $widths, StrokePosition $position): ?PathData;

    /** Its shorter side, px. */
    public function breadth(): float;
}
