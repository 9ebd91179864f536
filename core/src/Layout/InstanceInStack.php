<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layout\Size;
use Kindred\Document\Tree;
use Kindred\Layout\Flex\Measured;

/** An instance as an item of a stack: as large as its component comes out with its content. */
final readonly class InstanceInStack implements Measured
{
    public function __construct(private Instances $instances, private Tree $tree, private Layer $layer)
    {
    }

    public function maxContent(): float
    {
        return $this->instances->size($this->tree, $this->layer->with(sizing: $this->layer->sizing->with(width: Size::Content)))->width ?? $this->layer->box->width;
    }

    /** Only what is to be stretched may become narrower than its content. */
    public function minContent(): float
    {
        return $this->layer->widthFrom() === Size::Content ? $this->maxContent() : 0.0;
    }

    public function height(float $width): float
    {
        return $this->instances->size($this->tree, $this->layer->with(sizing: $this->layer->sizing->with(height: Size::Content)), $width)->height ?? $this->layer->box->height;
    }

    public function baseline(): ?float
    {
        return null;
    }
}
