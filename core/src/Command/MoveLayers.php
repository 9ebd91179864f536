<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Moves layers by a distance in px, in the coordinates of their own parents. */
final readonly class MoveLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private float $dx,
        private float $dy,
    ) {
    }

    public static function type(): string
    {
        return 'move-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->number('dx'), $in->number('dy'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withLayers(...array_map(
            fn (Layer $layer): Layer => $layer->with(box: $layer->box->movedBy($this->dx, $this->dy)),
            $this->selected($tree, $this->screen, $this->layers),
        ));
    }

    public function label(Tree $before): string
    {
        return 'Move '.$this->naming($before, $this->layers);
    }
}
