<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Line;
use Kindred\Paint\Colour;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

final readonly class LineRenderer implements KindRenderer
{
    /** A thin line can be picked within this many px. */
    private const GRIP = 9.0;

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $rising = $layer->content instanceof Line && $layer->content->rising;
        $ends = [
            'x1' => 0, 'y1' => $rising ? $layer->box->height : 0,
            'x2' => $layer->box->width, 'y2' => $rising ? 0 : $layer->box->height,
        ];
        $width = $layer->stroke->width ?? 1.0;
        $line = Svg::element('line', $ends
            + Paints::attributes('stroke', $layer->stroke->colour ?? Colour::rgb(30, 34, 35))
            + ['stroke-width' => $width]);
        $grip = $rendering->editable && $width < self::GRIP
            ? Svg::element('line', $ends + ['stroke' => 'none', 'stroke-width' => self::GRIP, 'pointer-events' => 'stroke'])
            : '';

        return $line.$grip;
    }
}
