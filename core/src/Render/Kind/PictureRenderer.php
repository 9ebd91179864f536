<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Picture;
use Kindred\Geometry\Box;
use Kindred\Render\KindRenderer;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/** A picture, cut to the layer's corners, over its fills and under its stroke. */
final readonly class PictureRenderer implements KindRenderer
{
    public function __construct(private ShapeRenderer $shape)
    {
    }

    public function draw(Layer $layer, Rendering $rendering): string
    {
        $picture = $layer->content;
        if (! $picture instanceof Picture) {
            return '';
        }
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $square = $layer->corners->same() === 0.0;
        $clip = $rendering->prefix.'clip-'.$layer->id;
        $image = Svg::element('image', [
            'href' => ($rendering->asset)($picture->asset),
            'width' => $box->width,
            'height' => $box->height,
            'preserveAspectRatio' => $picture->fit->preserveAspectRatio(),
            'clip-path' => $square ? null : "url(#{$clip})",
        ]);
        $ground = $layer->fills === [] ? '' : $this->shape->draw($layer->with(stroke: null), $rendering);
        $edge = $layer->stroke === null ? '' : $this->shape->draw($layer->with(fills: []), $rendering);

        return $ground
            .($square ? '' : Svg::element('clipPath', ['id' => $clip], Svg::element('path', ['d' => $layer->corners->path($box)] + Paints::attributes('fill', null))))
            .$image.$edge;
    }
}
