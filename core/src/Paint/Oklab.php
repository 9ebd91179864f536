<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * A colour by how it looks: lightness from 0 to 1, and two axes from green to red and from blue to yellow.
 *
 * Source: Björn Ottosson, “A perceptual color space for image processing” (2020), as CSS Color 4 has it (10.9).
 */
final readonly class Oklab
{
    public function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    public static function of(Colour $colour): self
    {
        return self::ofChannels($colour->red, $colour->green, $colour->blue);
    }

    /** Channels from 0 to 255. */
    public static function ofChannels(float $red, float $green, float $blue): self
    {
        [$r, $g, $b] = array_map(static fn (float $channel): float => $channel <= 0.04045 * 255 ? $channel / 255 / 12.92 : (($channel / 255 + 0.055) / 1.055) ** 2.4, [$red, $green, $blue]);
        $l = (0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b) ** (1 / 3);
        $m = (0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b) ** (1 / 3);
        $s = (0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b) ** (1 / 3);

        return new self(
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        );
    }

    /** The nearest colour of sRGB, each channel cut to its range. */
    public function colour(): Colour
    {
        $l = ($this->lightness + 0.3963377774 * $this->a + 0.2158037573 * $this->b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $this->a - 0.0638541728 * $this->b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $this->a - 1.2914855480 * $this->b) ** 3;
        [$red, $green, $blue] = array_map(static function (float $linear): int {
            $linear = max(0.0, min(1.0, $linear));

            return (int) round(255 * ($linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055));
        }, [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ]);

        return Colour::rgb($red, $green, $blue);
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Degrees from 0 to 360, from red over yellow, green and blue. */
    public function hue(): float
    {
        return fmod(rad2deg(atan2($this->b, $this->a)) + 360, 360);
    }

    /** How far apart two colours look; 0.02 is hardly to be seen. */
    public function distance(self $other): float
    {
        return sqrt(($this->lightness - $other->lightness) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** What people would call it: “dark green”, “pale pink”, “grey”. */
    public function called(): string
    {
        if ($this->chroma() < 0.025) {
            return match (true) {
                $this->lightness > 0.98 => 'white',
                $this->lightness < 0.2 => 'black',
                $this->lightness > 0.85 => 'light grey',
                $this->lightness < 0.45 => 'dark grey',
                default => 'grey',
            };
        }
        $hue = $this->hue();
        $name = match (true) {
            $hue < 15, $hue >= 345 => 'pink',
            $hue < 45 => 'red',
            $hue < 75 => 'orange',
            $hue < 115 => 'yellow',
            $hue < 165 => 'green',
            $hue < 215 => 'teal',
            $hue < 285 => 'blue',
            $hue < 320 => 'violet',
            default => 'purple',
        };

        return match (true) {
            $this->lightness > 0.85 => "pale {$name}",
            $this->lightness < 0.35 => "dark {$name}",
            $name === 'orange' && $this->lightness < 0.6 => 'brown',
            default => $name,
        };
    }
}
