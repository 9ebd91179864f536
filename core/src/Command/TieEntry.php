<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Brief\Tie;
use Kindred\Document\Entity;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Ties a requirement to layers, screens or cues, or unties it from them. */
final readonly class TieEntry implements Command
{
    /** @param  list<Tie>  $ties */
    private function __construct(private string $entry, private array $ties, private bool $tied)
    {
    }

    public static function type(): string
    {
        return 'tie-entry';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('entry'), $in->list('ties', Tie::read(...), 1, Entry::MAX_TIES), $in->boolean('tied', true));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Entry]);
    }

    public function apply(Tree $tree): Tree
    {
        $entry = $tree->entry($this->entry);
        if ($entry->part !== Part::Requirement) {
            throw new InvalidInput('entry', 'Only a requirement is tied to something. Nothing was changed.');
        }
        $others = array_values(array_filter($entry->ties, fn (Tie $tie): bool => array_filter($this->ties, fn (Tie $one): bool => $one->is($tie)) === []));
        $ties = $this->tied ? [...$others, ...$this->ties] : $others;
        if (count($ties) > Entry::MAX_TIES) {
            throw new InvalidInput('ties', 'A requirement is tied to at most '.Entry::MAX_TIES.' things. Nothing was changed.');
        }

        return $tree->withEntries($entry->with(ties: $ties));
    }

    public function label(Tree $before): string
    {
        return ($this->tied ? 'Tie' : 'Untie').' “'.(($before->entries()[$this->entry] ?? null)?->called() ?? 'a requirement').'”';
    }
}
