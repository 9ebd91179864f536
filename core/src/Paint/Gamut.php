<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * What sRGB cannot show is made less colourful until it can, its lightness and hue kept: the chroma in OKLCH is halved in, and what
 * is near enough is cut off (CSS Color 4, section 13.2.2, with its thresholds).
 */
final class Gamut
{
    /** A difference in Oklab that is just seen. */
    private const JND = 0.02;

    private const EPSILON = 0.0001;

    /** @param  array{float, float, float}  $linear  channels of sRGB as light adds up */
    public static function nearest(array $linear): Colour
    {
        if (self::holds($linear)) {
            return self::cut($linear);
        }
        [$lightness, $a, $b] = Spaces::linearToOklab(...$linear);
        if ($lightness >= 1 || $lightness <= 0) {
            return $lightness >= 1 ? Colour::rgb(255, 255, 255) : Colour::rgb(0, 0, 0);
        }
        if (self::miss($linear) < self::JND) {
            return self::cut($linear);
        }
        [$low, $high, $lowFits] = [0.0, 1.0, true];
        while ($high - $low > self::EPSILON) {
            $share = ($low + $high) / 2;
            $now = Spaces::oklabToLinear($lightness, $a * $share, $b * $share);
            if ($lowFits && self::holds($now)) {
                $low = $share;

                continue;
            }
            $miss = self::miss($now);
            if ($miss >= self::JND) {
                $high = $share;
            } elseif (self::JND - $miss < self::EPSILON) {
                return self::cut($now);
            } else {
                [$lowFits, $low] = [false, $share];
            }
        }

        return self::cut(Spaces::oklabToLinear($lightness, $a * $low, $b * $low));
    }

    /** @param  array{float, float, float}  $linear */
    private static function holds(array $linear): bool
    {
        return min($linear) >= -1e-6 && max($linear) <= 1 + 1e-6;
    }

    /**
     * How far the colour is from itself with its channels cut to their range.
     *
     * @param  array{float, float, float}  $linear
     */
    private static function miss(array $linear): float
    {
        [$l, $a, $b] = Spaces::linearToOklab(...$linear);
        [$l2, $a2, $b2] = Spaces::linearToOklab(...array_map(fn (float $one): float => max(0.0, min(1.0, $one)), $linear));

        return sqrt(($l - $l2) ** 2 + ($a - $a2) ** 2 + ($b - $b2) ** 2);
    }

    /** @param  array{float, float, float}  $linear */
    private static function cut(array $linear): Colour
    {
        return Colour::ofSrgb(...array_map(Spaces::encoded(...), $linear));
    }
}
