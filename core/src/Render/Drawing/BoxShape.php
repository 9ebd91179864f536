<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Corners;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Render\Svg;

/** A rectangle with rounded corners. */
final readonly class BoxShape implements Shape
{
    public function __construct(public Box $box, private Corners $corners = new Corners)
    {
    }

    public function element(array $paint): string
    {
        $radius = $this->corners->same();

        return $radius === null
            ? Svg::element('path', ['d' => $this->corners->path($this->box)] + $paint)
            : Svg::element('rect', [
                'x' => $this->box->x === 0.0 ? null : $this->box->x, 'y' => $this->box->y === 0.0 ? null : $this->box->y,
                'width' => $this->box->width, 'height' => $this->box->height, 'rx' => $radius === 0.0 ? null : $radius,
            ] + $paint);
    }

    public function outline(): PathData
    {
        return PathData::parse($this->corners->path($this->box));
    }

    public function grown(float $by): self
    {
        $box = new Box($this->box->x - $by, $this->box->y - $by, max(0.0, $this->box->width + 2 * $by), max(0.0, $this->box->height + 2 * $by));

        return new self($box, $this->corners->fitted($this->box)->grown($by)->fitted($box));
    }

    public function breadth(): float
    {
        return min($this->box->width, $this->box->height);
    }
}
