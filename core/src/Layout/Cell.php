<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/** One laid cell of an array: the design with its row's values in it, in a tree of its own. */
final readonly class Cell
{
    /**
     * @param  string  $row  id of the row
     * @param  Tree  $tree  the layers of the design, by the ids that they have there
     * @param  Layer  $root  the outermost of them, placed in the array
     * @param  Box  $area  the grid area, in px from the array's corner
     */
    public function __construct(public string $row, public Tree $tree, public Layer $root, public Box $area)
    {
    }
}
