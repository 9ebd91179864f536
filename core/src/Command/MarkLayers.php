<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Locks or hides layers, or takes either back. */
final readonly class MarkLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private ?bool $locked,
        private ?bool $hidden,
        private InCopies $copies,
    ) {
    }

    public static function type(): string
    {
        return 'mark-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            Address::layers($in),
            $in->has('locked') ? $in->boolean('locked') : null,
            $in->has('hidden') ? $in->boolean('hidden') : null,
            InCopies::read($in, Address::all($in, 'layers')),
        );
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers, true) as $layer) {
            $tree = $this->locked === null || $this->locked === $layer->locked ? $tree : $tree->withLayers($layer->with(locked: $this->locked));
            $hidden = $this->hidden;
            $tree = $hidden === null ? $tree : $this->copies->put($tree, $layer, Slot::Shown->path(), fn (Layer $own): Layer => $own->with(hidden: $hidden));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $verb = match (true) {
            $this->locked === true => 'Lock',
            $this->locked === false => 'Unlock',
            $this->hidden === true => 'Hide',
            default => 'Show',
        };

        return "{$verb} ".$this->naming($before, $this->layers);
    }
}
