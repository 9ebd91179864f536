<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Grid\Grid;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Takes a grid off a screen. */
final readonly class RemoveGrid implements Command
{
    private function __construct(private string $screen, private string $grid)
    {
    }

    public static function type(): string
    {
        return 'remove-grid';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->id('grid'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);

        return $tree->withScreens($screen->with(grids: array_values(array_filter($screen->grids, fn (Grid $grid): bool => $grid->id !== $this->grid))));
    }

    public function label(Tree $before): string
    {
        return 'Remove a grid of screen '.($before->screens[$this->screen]->name ?? '');
    }
}
