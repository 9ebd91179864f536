<?php

declare(strict_types=1);

namespace Kindred\Paint;

/** The colour space in which the colours between two stops are mixed (CSS Images 4, section 3.1). */
enum Interpolation: string
{
    case Srgb = 'srgb';
    case Oklab = 'oklab';

    /**
     * A colour as it is mixed here: three coordinates and alpha, the coordinates multiplied by it (CSS Color 4, section 12.3).
     *
     * @return array{float, float, float, float}
     */
    public function mixable(Colour $colour): array
    {
        [$a, $b, $c] = $this === self::Srgb ? [$colour->red / 255, $colour->green / 255, $colour->blue / 255] : Spaces::linearToOklab(...$colour->linear());

        return [$a * $colour->alpha, $b * $colour->alpha, $c * $colour->alpha, $colour->alpha];
    }

    /**
     * Back from what is mixed.
     *
     * @param  array{float, float, float, float}  $mixed
     * @return array{float, float, float, float} channels of sRGB and alpha from 0 to 1
     */
    public function srgb(array $mixed): array
    {
        [$a, $b, $c, $alpha] = $mixed;
        if ($alpha <= 0) {
            return [0.0, 0.0, 0.0, 0.0];
        }
        [$a, $b, $c] = [$a / $alpha, $b / $alpha, $c / $alpha];
        if ($this === self::Oklab) {
            [$a, $b, $c] = Spaces::oklabToLinear($a, $b, $c);
            [$a, $b, $c] = [Spaces::encoded($a), Spaces::encoded($b), Spaces::encoded($c)];
        }

        return [max(0.0, min(1.0, $a)), max(0.0, min(1.0, $b)), max(0.0, min(1.0, $c)), $alpha];
    }
}
