<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Copies layers from one take of a screen to another, at the same place; what is the same layer there is replaced. */
final readonly class CarryLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private string $from, private string $to, private array $layers, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'carry-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('from'), $in->id('to'), Address::layers($in), $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(whole: [$this->from, $this->to]);
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->from === $tree->screen($this->to)->id) {
            throw new InvalidInput('to', 'Layers are carried to another take of their screen; these are on it already. Nothing was changed.');
        }
        $ids = Id::in($tree, $this->seed);
        foreach ($this->selected($tree, $this->from, $this->layers, lockedToo: true) as $layer) {
            $tree = $this->carry($tree, $layer, $ids);
        }

        return $tree;
    }

    private function carry(Tree $tree, Layer $layer, Id $ids): Tree
    {
        $same = $this->counterpart($tree, $layer);
        $parent = $layer->parent === null ? null : $this->counterpart($tree, $tree->layer($layer->parent));
        $at = $parent !== null && $parent->isContainer() ? $parent : null;
        if ($same !== null) {
            $at = $same->parent === null ? null : $tree->layer($same->parent);
            $tree = $tree->withoutLayers(...array_map(fn (Layer $one): string => $one->id, $tree->subtree($same->id)));
        }
        $place = new Place($this->to, $at?->id);
        // Where its parent is another one, or none, it still lies at the same place of the screen.
        $shift = $this->origin($tree, $layer->parent)->minus($this->origin($tree, $at?->id));
        $nest = LayerNest::of($tree, $layer)->movedBy($shift->x, $shift->y);
        $rank = $same->rank ?? ($layer->parent === null || $at !== null ? $this->rankFor($tree, $layer, $place) : Rank::between($tree->topRank($place), null));

        return $tree->withLayers(...$nest->layers($place, $rank, $ids, akin: true));
    }

    /** Above the copy of the layer that it lies above on its own screen, where there is one. */
    private function rankFor(Tree $tree, Layer $layer, Place $place): string
    {
        $siblings = $tree->children($place);
        $below = null;
        foreach ($tree->children(Place::of($layer)) as $one) {
            if ($one->id === $layer->id) {
                break;
            }
            $same = $this->counterpart($tree, $one);
            $below = $same !== null && Place::of($same)->key() === $place->key() ? $same->rank : $below;
        }
        $above = array_values(array_filter($siblings, fn (Layer $one): bool => $below === null || strcmp($one->rank, $below) > 0));

        return Rank::between($below, ($above[0] ?? null)?->rank);
    }

    private function counterpart(Tree $tree, Layer $layer): ?Layer
    {
        foreach ($tree->layersOf($this->to) as $one) {
            if ($one->descent() === $layer->descent()) {
                return $one;
            }
        }

        return null;
    }

    public function label(Tree $before): string
    {
        return 'Carry '.$this->naming($before, $this->layers).' to take '.($before->screens[$this->to]->take->name ?? '');
    }
}
