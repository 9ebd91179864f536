<?php

declare(strict_types=1);

namespace Kindred\Render\Finish;

use Kindred\Document\Layer;
use Kindred\Paint\Colour;
use Kindred\Property\Properties;

/** A layer without its colours: greys of the same luminance, so that every contrast stays what it is. */
final class Greys
{
    public static function of(Layer $layer): Layer
    {
        return Properties::mapped($layer, Colour::class, fn (Colour $colour): Colour => $colour->grey());
    }
}
