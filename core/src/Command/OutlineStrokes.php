<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeOutline;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Shapes;

/**
 * Makes shapes of strokes, filled with what painted them. What was nothing but a stroke is that shape then; of what is filled, too, each stroke
 * becomes a path of its own right above it.
 */
final readonly class OutlineStrokes implements UsesShapes
{
    use OnShapes;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private ?string $parent, private ?Shapes $shapes = null)
    {
    }

    public static function type(): string
    {
        return 'outline-strokes';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), Address::optionalLayer($in, 'parent'));
    }

    public function withShapes(Shapes $shapes): static
    {
        return new self($this->screen, $this->layers, $this->parent, $shapes);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers, siblings: [new Place($this->screen, $this->parent)]);
    }

    public function apply(Tree $tree): Tree
    {
        $made = 0;
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($layer->parent !== $this->parent) {
                throw new InvalidInput('layers', 'Only strokes of layers that lie beside each other become shapes together; these lie in different groups.');
            }
            $layer = $layer->inked();
            $path = isset($layer->content->paint()['strokes']) && Shapes::has($layer) ? $this->shapes()->outline($tree, $layer) : null;
            $strokes = Stroke::seen($layer->strokes);
            if ($path === null || $strokes === []) {
                continue;
            }
            $onPath = $layer->content instanceof PathLayer || $layer->content instanceof Compound;
            // From the back to the front, as they lie.
            $outlines = array_map(fn (Stroke $stroke): array => [StrokeOutline::of($path->curves, $stroke, $onPath, $path->evenOdd), [new Fill($stroke->paint, $stroke->opacity)]], array_reverse($strokes));
            if (Fill::seen($layer->fills) !== []) {
                $tree = $tree->withLayers($layer->with(strokes: []));
            } else {
                [$shape, $fills] = array_shift($outlines);
                $tree = $this->asPath($tree, $layer->with(fills: $fills, strokes: []), $shape);
            }
            $ranks = $outlines === [] ? [] : Rank::spread($layer->rank, $this->above($tree, $layer), count($outlines));
            foreach ($outlines as $i => [$shape, $fills]) {
                $id = Id::in($tree, "{$layer->id} stroke {$i}")->next();
                $tree = $this->asPath($tree, $layer->with(id: $id, rank: $ranks[$i], name: "{$layer->name}, stroke", fills: $fills, strokes: [], effects: [], cues: [], lineage: null), $shape);
            }
            $made++;
        }

        return $made > 0 ? $tree : throw new InvalidInput('layers', 'There is no stroke here of which a shape could be made.');
    }

    public function label(Tree $before): string
    {
        return 'Outline the strokes of '.$this->naming($before, $this->layers);
    }
}
