<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Lets layers that mask others be seen again, and what they masked: named themselves, or by the group that they mask in. The group stays. */
final readonly class ReleaseMasks implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'release-masks';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $masks = [];
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            array_push($masks, ...($layer->masking ? [$layer] : []), ...$tree->masking($layer));
        }

        return $masks === []
            ? throw new InvalidInput('layers', 'Nothing is masked here.')
            : $tree->withLayers(...array_map(fn (Layer $mask): Layer => $mask->with(masking: false), $masks));
    }

    public function label(Tree $before): string
    {
        return 'Release the mask of '.$this->naming($before, $this->layers);
    }
}
