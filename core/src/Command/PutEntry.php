<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Entity;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Writes an entry of the brief: a new one at the foot of its part, or right after another, or those properties that are given of
 * one that is there, which stays where it is.
 */
final readonly class PutEntry implements Command
{
    /** Entries of a project. */
    private const MAX = 2_000;

    /**
     * @param  array<array-key, mixed>  $given
     * @param  string|null  $after  the entry that a new one comes after
     */
    private function __construct(private string $id, private Part $part, private array $given, private ?string $after)
    {
    }

    public static function type(): string
    {
        return 'put-entry';
    }

    public static function read(Reader $in): self
    {
        $entry = $in->object('entry');
        // The values are checked now, so that an error names its place.
        $read = Entry::read($entry, '');

        return new self($read->id, $read->part, array_intersect_key($entry->raw(), $read->properties()), $in->optionalId('after'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Entry]);
    }

    public function apply(Tree $tree): Tree
    {
        $before = $tree->entries()[$this->id] ?? null;
        if ($before === null && count($tree->entries()) >= self::MAX) {
            throw new InvalidInput('entry', 'A brief holds at most '.number_format(self::MAX).' entries. Nothing was changed.');
        }
        if ($before !== null && $before->part !== $this->part) {
            throw new InvalidInput('entry.part', 'An entry stays in its part of the brief. Nothing was changed.');
        }
        $rank = $before->rank ?? $this->place($tree->part($this->part));

        return $tree->withEntries(Entry::read(Reader::of($this->given + ($before?->toArray() ?? []) + ['id' => $this->id], 'entry'), $rank));
    }

    /** @param  list<Entry>  $all  of the part, in their order */
    private function place(array $all): string
    {
        foreach ($all as $i => $entry) {
            if ($entry->id === $this->after) {
                return Rank::between($entry->rank, ($all[$i + 1] ?? null)?->rank);
            }
        }

        return Rank::between($all === [] ? null : $all[count($all) - 1]->rank, null);
    }

    public function label(Tree $before): string
    {
        $known = $before->entries()[$this->id] ?? null;
        if ($known === null) {
            $title = $this->given['title'] ?? '';

            return "Add {$this->part->one()}".(is_string($title) && $title !== '' ? " “{$title}”" : '');
        }

        return "Change {$this->part->one()} “{$known->called()}”";
    }
}
