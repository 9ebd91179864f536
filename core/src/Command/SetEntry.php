<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Makes a screen the one at which a rehearsal starts. */
final readonly class SetEntry implements Command
{
    private function __construct(private string $screen)
    {
    }

    public static function type(): string
    {
        return 'set-entry';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withProject($tree->project->with(entry: $tree->screen($this->screen)->id));
    }

    public function label(Tree $before): string
    {
        return 'Start at '.($before->screens[$this->screen]->name ?? 'a screen');
    }
}
