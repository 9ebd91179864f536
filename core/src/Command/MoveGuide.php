<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Axis;
use Kindred\Input\Reader;

/** Moves a ruler guide of a screen; without `from` it is a new one, without `to` it is removed. */
final readonly class MoveGuide implements Command
{
    private function __construct(
        private string $screen,
        private Axis $axis,
        private ?float $from,
        private ?float $to,
    ) {
    }

    public static function type(): string
    {
        return 'move-guide';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->enum('axis', Axis::class), $in->has('from') ? $in->number('from') : null, $in->has('to') ? $in->number('to') : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);

        return $tree->withScreens($screen->with(guides: $screen->guides->moved($this->axis, $this->from, $this->to)));
    }

    public function label(Tree $before): string
    {
        $verb = $this->to === null ? 'Remove' : ($this->from === null ? 'Add' : 'Move');

        return "{$verb} a guide of screen ".($before->screens[$this->screen]->name ?? '');
    }
}
