<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Geometry\PathData;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Finish\Strokes;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** A path: every fill from back to front, then the stroke, which lies on its edge. */
final readonly class PathRenderer implements KindRenderer
{
    /** A thin stroke can be picked within this many px. */
    private const GRIP = 9.0;

    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        $path = $layer->content;
        if (! $path instanceof PathLayer) {
            return '';
        }
        $fill = ($layer->fills[0] ?? null)?->colour;
        $strokes = $pen->strokes(PathData::parse($path->d), min($layer->box->width, $layer->box->height));

        return ($fill === null && $layer->stroke === null ? '' : Strokes::figure(...$strokes, ...['fill' => $fill, 'stroke' => $layer->stroke])).$this->grip($layer, $path, $rendering);
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $path = $layer->content;
        if (! $path instanceof PathLayer) {
            return '';
        }
        $shape = ['d' => $path->d, 'fill-rule' => $path->evenOdd ? 'evenodd' : null];
        $out = '';
        foreach (array_reverse($layer->fills) as $fill) {
            $out .= Svg::element('path', $shape + Paints::attributes('fill', $fill->colour));
        }
        if ($layer->stroke !== null) {
            $out .= Svg::element('path', $shape + ['fill' => 'none'] + Paints::attributes('stroke', $layer->stroke->colour) + ['stroke-width' => $layer->stroke->width, 'stroke-linejoin' => 'round', 'stroke-linecap' => 'round']);
        }

        return $out.$this->grip($layer, $path, $rendering);
    }

    private function grip(Layer $layer, PathLayer $path, Rendering $rendering): string
    {
        return $rendering->editable && $layer->fills === []
            ? Svg::element('path', ['d' => $path->d, 'fill' => 'none', 'stroke' => 'none', 'stroke-width' => max(self::GRIP, $layer->stroke->width ?? 0), 'pointer-events' => 'stroke'])
            : '';
    }
}
