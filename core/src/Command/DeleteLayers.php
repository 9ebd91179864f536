<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/**
 * Deletes layers with all that lies in them. What is deleted in one copy alone, or in a state of a component, is hidden there: others
 * show it still.
 */
final readonly class DeleteLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private bool $cut,
        private InCopies $copies,
    ) {
    }

    public static function type(): string
    {
        return 'delete-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->boolean('cut', false), InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $gone = [];
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($this->copies->areOwn($tree, $layer)) {
                $tree = $this->copies->put($tree, $layer, Slot::Shown->path(), fn (Layer $own): Layer => $own->with(hidden: true));

                continue;
            }
            array_push($gone, ...array_map(fn (Layer $part): string => $part->id, $tree->subtree($layer->id)));
        }

        return $tree->withoutLayers(...$gone);
    }

    public function label(Tree $before): string
    {
        return ($this->cut ? 'Cut ' : 'Delete ').$this->naming($before, $this->layers);
    }
}
