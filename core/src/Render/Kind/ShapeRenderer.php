<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Finish\Strokes;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** Boxes and ellipses: every fill from back to front, then the stroke. */
final readonly class ShapeRenderer implements KindRenderer
{
    public function draw(Layer $layer, Rendering $rendering): string
    {
        $out = '';
        foreach (array_reverse($layer->fills) as $fill) {
            $out .= $this->shape($layer, 0, Paints::attributes('fill', $fill->colour));
        }
        if ($layer->stroke !== null) {
            $grown = $layer->stroke->position->offset() * $layer->stroke->width;
            $out .= $this->shape($layer, $grown, ['fill' => 'none']
                + Paints::attributes('stroke', $layer->stroke->colour)
                + ['stroke-width' => $layer->stroke->width]);
        }
        if ($rendering->editable && $layer->fills === []) {
            $out .= $this->shape($layer, 0, ['fill' => 'none', 'pointer-events' => 'all']);
        }

        return $out;
    }

    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        [$width, $height] = [$layer->box->width, $layer->box->height];
        [$midX, $midY] = [$width / 2, $height / 2];
        $box = new Box(0, 0, $width, $height);
        $grip = $rendering->editable ? Svg::element('rect', ['width' => $width, 'height' => $height, 'fill' => 'none', 'pointer-events' => 'all']) : '';
        $fill = ($layer->fills[0] ?? null)?->colour;
        if ($fill === null && $layer->stroke === null) {
            return $grip;
        }
        // A rule is drawn as the line that it is meant as.
        if (min($width, $height) < 3 && ! $layer->content instanceof Ellipse) {
            $line = $width > $height ? "M0 {$midY}H{$width}" : "M{$midX} 0V{$height}";

            return $grip.Strokes::edge(...$pen->strokes(PathData::parse($line), min($width, $height)), ...['colour' => $fill ?? $layer->stroke->colour, 'width' => 1.0]);
        }
        $path = $layer->content instanceof Ellipse
            ? Outline::ellipse($midX, $midY, $midX, $midY)
            : PathData::parse($layer->corners->path($box));

        return $grip.Strokes::figure(...$pen->strokes($path, min($width, $height)), ...['fill' => $fill, 'stroke' => $layer->stroke]);
    }

    /** @param  array<string, string|float|null>  $paint */
    private function shape(Layer $layer, float $grown, array $paint): string
    {
        $width = max(0.0, $layer->box->width + 2 * $grown);
        $height = max(0.0, $layer->box->height + 2 * $grown);
        if ($layer->content instanceof Ellipse) {
            return Svg::element('ellipse', [
                'cx' => $layer->box->width / 2, 'cy' => $layer->box->height / 2, 'rx' => $width / 2, 'ry' => $height / 2,
            ] + $paint);
        }
        $box = new Box(-$grown, -$grown, $width, $height);
        $corners = $layer->corners->fitted(new Box(0, 0, $layer->box->width, $layer->box->height))->grown($grown)->fitted($box);
        $radius = $corners->same();

        return $radius === null
            ? Svg::element('path', ['d' => $corners->path($box)] + $paint)
            : Svg::element('rect', [
                'x' => $box->x === 0.0 ? null : $box->x, 'y' => $box->y === 0.0 ? null : $box->y,
                'width' => $width, 'height' => $height, 'rx' => $radius === 0.0 ? null : $radius,
            ] + $paint);
    }
}
