<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\EllipseShape;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\PathShape;
use Kindred\Render\Drawing\Shape;
use Kindred\Render\Rendering;

/** Boxes, ellipses and polygons, and what is painted as a box. */
final readonly class BoxDrawing implements KindDrawing
{
    public static function kinds(): array
    {
        return [BoxLayer::kind(), Ellipse::kind(), PolygonLayer::kind(), Stack::kind(), ArrayLayer::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $shape = self::shape($layer, $box);
        $figure = Figure::filled($shape, $layer->fills, $layer->strokes, $layer->castsAll() ? [] : $layer->effects);

        return match (true) {
            ! $rendering->editable => [$figure],
            // A hand draws beside the edge.
            $rendering->finish === Finish::Rough => [Grip::inside(new BoxShape($box)), $figure],
            Fill::seen($layer->fills) !== [] => [$figure],
            default => [$figure, $shape->isClosed() ? Grip::inside($shape) : Grip::along($shape, $layer->strokes[0]->width ?? 0)],
        };
    }

    private static function shape(Layer $layer, Box $box): Shape
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Ellipse && $content->isWhole() => new EllipseShape($box),
            $content instanceof Ellipse, $content instanceof PolygonLayer => new PathShape($content->path($box)->text(), min($box->width, $box->height)),
            default => new BoxShape($box, $layer->corners->fitted($box)),
        };
    }
}
