<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Copies layers within their own place, or onto another screen, each copy on top, moved by an offset in px. */
final readonly class DuplicateLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private ?string $parent,
        private array $layers,
        private string $seed,
        private float $dx,
        private float $dy,
        private bool $elsewhere,
        private ?string $to,
    ) {
    }

    public static function type(): string
    {
        return 'duplicate-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            Address::optionalLayer($in, 'parent'),
            Address::layers($in),
            $in->string('seed', 64, false),
            $in->numberOr('dx', 0),
            $in->numberOr('dy', 0),
            $in->boolean('elsewhere', false),
            $in->optionalId('to'),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [...$this->named($this->screen), ...$this->named($this->place()->screen)], layers: $this->layers, tops: [$this->place()]);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers, true);
        $ids = Id::in($tree, $this->seed);
        $place = $this->place();
        if ($place->screen !== null) {
            $tree->screen($place->screen);
        }
        $all = [];
        foreach (Rank::spread($tree->topRank($place), null, count($layers)) as $i => $rank) {
            $nest = LayerNest::of($tree, $layers[$i])->movedBy($this->dx, $this->dy);
            $copies = $nest->layers($place, $rank, $ids);
            array_push($all, $copies[0]->with(locked: false), ...array_slice($copies, 1));
        }

        return $tree->withLayers(...$all);
    }

    /** On top of where they lie, or of another screen (of the wall, where none is named). */
    private function place(): Place
    {
        return $this->elsewhere ? new Place($this->to) : new Place($this->screen, $this->parent);
    }

    public function label(Tree $before): string
    {
        return 'Duplicate '.$this->naming($before, $this->layers);
    }
}
