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
        return new self(...Spaces::linearToOklab(Spaces::linear($red / 255), Spaces::linear($green / 255), Spaces::linear($blue / 255)));
    }

    /** The nearest colour of sRGB: less colourful where it must be, of the same lightness and hue. */
    public function colour(): Colour
    {
        return Gamut::nearest(Spaces::oklabToLinear($this->lightness, $this->a, $this->b));
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
