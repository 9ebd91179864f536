<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Geometry\Number;

/** A star of five points. */
final class Star
{
    /** @param  float  $side  of the square that it stands in, px */
    public static function path(float $side): string
    {
        $out = '';
        for ($i = 0; $i < 10; $i++) {
            $radius = $side / 2 * ($i % 2 === 0 ? 1 : 0.42);
            $angle = M_PI * ($i / 5 - 0.5);
            $out .= ($i === 0 ? 'M' : 'L').Number::text($side / 2 + $radius * cos($angle)).' '.Number::text($side / 2 + $radius * sin($angle));
        }

        return $out.'Z';
    }
}
