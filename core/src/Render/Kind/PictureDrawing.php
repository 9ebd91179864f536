<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Drawn;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\Image;
use Kindred\Render\Drawing\PathShape;
use Kindred\Render\Rendering;

/** A picture, cut to the layer's corners, over its fills and under its stroke. */
final readonly class PictureDrawing implements KindDrawing
{
    /** Of pictures that are not shown. */
    private const GROUND = '#dcdcdc';

    private const CROSS = '#b4b4b4';

    public static function kinds(): array
    {
        return [Picture::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $picture = $layer->content;
        if (! $picture instanceof Picture) {
            return [];
        }
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $shape = new BoxShape($box, $layer->corners->fitted($box));
        if ($rendering->finish !== Finish::Dressed) {
            return $this->placeholder($layer, $shape, $rendering);
        }

        return [
            ...($layer->fills === [] && Effect::seen($layer->effects, Shadow::class) === [] ? [] : [Figure::filled($shape, $layer->fills, [], $layer->effects)]),
            $this->image($layer, $picture, $shape, $rendering),
            ...($layer->strokes === [] ? [] : [Figure::filled($shape, [], $layer->strokes), ...($rendering->editable ? [Grip::inside($shape)] : [])]),
        ];
    }

    private function image(Layer $layer, Picture $picture, BoxShape $shape, Rendering $rendering): Image
    {
        $box = $shape->box;
        // What is blurred goes on beyond its edges, which must be known.
        $size = ($picture->isCentred() && $picture->adjustment->blur <= 0) || $rendering->size === null ? null : ($rendering->size)($picture->asset);
        $clipped = $layer->corners->same() !== 0.0 || $size !== null;

        return new Image(
            ($rendering->asset)($picture->asset),
            $size === null ? $box : $picture->place($box->width, $box->height, $size),
            $size === null ? $picture->fit->preserveAspectRatio() : 'none',
            $clipped ? $shape : null,
            $rendering->prefix.'clip-'.$layer->id,
            $picture->adjustment,
            $rendering->alone,
        );
    }

    /**
     * Where the finish is not dressed, a picture is a grey box with a cross.
     *
     * @return list<Drawn>
     */
    private function placeholder(Layer $layer, BoxShape $shape, Rendering $rendering): array
    {
        $cross = new PathShape($layer->corners->cross($shape->box), $shape->breadth());

        return [
            ...($rendering->editable && $rendering->finish === Finish::Rough ? [Grip::inside(new BoxShape($shape->box))] : []),
            Figure::filled($shape, [Fill::solid(Colour::parse(self::GROUND))], $layer->strokes),
            Figure::line($cross, [Stroke::solid(Colour::parse(self::CROSS))], $shape->breadth()),
        ];
    }
}
