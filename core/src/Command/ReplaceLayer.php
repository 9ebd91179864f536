<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Replaces a layer by others, which take over its rank, name, cues and place in the layout. */
final readonly class ReplaceLayer implements Command
{
    use OnLayers;

    private function __construct(private ?string $screen, private string $layer, private LayerNest $nest, private string $seed, private string $step)
    {
    }

    public static function type(): string
    {
        return 'replace-layer';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), LayerNest::read($in->object('with')), $in->string('seed', 64, false), $in->name('step'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        [$old] = $this->selected($tree, $this->screen, [$this->layer]);
        $gone = array_map(fn ($layer): string => $layer->id, $tree->subtree($old->id));
        [$new, $inside] = [null, []];
        foreach ($this->nest->layers(Place::of($old), $old->rank, new Id($this->seed)) as $i => $layer) {
            if ($i === 0) {
                $new = $layer->with(name: $old->name, cues: $old->cues, sizing: $old->sizing, pins: $old->pins, rotation: $old->rotation, opacity: $old->opacity, locked: $old->locked, hidden: $old->hidden, box: $layer->box->movedBy($old->box->x - $layer->box->x, $old->box->y - $layer->box->y));
            } else {
                $inside[] = $layer;
            }
        }

        return $new === null ? $tree : $tree->withoutLayers(...$gone)->withLayers($new, ...$inside);
    }

    public function label(Tree $before): string
    {
        return "{$this->step} ".($before->layers[$this->layer]->name ?? 'a layer');
    }
}
