<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** What commands on one paint of layers share, named by its fill or stroke: `fills.0`. Layers that have no such thing are left as they are. */
trait OnPaint
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private readonly ?string $screen, private readonly array $layers, private readonly Field $field, private readonly InCopies $copies, private readonly Reader $in)
    {
    }

    public static function read(Reader $in): self
    {
        $read = new self(
            $in->optionalId('screen'),
            Address::layers($in),
            Field::find($in->string('paint', 80).'.paint') ?? $in->fail('paint', 'layers have no such paint'),
            InCopies::read($in, Address::all($in, 'layers')),
            $in,
        );
        $read->check();

        return $read;
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $paint = $this->field->of($layer) === null ? null : Path::of($this->field->path)->value($layer);
            $made = $this->field->of($layer) === null ? null : $this->made($layer, $paint instanceof Paint ? $paint : null);
            if ($made !== null && $made !== $paint) {
                $set = $this->field->put($tree, $layer, ['kind' => $made::kind()] + $made->toArray());
                $tree = $this->copies->instead($tree, $layer, $this->field, $set->layer($layer->id)) ?? $set;
            }
        }

        return $tree;
    }

    /** @throws \Kindred\Input\InvalidInput where something is wrong in what was sent */
    abstract private function check(): void;

    /** @return Paint|null what is in the place of the paint, which may not be there; null where nothing changes */
    abstract private function made(Layer $layer, ?Paint $paint): ?Paint;
}
