<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/** A facet of layers that is typed or chosen. */
interface LayerField
{
    /** As people call it: "corner radius". */
    public function label(): string;

    /**
     * The tree with the layer's facet set; layers that have no such facet are left as they are.
     *
     * @param  Box  $parent  what percentages are of
     *
     * @throws \Kindred\Input\InvalidInput when the value is no value of this facet
     */
    public function set(Tree $tree, Layer $layer, string $value, Box $parent): Tree;
}
