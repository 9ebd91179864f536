<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Takes findings up again that were put aside. */
final readonly class TakeUp implements Command
{
    /** @param  list<string>  $asides  ids */
    private function __construct(private array $asides)
    {
    }

    public static function type(): string
    {
        return 'take-up';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('findings', 1, PutAside::MAX));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Aside]);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->asides as $id) {
            if (! isset($tree->things(Entity::Aside)[$id])) {
                throw Missing::thing('finding');
            }
        }

        return $tree->without(Entity::Aside, ...$this->asides);
    }

    public function label(Tree $before): string
    {
        return count($this->asides) === 1 ? 'Take a finding up again' : 'Take '.count($this->asides).' findings up again';
    }
}
