<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Puts layers right above a sibling (or at the bottom), in the same or another group of their screen.
 * On the screen they stay where they are.
 */
final readonly class ReorderLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private Place $place,
        private array $layers,
        private ?string $above,
    ) {
    }

    public static function type(): string
    {
        return 'reorder-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            new Place($in->optionalId('screen'), Address::optionalLayer($in, 'parent')),
            Address::layers($in),
            Address::optionalLayer($in, 'above'),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: $this->named($this->place->screen),
            layers: [...$this->layers, ...array_filter([$this->place->parent], fn (?string $id): bool => $id !== null)],
            siblings: [$this->place],
        );
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->place->screen, $this->layers, true);
        $moving = array_map(fn (Layer $layer): string => $layer->id, $layers);
        $around = $this->place->parent === null ? [] : [$tree->layer($this->place->parent), ...$tree->ancestors($tree->layer($this->place->parent))];
        foreach ($around as $i => $group) {
            if (in_array($group->id, $moving, true)) {
                throw new InvalidInput('parent', "“{$group->name}” cannot lie inside itself.");
            }
            if ($i === 0 && ! $group->isContainer()) {
                throw new InvalidInput('parent', "“{$group->name}” is neither a group nor a stack.");
            }
        }
        [$low, $high] = $this->gap($tree, $moving);
        foreach (Rank::spread($low, $high, count($layers)) as $i => $rank) {
            $shift = $this->origin($tree, $layers[$i]->parent)->minus($this->origin($tree, $this->place->parent));
            $tree = $tree->withLayers($layers[$i]->with(
                parent: $this->place->parent,
                rank: $rank,
                box: $layers[$i]->box->movedBy($shift->x, $shift->y),
            ));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Reorder '.$this->naming($before, $this->layers);
    }

    /**
     * @param  list<string>  $moving
     * @return array{?string, ?string} the ranks below and above the new place
     */
    private function gap(Tree $tree, array $moving): array
    {
        $staying = array_values(array_filter($tree->children($this->place), fn (Layer $layer): bool => ! in_array($layer->id, $moving, true)));
        if ($this->above === null) {
            return [null, $staying === [] ? null : $staying[0]->rank];
        }
        foreach ($staying as $i => $layer) {
            if ($layer->id === $this->above) {
                return [$layer->rank, ($staying[$i + 1] ?? null)?->rank];
            }
        }

        throw new InvalidInput('above', 'the layer to go above is not in that place');
    }
}
