<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Takes layers to another screen, or loose onto the wall (no screen), moved by a distance in px. */
final readonly class TransferLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private ?string $to,
        private array $layers,
        private float $dx,
        private float $dy,
    ) {
    }

    public static function type(): string
    {
        return 'transfer-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), $in->optionalId('to'), Address::layers($in), $in->number('dx'), $in->number('dy'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: [...$this->named($this->screen), ...$this->named($this->to)],
            layers: $this->layers,
            tops: [new Place($this->to)],
        );
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->to !== null) {
            $tree->screen($this->to);
        }
        $place = new Place($this->to);
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $moved = [];
        foreach (Rank::spread($tree->topRank($place), null, count($layers)) as $i => $rank) {
            foreach ($tree->subtree($layers[$i]->id) as $layer) {
                $moved[] = $layer->id === $layers[$i]->id
                    ? $layer->with(screen: $this->to, parent: null, rank: $rank, box: $layer->box->movedBy($this->dx, $this->dy))
                    : $layer->with(screen: $this->to);
            }
        }

        return $tree->withLayers(...$moved);
    }

    public function label(Tree $before): string
    {
        $target = $this->to === null ? 'the wall' : ($before->screens[$this->to]->name ?? 'another screen');

        return 'Move '.$this->naming($before, $this->layers)." to {$target}";
    }
}
