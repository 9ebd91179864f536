<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Shows all screens of the project in the frames of their devices, on the wall and in pictures, or without. */
final readonly class SetFramed implements Command
{
    private function __construct(private bool $framed)
    {
    }

    public static function type(): string
    {
        return 'set-framed';
    }

    public static function read(Reader $in): self
    {
        return new self($in->boolean('framed'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet;
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withProject($tree->project->with(framed: $this->framed));
    }

    public function label(Tree $before): string
    {
        return ($this->framed ? 'Show' : 'Hide').' device frames';
    }
}
