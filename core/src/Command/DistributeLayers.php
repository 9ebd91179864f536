<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Bounds;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Spread;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Makes the gaps between layers equal along an axis, in the order in which they lie.
 *
 * With a gap in px the first stays and the others follow. Without one the first and the last stay,
 * and the room between is shared; where there is too little, the layers overlap equally.
 */
final readonly class DistributeLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private Axis $axis,
        private ?float $gap,
    ) {
    }

    public static function type(): string
    {
        return 'distribute-layers';
    }

    public static function read(Reader $in): self
    {
        $gap = $in->has('gap') ? $in->number('gap') : null;

        return new self($in->optionalId('screen'), Address::layers($in), $in->enum('axis', Axis::class), $gap);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $minimum = $this->gap === null ? 3 : 2;
        if (count($layers) < $minimum) {
            throw new InvalidInput('layers', $minimum === 3 ? 'Select three layers or more to make their gaps equal, or give a gap for two.' : 'Select two layers or more to set their gap.');
        }
        $bounds = [];
        foreach ($layers as $layer) {
            $bounds[$layer->id] = Bounds::of($tree, $layer);
        }
        $moved = [];
        foreach (Spread::along($this->axis, $bounds, $this->gap) as $id => $start) {
            $layer = $tree->layer($id);
            $by = Bounds::inward($tree, $layer, $this->axis->by($start - $this->axis->start($bounds[$id])));
            $moved[] = $layer->with(box: $layer->box->movedBy($by->x, $by->y));
        }

        return $tree->withLayers(...$moved);
    }

    public function label(Tree $before): string
    {
        return ($this->gap === null ? 'Even the gaps of ' : 'Set the gap of ').$this->naming($before, $this->layers);
    }
}
