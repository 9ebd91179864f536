<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/**
 * Makes paths of boxes, ellipses, polygons and lines, whose points can be edited then; of the outlines of texts and icons; and one of a compound, of which
 * the parts go. They look as they did, but that all sides of a stroke are alike.
 */
final readonly class ConvertToPaths implements UsesShapes
{
    use OnShapes;

    private const KINDS = [BoxLayer::class, Ellipse::class, PolygonLayer::class, LineLayer::class, Text::class, Icon::class, Compound::class];

    public static function type(): string
    {
        return 'convert-to-paths';
    }

    public function apply(Tree $tree): Tree
    {
        $made = 0;
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if (! in_array($layer->content::class, self::KINDS, true)) {
                continue;
            }
            $rounding = self::rounding($layer);
            // Corners that are all alike stay a number.
            $shape = $this->shapes()->outline($tree, $rounding > 0 ? self::sharp($layer) : $layer);
            if ($shape !== null) {
                $tree = $this->asPath($tree, self::painted($layer->inked()), $shape->curves, rounding: $rounding);
                $made++;
            }
        }

        return $made > 0 ? $tree : throw new InvalidInput('layers', 'Only boxes, ellipses, polygons, lines, texts, icons and compounds become paths.');
    }

    public function label(Tree $before): string
    {
        return 'Make a path of '.$this->naming($before, $this->layers);
    }

    /** The radius that a path can have as its own: one that all corners share. */
    private static function rounding(Layer $layer): float
    {
        return match (true) {
            $layer->content instanceof BoxLayer => $layer->corners->fitted($layer->box)->same() ?? 0.0,
            $layer->content instanceof PolygonLayer, $layer->content instanceof Compound => $layer->content->rounding,
            default => 0.0,
        };
    }

    /** Without what rounds its corners. */
    private static function sharp(Layer $layer): Layer
    {
        return $layer->with(corners: new Corners, content: $layer->content instanceof PolygonLayer || $layer->content instanceof Compound ? $layer->content->with(rounding: 0.0) : $layer->content);
    }

    /** Its strokes lie where they lay, which a path has elsewhere where nothing is said; a compound has them as a path. */
    private static function painted(Layer $layer): Layer
    {
        return $layer->content instanceof Compound ? $layer : $layer->with(strokes: array_map(
            fn (Stroke $stroke): Stroke => $stroke->with(position: $layer->content instanceof LineLayer ? $stroke->position : $stroke->resolvedPosition(false), cap: $stroke->ends(false), join: $stroke->turns(false), sides: null),
            $layer->strokes,
        ));
    }
}
