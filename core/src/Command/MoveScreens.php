<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Moves screens on the wall by a distance in px. */
final readonly class MoveScreens implements Command
{
    use OnScreens;

    /** @param  list<string>  $screens */
    private function __construct(
        private array $screens,
        private float $dx,
        private float $dy,
    ) {
    }

    public static function type(): string
    {
        return 'move-screens';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('screens', 1, 500), $in->number('dx'), $in->number('dy'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->screens);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->screens as $id) {
            $screen = $tree->screen($id);
            $tree = $tree->withScreens($screen->with(box: $screen->box->movedBy($this->dx, $this->dy)));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Move '.$this->namingScreens($before, $this->screens);
    }
}
