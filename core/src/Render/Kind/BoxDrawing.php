<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\EllipseShape;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Rendering;

/** Boxes and ellipses, and what is painted as a box. */
final readonly class BoxDrawing implements KindDrawing
{
    public static function kinds(): array
    {
        return [BoxLayer::kind(), Ellipse::kind(), Stack::kind(), ArrayLayer::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $shape = $layer->content instanceof Ellipse ? new EllipseShape($box) : new BoxShape($box, $layer->corners->fitted($box));
        $figure = Figure::filled($shape, $layer->fills, $layer->strokes, $layer->effects);

        return match (true) {
            ! $rendering->editable => [$figure],
            // A hand draws beside the edge.
            $rendering->finish === Finish::Rough => [Grip::inside(new BoxShape($box)), $figure],
            default => Fill::seen($layer->fills) === [] ? [$figure, Grip::inside($shape)] : [$figure],
        };
    }
}
