<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Render\Svg;

final readonly class EllipseShape implements Shape
{
    public function __construct(private Box $box)
    {
    }

    public function element(array $paint): string
    {
        $middle = $this->box->centre();

        return Svg::element('ellipse', ['cx' => $middle->x, 'cy' => $middle->y, 'rx' => $this->box->width / 2, 'ry' => $this->box->height / 2] + $paint);
    }

    public function outline(): PathData
    {
        $middle = $this->box->centre();

        return Outline::ellipse($middle->x, $middle->y, $this->box->width / 2, $this->box->height / 2);
    }

    public function isClosed(): bool
    {
        return true;
    }

    public function grown(float $by): self
    {
        return new self(new Box($this->box->x - $by, $this->box->y - $by, max(0.0, $this->box->width + 2 * $by), max(0.0, $this->box->height + 2 * $by)));
    }

    public function frame(array $widths, StrokePosition $position): ?PathData
    {
        return null;
    }

    public function breadth(): float
    {
        return min($this->box->width, $this->box->height);
    }
}
