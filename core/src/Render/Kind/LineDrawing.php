<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\LineShape;
use Kindred\Render\Rendering;

/** A line from corner to corner, of ink where it has no stroke. */
final readonly class LineDrawing implements KindDrawing
{
    /** How calmly a hand draws any line: as something of so many px. */
    private const CALM = 20.0;

    public static function kinds(): array
    {
        return [LineLayer::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $rising = $layer->content instanceof LineLayer && $layer->content->rising;
        $shape = new LineShape(new Point(0, $rising ? $layer->box->height : 0), new Point($layer->box->width, $rising ? 0 : $layer->box->height));
        $strokes = $layer->strokes === [] ? [Stroke::solid(Colour::parse($rendering->ink()))] : $layer->strokes;
        $figure = Figure::line($shape, $strokes, self::CALM);

        return $rendering->editable && Grip::helps(max(array_map(fn (Stroke $stroke): float => $stroke->width, $strokes))) ? [$figure, Grip::along($shape, 0)] : [$figure];
    }
}
