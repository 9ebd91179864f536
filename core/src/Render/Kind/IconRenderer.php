<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Geometry\Outline;
use Kindred\Geometry\Point;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Finish\Strokes;
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
        [$nodes, $x, $y, $scale] = $this->placed($layer, $icon);
        $shapes = implode('', array_map(fn (array $node): string => Svg::element($node[0], $node[1]), $nodes));

        return $this->grip($layer, $rendering).Svg::element('g', [
            'transform' => sprintf('translate(%s %s) scale(%s)', round($x, 3), round($y, 3), round($scale, 5)),
            'fill' => 'none',
            'stroke-width' => $icon->line,
            'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round',
        ] + Paints::attributes('stroke', Paints::front($layer->fills, $rendering->ink())), $shapes);
    }

    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        $icon = $layer->content;
        if (! $icon instanceof Icon) {
            return '';
        }
        [$nodes, $x, $y, $scale] = $this->placed($layer, $icon);
        $first = $second = '';
        foreach ($nodes as [$name, $attributes]) {
            $path = Outline::of($name, $attributes)?->mapped($scale, 0, 0, $scale, $x, $y);
            [$one, $two] = $path === null ? ['', ''] : $pen->strokes($path, 12 * $scale);
            [$first, $second] = [$first.$one, $second.$two];
        }

        return $this->grip($layer, $rendering).Strokes::edge($first, $second, Paints::front($layer->fills, $rendering->ink()), $icon->line * $scale);
    }

    /** @return array{list<array{string, array<string, string>}>, float, float, float} the shapes, and where and how large they are drawn */
    private function placed(Layer $layer, Icon $icon): array
    {
        $side = min($layer->box->width, $layer->box->height);
        $scale = $side / 24;
        $nodes = $this->icons->nodes($icon->icon) ?? [['circle', ['cx' => '12', 'cy' => '12', 'r' => '9']]];
        $centre = $icon->optical ? PaintedCentre::of($nodes) : new Point(12, 12);

        return [$nodes, ($layer->box->width - $side) / 2 + (12 - $centre->x) * $scale, ($layer->box->height - $side) / 2 + (12 - $centre->y) * $scale, $scale];
    }

    private function grip(Layer $layer, Rendering $rendering): string
    {
        return $rendering->editable
            ? Svg::element('rect', ['width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all'])
            : '';
    }
}
