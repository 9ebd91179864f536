<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Path;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** A path: every fill from back to front, then the stroke, which lies on its edge. */
final readonly class PathRenderer implements KindRenderer
{
    /** A thin stroke can be picked within this many px. */
    private const GRIP = 9.0;

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $path = $layer->content;
        if (! $path instanceof Path) {
            return '';
        }
        $shape = ['d' => $path->d, 'fill-rule' => $path->evenOdd ? 'evenodd' : null];
        $out = '';
        foreach ($layer->fills as $fill) {
            $out .= Svg::element('path', $shape + Paints::attributes('fill', $fill->colour));
        }
        if ($layer->stroke !== null) {
            $out .= Svg::element('path', $shape + ['fill' => 'none'] + Paints::attributes('stroke', $layer->stroke->colour) + ['stroke-width' => $layer->stroke->width, 'stroke-linejoin' => 'round', 'stroke-linecap' => 'round']);
        }

        return $rendering->editable && $layer->fills === []
            ? $out.Svg::element('path', $shape + ['fill' => 'none', 'stroke' => 'none', 'stroke-width' => max(self::GRIP, $layer->stroke->width ?? 0), 'pointer-events' => 'stroke'])
            : $out;
    }
}
