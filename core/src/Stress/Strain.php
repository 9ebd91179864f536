<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Document\Tree;

/** Content, or surroundings, that a screen has to bear. A further one is a class in `Strain` and a line in `Strains`. */
interface Strain
{
    /** Its name in requests. */
    public function key(): string;

    /** As people call it: "in German". */
    public function label(): string;

    /** Where it comes from, in a sentence. */
    public function source(): string;

    /**
     * The screen with it, not laid out yet.
     *
     * @param  Tree  $tree  with all layers of the screen
     * @return Tree|null null where it has no use for it
     */
    public function on(Tree $tree, string $screen): ?Tree;
}
