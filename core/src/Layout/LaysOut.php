<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Tree;

/** Brings a tree back into step after a change. */
interface LaysOut
{
    /** @param  string|null  $design  the root of the cell that the trees are, where they are one */
    public function after(Tree $before, Tree $after, ?string $design = null): Tree;
}
