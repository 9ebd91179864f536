<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Resize;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/**
 * Makes paths of boxes, ellipses and lines, whose points can be edited then; of the outlines of texts and icons; and one of a compound, of which
 * the parts go. They look as they did, but that all sides of a stroke are alike.
 */
final readonly class ConvertToPaths implements UsesShapes
{
    use OnShapes;

    public static function type(): string
    {
        return 'convert-to-paths';
    }

    public function apply(Tree $tree): Tree
    {
        $made = 0;
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $outline = self::outline($layer);
            if ($layer->content instanceof Text || $layer->content instanceof Icon || $layer->content instanceof Compound) {
                $shape = $this->shapes()->of($tree, $layer);
                $inked = $layer->fills === [] && ! $layer->content instanceof Compound ? $layer->with(fills: [Fill::solid(Colour::parse(Stroke::INK))]) : $layer;
                $tree = $shape === null ? $tree : $this->asPath($tree, $inked, $shape->curves);
                $made++;
            } elseif ($outline !== null) {
                $tree = Resize::drawn($tree, self::painted($layer), new PathLayer(Curves::of($outline)->path()->text(), rounding: self::rounding($layer)));
                $made++;
            }
        }

        return $made > 0 ? $tree : throw new InvalidInput('layers', 'Only boxes, ellipses, lines, texts, icons and compounds become paths.');
    }

    public function label(Tree $before): string
    {
        return 'Make a path of '.$this->naming($before, $this->layers);
    }

    private static function outline(Layer $layer): ?PathData
    {
        [$width, $height] = [$layer->box->width, $layer->box->height];
        $rising = $layer->content instanceof LineLayer && $layer->content->rising;

        return match ($layer->content::class) {
            BoxLayer::class => PathData::parse((self::rounding($layer) > 0 ? new Corners : $layer->corners)->path(new Box(0, 0, $width, $height))),
            Ellipse::class => PathData::of([...Outline::ellipse($width / 2, $height / 2, $width / 2, $height / 2)->segments, ['Z', []]]),
            LineLayer::class => PathData::of([['M', [0.0, $rising ? $height : 0.0]], ['L', [$width, $rising ? 0.0 : $height]]]),
            default => null,
        };
    }

    /** The radius that a path can have as its own: one that all corners share. */
    private static function rounding(Layer $layer): float
    {
        return $layer->content instanceof BoxLayer ? $layer->corners->fitted($layer->box)->same() ?? 0.0 : 0.0;
    }

    /** Its strokes lie where they lay, which a path has elsewhere where nothing is said. */
    private static function painted(Layer $layer): Layer
    {
        return $layer->with(
            corners: new Corners,
            strokes: array_map(fn (Stroke $stroke): Stroke => $stroke->with(position: $layer->content instanceof LineLayer ? $stroke->position : $stroke->lies(false), cap: $stroke->ends(false), join: $stroke->turns(false), sides: null), $layer->strokes),
        );
    }
}
