<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Library\Library;
use Kindred\Document\Library\Taken;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Keeps what was taken from a library, and what it was there then, beside what had been taken before. */
final readonly class PutLibrary implements Command
{
    /** @param  list<Taken>  $taken */
    private function __construct(private string $id, private string $name, private string $project, private array $taken)
    {
    }

    public static function type(): string
    {
        return 'put-library';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('id'), $in->name('name'), $in->string('project', 20), $in->list('taken', Taken::read(...), 0, Library::MAX_TAKEN));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Library]);
    }

    public function apply(Tree $tree): Tree
    {
        $all = $tree->things(Entity::Library);
        $old = $all[$this->id] ?? null;
        $taken = $old instanceof Library ? array_column(array_map(fn (Taken $one): array => [$one->key(), $one], $old->taken), 1, 0) : [];
        foreach ($this->taken as $one) {
            $taken[$one->key()] = $one;
        }
        if (count($taken) > Library::MAX_TAKEN || ($old === null && count($all) >= Library::MAX)) {
            throw new InvalidInput('taken', 'A project takes at most '.number_format(Library::MAX_TAKEN).' things of each of at most '.Library::MAX.' libraries. Nothing was changed.');
        }
        $ranks = array_map(fn ($one): string => $one instanceof Library ? $one->rank : '', array_values($all));

        return $tree->put(Entity::Library, new Library($this->id, $old instanceof Library ? $old->rank : Rank::between($ranks === [] ? null : max($ranks), null), $this->name, $this->project, array_values($taken)));
    }

    public function label(Tree $before): string
    {
        return "Take from library {$this->name}";
    }
}
