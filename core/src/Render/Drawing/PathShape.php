<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\PathData;
use Kindred\Render\Svg;

/** Any path; its strokes lie on its edge. */
final readonly class PathShape implements Shape
{
    /** @param  float  $breadth  the shorter side of the box that it lies in, px */
    public function __construct(private string $d, private float $breadth, private bool $evenOdd = false)
    {
    }

    public function element(array $paint): string
    {
        return Svg::element('path', ['d' => $this->d, 'fill-rule' => $this->evenOdd ? 'evenodd' : null, 'clip-rule' => $this->evenOdd && ! isset($paint['fill']) && ! isset($paint['stroke']) ? 'evenodd' : null] + $paint);
    }

    public function outline(): PathData
    {
        return PathData::parse($this->d);
    }

    public function isClosed(): bool
    {
        return str_contains($this->d, 'Z');
    }

    public function grown(float $by): ?self
    {
        return null;
    }

    public function frame(array $widths, StrokePosition $position): ?PathData
    {
        return null;
    }

    public function breadth(): float
    {
        return $this->breadth;
    }
}
