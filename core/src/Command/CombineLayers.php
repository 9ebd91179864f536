<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Algebra\Operation;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Shapes;

/**
 * Puts shapes of one place together to a compound, which looks as the lowest of them did: the others are put to it by one operation. Where the
 * lowest is a compound, they become parts of that.
 */
final readonly class CombineLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $seed, private Operation $operation)
    {
    }

    public static function type(): string
    {
        return 'combine-layers';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('seed', 64, false), $in->enum('operation', Operation::class));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($layers) < 2) {
            throw new InvalidInput('layers', 'Select the shapes that are to become one: two or more.');
        }
        foreach ($layers as $layer) {
            if (! Shapes::has($layer)) {
                throw new InvalidInput('layers', "“{$layer->name}” has no shape of its own and cannot be part of a compound. Nothing was changed.");
            }
        }
        $top = $this->together($layers);
        // Put to a compound that is the lowest, the others become parts of it: that comes to the same.
        if ($layers[0]->content instanceof Compound && $layers[0]->rotation === 0.0) {
            return $this->within($tree, $layers[0], array_slice($layers, 1));
        }
        $box = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers)) ?? $top->box;
        $lowest = self::painted($layers[0]);
        $compound = new Layer(
            Id::in($tree, $this->seed)->next(), $this->screen, $top->parent, $top->rank, 'Compound', $box, new Compound,
            opacity: $lowest->opacity, fills: $lowest->fills, strokes: $lowest->strokes, effects: $lowest->effects, blend: $lowest->blend, masks: $lowest->masks,
            // Among the parts of another it does what the lowest did.
            operation: $layers[0]->operation,
            cues: self::cues(...$layers),
        );
        $tree = $tree->withLayers($compound);
        foreach (Rank::spread(null, null, count($layers)) as $i => $rank) {
            $tree = $tree->withLayers($this->gathered($layers[$i], $compound, $rank)->with(operation: $i === 0 ? Operation::Union : $this->operation, cues: []));
        }

        return $tree;
    }

    /** @param  list<Layer>  $parts */
    private function within(Tree $tree, Layer $compound, array $parts): Tree
    {
        $tree = $tree->withLayers($compound->with(cues: self::cues($compound, ...$parts)));
        foreach (Rank::spread($tree->topRank(new Place($compound->screen, $compound->id)), null, count($parts)) as $i => $rank) {
            $tree = $tree->withLayers($this->gathered($parts[$i], $compound, $rank)->with(operation: $this->operation, cues: []));
        }

        return $tree;
    }

    /** @return list<Cue> what any of them led to, the whole does */
    private static function cues(Layer ...$layers): array
    {
        return array_merge(...array_map(fn (Layer $layer): array => $layer->cues, array_values($layers)));
    }

    public function label(Tree $before): string
    {
        return ucfirst($this->operation->value).' '.$this->naming($before, $this->layers);
    }

    /** What is drawn in lines as it is filled; what lay at the edge of its shape lies there. */
    private static function painted(Layer $layer): Layer
    {
        $layer = $layer->inked();

        return $layer->content instanceof LineLayer
            ? $layer->with(fills: array_map(fn (Stroke $stroke): Fill => new Fill($stroke->paint, $stroke->opacity), Stroke::seen($layer->strokes)), strokes: [])
            : $layer->with(strokes: array_map(fn (Stroke $stroke): Stroke => $stroke->with(position: $stroke->resolvedPosition($layer->content instanceof PathLayer || $layer->content instanceof Compound), sides: null), $layer->strokes));
    }
}
