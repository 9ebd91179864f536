<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Finish\Strokes;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** A picture, cut to the layer's corners, over its fills and under its stroke. */
final readonly class PictureRenderer implements KindRenderer
{
    /** Of pictures that are not shown. */
    private const GROUND = '#dcdcdc';

    private const CROSS = '#b4b4b4';

    public function __construct(private ShapeRenderer $shape)
    {
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $picture = $layer->content;
        if (! $picture instanceof Picture) {
            return '';
        }
        if ($rendering->finish !== Finish::Dressed) {
            return $this->placeholder($layer, $rendering);
        }
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $square = $layer->corners->same() === 0.0;
        $clip = $rendering->prefix.'clip-'.$layer->id;
        $size = $picture->isCentred() || $rendering->size === null ? null : ($rendering->size)($picture->asset);
        $place = $size === null ? $box : $picture->place($box->width, $box->height, $size);
        $clipped = ! $square || $size !== null;
        $image = Svg::element('image', [
            'href' => ($rendering->asset)($picture->asset),
            'x' => $place->x === 0.0 ? null : $place->x,
            'y' => $place->y === 0.0 ? null : $place->y,
            'width' => $place->width,
            'height' => $place->height,
            'preserveAspectRatio' => $size === null ? $picture->fit->preserveAspectRatio() : 'none',
            'clip-path' => $clipped ? "url(#{$clip})" : null,
        ]);
        $ground = $layer->fills === [] ? '' : $this->shape->draw($layer->with(stroke: null), $rendering);
        $edge = $layer->stroke === null ? '' : $this->shape->draw($layer->with(fills: []), $rendering);

        return $ground
            .($clipped ? Svg::element('clipPath', ['id' => $clip], Svg::element('path', ['d' => $layer->corners->path($box)] + Paints::attributes('fill', null))) : '')
            .$image.$edge;
    }

    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string
    {
        $cross = $pen->strokes(PathData::parse($this->cross($layer)), min($layer->box->width, $layer->box->height));

        return $this->shape->rough($this->ground($layer), $rendering, $pen).Strokes::edge(...$cross, ...['colour' => Colour::parse(self::CROSS), 'width' => 1.0]);
    }

    /** Where the finish is not dressed, a picture is a grey box with a cross. */
    private function placeholder(Layer $layer, Rendering $rendering): string
    {
        return $this->shape->draw($this->ground($layer), $rendering)
            .Svg::element('path', ['d' => $this->cross($layer), 'fill' => 'none', 'stroke' => self::CROSS]);
    }

    private function ground(Layer $layer): Layer
    {
        return $layer->with(fills: [new Fill(Colour::parse(self::GROUND))]);
    }

    private function cross(Layer $layer): string
    {
        return $layer->corners->cross(new Box(0, 0, $layer->box->width, $layer->box->height));
    }
}
