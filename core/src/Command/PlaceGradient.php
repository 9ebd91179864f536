<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Point;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** Lays the line of a gradient elsewhere in the box of its layers, px from its corner; what is no gradient is left as it is. */
final readonly class PlaceGradient implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private Field $field, private Point $from, private Point $to, private ?float $across, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'place-gradient';
    }

    public static function read(Reader $in): self
    {
        $point = fn (string $key): Point => new Point($in->object($key)->number('x'), $in->object($key)->number('y'));

        return new self(
            $in->optionalId('screen'),
            Address::layers($in),
            Field::find($in->string('paint', 80).'.paint') ?? $in->fail('paint', 'layers have no such paint'),
            $point('from'), $point('to'),
            $in->has('across') ? $in->number('across', 0) : null,
            InCopies::read($in, Address::all($in, 'layers')),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $paint = $this->field->of($layer) === null ? null : Path::of($this->field->path)->value($layer);
            if ($paint instanceof Gradient) {
                $made = $paint->along($this->from, $this->to, $this->across, $layer->box->width, $layer->box->height);
                $set = $this->field->put($tree, $layer, ['kind' => $made::kind()] + $made->toArray());
                $tree = $this->copies->instead($tree, $layer, $this->field, $set->layer($layer->id)) ?? $set;
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Lay the gradient of '.$this->naming($before, $this->layers);
    }
}
