<?php

declare(strict_types=1);

namespace Kindred\Render\Finish;

use Kindred\Document\Layer;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;

/** A layer without its colours: greys of the same luminance, so that every contrast stays what it is. */
final class Greys
{
    public static function of(Layer $layer): Layer
    {
        if ($layer->fills === [] && $layer->stroke === null) {
            return $layer;
        }
        $stroke = $layer->stroke;

        return $layer->with(
            fills: array_map(fn (Fill $fill): Fill => new Fill($fill->colour->grey()), $layer->fills),
            stroke: $stroke === null ? null : new Stroke($stroke->colour->grey(), $stroke->width, $stroke->position),
        );
    }
}
