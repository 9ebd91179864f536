<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Says by what the takes of a screen are judged. Judgements of a criterion that is taken away are kept, and show again when it is back. */
final readonly class SetCriteria implements Command
{
    /** @param  list<string>  $criteria */
    private function __construct(private string $screen, private array $criteria)
    {
    }

    public static function type(): string
    {
        return 'set-criteria';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), array_values(array_unique(array_map(trim(...), $in->strings('criteria', 100, Screen::MAX_CRITERIA)))));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withScreens($tree->screen($this->screen)->with(criteria: $this->criteria));
    }

    public function label(Tree $before): string
    {
        return 'Set the criteria for takes of '.($before->screens[$this->screen]->name ?? 'a screen');
    }
}
