<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * Colour spaces and the ways between them. sRGB channels run from 0 to 1, linear ones as light adds up; XYZ is about the white
 * of D65. Source: CSS Color 4, sections 7, 8 and 10, and its sample code for conversions (section 19).
 */
final class Spaces
{
    /** The transfer function of sRGB undone, for channels below 0 too. */
    public static function linear(float $channel): float
    {
        $size = abs($channel);

        return ($channel < 0 ? -1 : 1) * ($size <= 0.04045 ? $size / 12.92 : (($size + 0.055) / 1.055) ** 2.4);
    }

    public static function encoded(float $linear): float
    {
        $size = abs($linear);

        return ($linear < 0 ? -1 : 1) * ($size <= 0.0031308 ? 12.92 * $size : 1.055 * $size ** (1 / 2.4) - 0.055);
    }

    /**
     * @param  float  $hue  degrees
     * @return array{float, float, float}
     */
    public static function hslToSrgb(float $hue, float $saturation, float $lightness): array
    {
        $saturation = max(0.0, min(1.0, $saturation));
        $lightness = max(0.0, min(1.0, $lightness));
        $reach = $saturation * min($lightness, 1 - $lightness);
        $channel = static function (int $n) use ($hue, $lightness, $reach): float {
            $k = fmod(fmod($n + $hue / 30, 12) + 12, 12);

            return $lightness - $reach * max(-1.0, min($k - 3, 9 - $k, 1.0));
        };

        return [$channel(0), $channel(8), $channel(4)];
    }

    /**
     * @param  float  $hue  degrees
     * @return array{float, float, float}
     */
    public static function hwbToSrgb(float $hue, float $white, float $black): array
    {
        $white = max(0.0, $white);
        $black = max(0.0, $black);
        if ($white + $black >= 1) {
            $grey = $white / ($white + $black);

            return [$grey, $grey, $grey];
        }
        [$r, $g, $b] = self::hslToSrgb($hue, 1, 0.5);
        $left = 1 - $white - $black;

        return [$r * $left + $white, $g * $left + $white, $b * $left + $white];
    }

    /** @return array{float, float, float} hue in degrees, saturation and lightness from 0 to 1 */
    public static function srgbToHsl(float $red, float $green, float $blue): array
    {
        [$max, $min] = [max($red, $green, $blue), min($red, $green, $blue)];
        $lightness = ($max + $min) / 2;
        $span = $max - $min;
        if ($span <= 0) {
            return [0.0, 0.0, $lightness];
        }
        $hue = match ($max) {
            $red => ($green - $blue) / $span + ($green < $blue ? 6 : 0),
            $green => ($blue - $red) / $span + 2,
            default => ($red - $green) / $span + 4,
        };

        return [$hue * 60, $lightness <= 0 || $lightness >= 1 ? 0.0 : ($max - $lightness) / min($lightness, 1 - $lightness), $lightness];
    }

    /**
     * Björn Ottosson, “A perceptual color space for image processing” (2020), as CSS Color 4 has it.
     *
     * @return array{float, float, float}
     */
    public static function linearToOklab(float $red, float $green, float $blue): array
    {
        $root = static fn (float $x): float => $x < 0 ? -((-$x) ** (1 / 3)) : $x ** (1 / 3);
        $l = $root(0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue);
        $m = $root(0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue);
        $s = $root(0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue);

        return [
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        ];
    }

    /** @return array{float, float, float} */
    public static function oklabToLinear(float $lightness, float $a, float $b): array
    {
        $l = ($lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($lightness - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ];
    }

    /** @return array{float, float, float} */
    public static function xyzToLinear(float $x, float $y, float $z): array
    {
        return [
            12831 / 3959 * $x - 329 / 214 * $y - 1974 / 3959 * $z,
            -851781 / 878810 * $x + 1648619 / 878810 * $y + 36519 / 878810 * $z,
            705 / 12673 * $x - 2585 / 12673 * $y + 705 / 667 * $z,
        ];
    }

    /** @return array{float, float, float} */
    public static function p3ToXyz(float $red, float $green, float $blue): array
    {
        return [
            608311 / 1250200 * $red + 189793 / 714400 * $green + 198249 / 1000160 * $blue,
            35783 / 156275 * $red + 247089 / 357200 * $green + 198249 / 2500400 * $blue,
            32229 / 714400 * $green + 5220557 / 5000800 * $blue,
        ];
    }

    /**
     * CIE Lab about D50; lightness from 0 to 100.
     *
     * @return array{float, float, float} XYZ
     */
    public static function labToXyz(float $lightness, float $a, float $b): array
    {
        $lightness = max(0.0, min(100.0, $lightness));
        [$kappa, $epsilon] = [24389 / 27, 216 / 24389];
        $y = ($lightness + 16) / 116;
        [$x, $z] = [$a / 500 + $y, $y - $b / 200];
        $part = static fn (float $f): float => $f ** 3 > $epsilon ? $f ** 3 : (116 * $f - 16) / $kappa;

        return self::d50ToD65(
            $part($x) * 0.3457 / 0.3585,
            $lightness > $kappa * $epsilon ? $y ** 3 : $lightness / $kappa,
            $part($z) * (1 - 0.3457 - 0.3585) / 0.3585,
        );
    }

    /** @return array{float, float, float} */
    public static function d50ToD65(float $x, float $y, float $z): array
    {
        return [
            0.955473421488075 * $x - 0.02309845494876471 * $y + 0.06325924320057072 * $z,
            -0.0283697093338637 * $x + 1.0099953980813041 * $y + 0.021041441191917323 * $z,
            0.012314014864481998 * $x - 0.020507649298898964 * $y + 1.330365926242124 * $z,
        ];
    }
}
