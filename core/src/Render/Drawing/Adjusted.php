<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Render\FilterChain;
use Kindred\Render\Svg;

/** A picture in other colours or out of focus. */
final class Adjusted
{
    /**
     * @param  array<string, string|float|null>  $attributes  of the `image` element
     * @param  Box  $box  of all of it
     * @param  string  $id  that nothing else in the picture has
     */
    public static function image(array $attributes, Adjustment $by, Box $box, string $id, bool $alone): string
    {
        $chain = (new FilterChain($id, $alone, $box, FilterChain::spread($by->blur)))->adjust($by);
        $filter = $chain->attribute();
        $image = Svg::element('image', $attributes);
        if ($filter === null) {
            return $image;
        }
        if ($by->blur <= 0) {
            return $chain->element().Svg::element('image', $attributes + ['filter' => $filter]);
        }

        // Out of focus its edges would run out: beyond them it goes on as in a mirror, as far as the blur reaches.
        return $chain->element().Svg::element('g', ['filter' => $filter], self::mirrored($image, $box));
    }

    private static function mirrored(string $image, Box $box): string
    {
        $n = Number::text(...);
        $out = $image;
        foreach ([-1, 0, 1] as $across) {
            foreach ([-1, 0, 1] as $down) {
                if ($across !== 0 || $down !== 0) {
                    // Turned over at its left or upper edge, or at the one across from it.
                    $x = $across === 0 ? 0.0 : 2 * ($across < 0 ? $box->x : $box->right());
                    $y = $down === 0 ? 0.0 : 2 * ($down < 0 ? $box->y : $box->bottom());
                    $out .= Svg::element('g', ['transform' => sprintf('matrix(%d 0 0 %d %s %s)', $across === 0 ? 1 : -1, $down === 0 ? 1 : -1, $n($x), $n($y))], $image);
                }
            }
        }

        return $out;
    }
}
