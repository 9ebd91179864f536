<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Library\Library;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Parts with a library: what was taken from it stays, and is the project's own. */
final readonly class RemoveLibrary implements Command
{
    private function __construct(private string $library)
    {
    }

    public static function type(): string
    {
        return 'remove-library';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('library'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Library]);
    }

    public function apply(Tree $tree): Tree
    {
        return isset($tree->things(Entity::Library)[$this->library]) ? $tree->without(Entity::Library, $this->library) : throw Missing::thing('library');
    }

    public function label(Tree $before): string
    {
        $library = $before->things(Entity::Library)[$this->library] ?? null;

        return 'Part with library '.($library instanceof Library ? $library->name : 'gone');
    }
}
