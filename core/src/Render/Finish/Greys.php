<?php

declare(strict_types=1);

namespace Kindred\Render\Finish;

use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\Noise;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Paint\Colour;
use Kindred\Property\Properties;

/** A layer without its colours: greys of the same luminance, so that every contrast stays what it is, and for a picture that fills it the grey that stands for pictures. */
final class Greys
{
    public static function of(Layer $layer): Layer
    {
        $plain = Properties::mapped($layer, Paint::class, fn (Paint $paint): Paint => match (true) {
            $paint instanceof PicturePaint => new Solid($paint->colour()),
            $paint instanceof Noise => $paint->with(coloured: false),
            default => $paint,
        });

        return Properties::mapped($plain, Colour::class, fn (Colour $colour): Colour => $colour->grey());
    }
}
