<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Render\Svg;

/** A straight line, which has no inside. */
final readonly class LineShape implements Shape
{
    public function __construct(private Point $from, private Point $to)
    {
    }

    public function element(array $paint): string
    {
        return Svg::element('line', ['x1' => $this->from->x, 'y1' => $this->from->y, 'x2' => $this->to->x, 'y2' => $this->to->y] + array_diff_key($paint, ['fill' => true]));
    }

    public function outline(): PathData
    {
        return PathData::parse("M{$this->from->x} {$this->from->y}L{$this->to->x} {$this->to->y}");
    }

    public function isClosed(): bool
    {
        return false;
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
        return 0.0;
    }
}
