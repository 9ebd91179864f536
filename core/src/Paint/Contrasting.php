<?php

declare(strict_types=1);

namespace Kindred\Paint;

/** A colour of a hue that stands out against a ground by a contrast ratio (WCAG 2.2): its lightness in Oklab is found by halving. */
final class Contrasting
{
    private const ROUNDS = 24;

    /**
     * @param  float  $ratio  1 to 21, as far as black and white allow
     * @param  bool  $lighter  than the ground, or darker
     * @param  float  $hue  degrees, in Oklab
     * @param  float  $share  of the chroma that sRGB shows at the lightness that is found, 0 to 1
     */
    public static function with(Colour $ground, float $ratio, bool $lighter, float $hue, float $share): Colour
    {
        $aim = $lighter ? $ratio * ($ground->luminance() + 0.05) - 0.05 : ($ground->luminance() + 0.05) / $ratio - 0.05;
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = self::at($middle, $hue, $share)->luminance() > $aim ? [$low, $middle] : [$middle, $high];
        }

        return self::at(($low + $high) / 2, $hue, $share);
    }

    /** A colour by its lightness in Oklab (0 to 1), its hue in degrees and its share of the chroma that sRGB shows there. */
    public static function at(float $lightness, float $hue, float $share): Colour
    {
        $chroma = $share === 0.0 ? 0.0 : $share * Tints::most($lightness, $hue);

        return (new Oklab($lightness, $chroma * cos(deg2rad($hue)), $chroma * sin(deg2rad($hue))))->colour();
    }

    /** The share of the chroma that sRGB shows at its lightness and hue which a colour has; none for greys. */
    public static function share(Colour $colour): float
    {
        $own = Oklab::of($colour->withAlpha(1));

        return $own->chroma() < 0.005 ? 0.0 : min(1.0, $own->chroma() / max(0.001, Tints::most($own->lightness, $own->hue())));
    }
}
