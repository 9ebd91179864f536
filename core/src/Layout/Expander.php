<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Tree;
use Kindred\Layout\Flex\Measured;

/** Lays out the copies that layers of one kind show: see `Expanding`. A new kind is a class here and a line in `Cells::expander`. */
interface Expander
{
    /** @return list<LaidCopy> in their order; none where what they show is not there */
    public function of(Tree $tree, Layer $layer): array;

    /** One of the copies; null where there is none of that name. */
    public function copy(Tree $tree, Layer $layer, string $name): ?LaidCopy;

    /** How large such a layer comes out as an item of a stack; null of another kind. */
    public function inStack(Tree $tree, Layer $layer): ?Measured;
}
