<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\LineLayer;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Finish\Strokes;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

final readonly class LineRenderer implements KindRenderer
{
    /** A thin line can be picked within this many px. */
    private const GRIP = 9.0;

    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        [$from, $to] = $layer->content instanceof LineLayer && $layer->content->rising ? [$layer->box->height, 0.0] : [0.0, $layer->box->height];
        $path = PathData::parse("M0 {$from}L{$layer->box->width} {$to}");

        return Strokes::edge(...$pen->strokes($path, 20), ...['colour' => $layer->stroke->colour ?? Colour::parse($rendering->ink()), 'width' => $layer->stroke->width ?? 1.0])
            .$this->grip($layer, $rendering);
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        return Svg::element('line', self::ends($layer)
            + Paints::attributes('stroke', $layer->stroke->colour ?? Colour::parse($rendering->ink()))
            + ['stroke-width' => $layer->stroke->width ?? 1.0]).$this->grip($layer, $rendering);
    }

    private function grip(Layer $layer, Rendering $rendering): string
    {
        return $rendering->editable && ($layer->stroke->width ?? 1.0) < self::GRIP
            ? Svg::element('line', self::ends($layer) + ['stroke' => 'none', 'stroke-width' => self::GRIP, 'pointer-events' => 'stroke'])
            : '';
    }

    /** @return array<string, float|int> */
    private static function ends(Layer $layer): array
    {
        $rising = $layer->content instanceof LineLayer && $layer->content->rising;

        return ['x1' => 0, 'y1' => $rising ? $layer->box->height : 0, 'x2' => $layer->box->width, 'y2' => $rising ? 0 : $layer->box->height];
    }
}
