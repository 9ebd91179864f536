<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/** One laid copy of what is shown several times, such as a cell of an array: the layers as this copy shows them, in a tree of their own. */
final readonly class LaidCopy
{
    /**
     * @param  string  $name  of the copy, for the addresses of layers in it
     * @param  Tree  $tree  the layers by the ids that they have in the document
     * @param  Layer  $root  the outermost of them, placed in what shows it
     * @param  Box  $area  that is meant for it, in px from the corner of what shows it
     */
    public function __construct(public string $name, public Tree $tree, public Layer $root, public Box $area)
    {
    }
}
