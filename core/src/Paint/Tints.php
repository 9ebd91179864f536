<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * A ramp of one hue from light to dark in OKLCH: equal steps of lightness, the share of the chroma that there is at each kept as it is in the
 * colour, so that no step is duller than the others because sRGB shows less there.
 */
final class Tints
{
    /** Lightness in Oklab of each step, by its name. */
    private const STEPS = [10 => 0.96, 20 => 0.90, 30 => 0.81, 40 => 0.72, 50 => 0.63, 60 => 0.54, 70 => 0.45, 80 => 0.36, 90 => 0.27];

    /** A chroma that sRGB has nowhere. */
    private const BEYOND = 0.5;

    /** @return array<int, Colour> by the name of the step, 10 for the lightest */
    public static function of(Colour $colour): array
    {
        $own = Oklab::of($colour);
        $share = min(1.0, $own->chroma() / max(0.001, self::most($own->lightness, $own->hue())));
        $tints = [];
        foreach (self::STEPS as $step => $lightness) {
            $chroma = $own->chroma() < 0.005 ? 0.0 : $share * self::most($lightness, $own->hue());
            $tints[$step] = (new Oklab($lightness, $chroma * cos(deg2rad($own->hue())), $chroma * sin(deg2rad($own->hue()))))->colour();
        }

        return $tints;
    }

    /** The most chroma that sRGB shows at a lightness and a hue. */
    public static function most(float $lightness, float $hue): float
    {
        return Oklab::of((new Oklab($lightness, self::BEYOND * cos(deg2rad($hue)), self::BEYOND * sin(deg2rad($hue))))->colour())->chroma();
    }
}
