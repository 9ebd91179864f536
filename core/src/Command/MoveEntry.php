<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Entity;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Puts an entry of the brief after another of its part, or first. */
final readonly class MoveEntry implements Command
{
    private function __construct(private string $entry, private ?string $after)
    {
    }

    public static function type(): string
    {
        return 'move-entry';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('entry'), $in->optionalId('after'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Entry]);
    }

    public function apply(Tree $tree): Tree
    {
        $entry = $tree->entry($this->entry);
        $others = array_values(array_filter($tree->part($entry->part), fn (Entry $one): bool => $one->id !== $entry->id));
        $at = $this->after === null ? -1 : array_search($tree->entry($this->after), $others, true);
        if ($at === false) {
            return $tree;
        }

        return $tree->withEntries($entry->with(rank: Rank::between(($others[$at] ?? null)?->rank, ($others[$at + 1] ?? null)?->rank)));
    }

    public function label(Tree $before): string
    {
        return 'Reorder “'.(($before->entries()[$this->entry] ?? null)?->called() ?? 'an entry').'”';
    }
}
