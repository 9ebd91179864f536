<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Two layers of a screen change places: each takes the corner of the other, keeping its size. In different groups each goes into
 * the other's, and in a stack each takes the other's turn.
 */
final readonly class SwapLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'swap-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in, max: 2000));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($this->layers) !== 2 || count($layers) !== 2) {
            throw new InvalidInput('layers', 'Select two layers, neither inside the other, to swap their places.');
        }
        [$a, $b] = $layers;
        $turns = $a->parent !== $b->parent || ($a->parent !== null && $tree->layer($a->parent)->lays($a));
        $moved = [];
        foreach ([[$a, $b], [$b, $a]] as [$layer, $other]) {
            $box = $layer->box->movedBy($other->box->x - $layer->box->x, $other->box->y - $layer->box->y);
            $moved[] = $turns ? $layer->with(box: $box, parent: $other->parent, rank: $other->rank) : $layer->with(box: $box);
        }

        return $tree->withLayers(...$moved);
    }

    public function label(Tree $before): string
    {
        return 'Swap '.$this->naming($before, $this->layers);
    }
}
