<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Grid\Grid;
use Kindred\Document\Grid\GridField;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets one facet of a layout grid from what was typed. */
final readonly class SetGridField implements Command
{
    private function __construct(private string $screen, private string $id, private GridField $field, private string $value)
    {
    }

    public static function type(): string
    {
        return 'set-grid-field';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->id('grid'), $in->enum('field', GridField::class), $in->string('value', 200));
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

        return $tree->withScreens($screen->with(grids: array_map(fn (Grid $one): Grid => $one->id === $this->id ? $this->field->set($one, $this->value) : $one, $screen->grids)));
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->value} of a grid of screen ".($before->screens[$this->screen]->name ?? '');
    }
}
