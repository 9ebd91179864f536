<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Geometry\Point;
use Kindred\Render\IconSource;
use Kindred\Render\KindRenderer;
use Kindred\Render\PaintedCentre;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** An icon in the middle of its box, as large as the shorter side allows. */
final readonly class IconRenderer implements KindRenderer
{
    public function __construct(private IconSource $icons)
    {
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $icon = $layer->content;
        if (! $icon instanceof Icon) {
            return '';
        }
        $side = min($layer->box->width, $layer->box->height);
        $x = ($layer->box->width - $side) / 2;
        $y = ($layer->box->height - $side) / 2;
        $scale = $side / 24;
        $nodes = $this->icons->nodes($icon->icon) ?? [['circle', ['cx' => '12', 'cy' => '12', 'r' => '9']]];
        $centre = $icon->optical ? PaintedCentre::of($nodes) : new Point(12, 12);
        [$x, $y] = [$x + (12 - $centre->x) * $scale, $y + (12 - $centre->y) * $scale];
        $shapes = implode('', array_map(fn (array $node): string => Svg::element($node[0], $node[1]), $nodes));
        $grip = $rendering->editable
            ? Svg::element('rect', ['width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all'])
            : '';

        return $grip.Svg::element('g', [
            'transform' => sprintf('translate(%s %s) scale(%s)', round($x, 3), round($y, 3), round($scale, 5)),
            'fill' => 'none',
            'stroke-width' => $icon->line,
            'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round',
        ] + Paints::attributes('stroke', Paints::front($layer->fills, '#1e2223')), $shapes);
    }
}
