<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Grid\Grid;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;
use Kindred\Property\Typing;

/** Sets one property of a layout grid from what was typed. */
final readonly class SetGridField implements Command
{
    private function __construct(private string $screen, private string $id, private Path $field, private string $value)
    {
    }

    public static function type(): string
    {
        return 'set-grid-field';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->id('grid'), Path::of($in->string('field', 80)), $in->string('value', 200));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        if (! in_array($this->id, array_map(fn (Grid $one): string => $one->id, $screen->grids), true)) {
            throw new InvalidInput('grid', 'The grid is no longer there; it may have been removed in another window.');
        }

        return $tree->withScreens($screen->with(grids: array_map(fn (Grid $one): Grid => $one->id === $this->id ? $this->set($one) : $one, $screen->grids)));
    }

    private function set(Grid $grid): Grid
    {
        $set = $this->field->typed($grid, $this->value, Typing::alone());
        // Columns and rows that are given no size share the room.
        if ($set->size === null && ! $set->kind->hasTracks()) {
            throw new InvalidInput('value', 'A size is needed here: a number or sum of px');
        }

        return $set;
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->text()} of a grid of screen ".($before->screens[$this->screen]->name ?? '');
    }
}
