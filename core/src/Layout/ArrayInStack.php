<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Tree;
use Kindred\Layout\Flex\Measured;

/** An array as an item of a stack: as high as its cells at the width that it is given. */
final readonly class ArrayInStack implements Measured
{
    public function __construct(private Cells $cells, private Tree $tree, private Layer $layer, private ArrayLayer $array)
    {
    }

    /** As wide as it was made, or as the minimum of a column where columns are counted by that. */
    public function maxContent(): float
    {
        return $this->array->columns === null ? $this->minContent() : $this->layer->box->width;
    }

    public function minContent(): float
    {
        return $this->array->columns === null ? $this->array->minWidth : 0.0;
    }

    public function height(float $width): float
    {
        return $this->cells->height($this->tree, $this->layer, $width);
    }

    public function baseline(): ?float
    {
        return null;
    }
}
