<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Resize;
use Kindred\Document\Style\Corners;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Curve\Curves;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Shapes;

/** What commands share that make paths of the outlines of layers. */
trait OnShapes
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private readonly ?string $screen, private readonly array $layers, private readonly ?Shapes $shapes = null)
    {
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in));
    }

    public function withShapes(Shapes $shapes): static
    {
        return new static($this->screen, $this->layers, $shapes);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    private function shapes(): Shapes
    {
        return $this->shapes ?? throw new \LogicException('The outlines of layers are asked for before they are there.');
    }

    /** A layer that is a path now; what lay in it is gone. */
    private function asPath(Tree $tree, Layer $layer, Curves $curves, bool $evenOdd = false, float $rounding = 0.0): Tree
    {
        if ($curves->subpaths === []) {
            throw new InvalidInput('layers', "Nothing would be left of “{$layer->name}”. Nothing was changed.");
        }
        $inside = ! isset($tree->layers[$layer->id]) ? [] : array_map(fn (Layer $one): string => $one->id, array_slice($tree->subtree($layer->id), 1));

        return Resize::drawn($tree->withoutLayers(...$inside), $layer->with(corners: new Corners), new PathLayer($curves->path()->text(), $evenOdd, $rounding));
    }
}
