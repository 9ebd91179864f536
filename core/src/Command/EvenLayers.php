<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Bounds;
use Kindred\Document\Layer;
use Kindred\Document\Layout\Evening;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Evens out a messy selection: the rows and columns that it lies in roughly become exact, with equal gaps. */
final readonly class EvenLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'even-layers';
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
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($layers) < 2) {
            throw new InvalidInput('layers', 'Select two layers or more to even them out.');
        }
        $boxes = [];
        foreach ($layers as $layer) {
            $boxes[$layer->id] = Bounds::of($tree, $layer);
        }
        $shifts = Evening::of($boxes);

        return $tree->withLayers(...array_map(function (Layer $layer) use ($tree, $shifts): Layer {
            $by = Bounds::inward($tree, $layer, $shifts[$layer->id]);

            return $layer->with(box: $layer->box->movedBy($by->x, $by->y));
        }, $layers));
    }

    public function label(Tree $before): string
    {
        return "Even out {$this->naming($before, $this->layers)}";
    }
}
