<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Entity;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Removes an entry from the brief. What it was tied to stays. */
final readonly class RemoveEntry implements Command
{
    private function __construct(private string $entry)
    {
    }

    public static function type(): string
    {
        return 'remove-entry';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('entry'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Entry]);
    }

    public function apply(Tree $tree): Tree
    {
        $tree->entry($this->entry);
        $led = array_filter($tree->entries(), fn (Entry $one): bool => in_array($this->entry, $one->leadsTo, true));

        return $tree->withEntries(...array_values(array_map(
            fn (Entry $one): Entry => $one->with(leadsTo: array_values(array_diff($one->leadsTo, [$this->entry]))), $led,
        )))->without(Entity::Entry, $this->entry);
    }

    public function label(Tree $before): string
    {
        return 'Remove “'.(($before->entries()[$this->entry] ?? null)?->called() ?? 'an entry').'” from the brief';
    }
}
