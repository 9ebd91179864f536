<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Id;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Adds layers, drawn or pasted, on top of a place. Their ids are derived from the seed. */
final readonly class CreateLayers implements Command
{
    /** @param  list<LayerNest>  $nests */
    private function __construct(
        private Place $place,
        private array $nests,
        private string $seed,
        private ?string $step,
    ) {
    }

    public static function type(): string
    {
        return 'create-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            new Place($in->optionalId('screen'), $in->optionalId('parent')),
            $in->list('layers', LayerNest::read(...), 1, 2000),
            $in->string('seed', 64, false),
            $in->has('step') ? $in->name('step') : null,
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: $this->place->screen === null ? [] : [$this->place->screen],
            layers: $this->place->parent === null ? [] : [$this->place->parent],
            tops: [$this->place],
        );
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->place->screen !== null) {
            $tree->screen($this->place->screen);
        }
        $ids = new Id($this->seed);
        foreach (Rank::spread($tree->topRank($this->place), null, count($this->nests)) as $i => $rank) {
            $tree = $tree->withLayers(...$this->nests[$i]->layers($this->place, $rank, $ids));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return $this->step ?? 'Add '.(count($this->nests) === 1 ? $this->nests[0]->layer->name : count($this->nests).' layers');
    }
}
