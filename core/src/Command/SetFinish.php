<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Finish;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Sets the finish of all screens of the project that have none of their own. */
final readonly class SetFinish implements Command
{
    private function __construct(private Finish $finish)
    {
    }

    public static function type(): string
    {
        return 'set-finish';
    }

    public static function read(Reader $in): self
    {
        return new self($in->enum('finish', Finish::class));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withProject($tree->project->with(finish: $this->finish));
    }

    public function label(Tree $before): string
    {
        return "Finish {$this->finish->value}";
    }
}
