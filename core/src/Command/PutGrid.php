<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Device\Catalogue;
use Kindred\Document\Grid\Grid;
use Kindred\Document\Grid\GridKind;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Lays a grid over a screen, as is usual on its device where nothing but the kind is given, or changes the one with the same id. */
final readonly class PutGrid implements Command
{
    private const MAX = 12;

    private function __construct(private string $screen, private string $id, private GridKind $kind, private ?Grid $grid)
    {
    }

    public static function type(): string
    {
        return 'put-grid';
    }

    public static function read(Reader $in): self
    {
        $grid = $in->object('grid');

        return new self($in->id('screen'), $grid->id('id'), $grid->enum('kind', GridKind::class), $grid->has('count') || $grid->has('size') ? Grid::read($grid) : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        $grid = $this->grid ?? Grid::usual($this->id, $this->kind, Catalogue::for($screen->device, $screen->box->width, $screen->view));
        $ids = array_map(fn (Grid $one): string => $one->id, $screen->grids);
        if (! in_array($this->id, $ids, true) && count($ids) >= self::MAX) {
            throw new InvalidInput('grid', 'A screen has at most '.self::MAX.' grids.');
        }

        return $tree->withScreens($screen->with(grids: in_array($this->id, $ids, true)
            ? array_map(fn (Grid $one): Grid => $one->id === $this->id ? $grid : $one, $screen->grids)
            : [...$screen->grids, $grid]));
    }

    public function label(Tree $before): string
    {
        return "Set {$this->kind->label()} of screen ".($before->screens[$this->screen]->name ?? '');
    }
}
