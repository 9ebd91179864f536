<?php

declare(strict_types=1);

namespace Kindred\Paint;

use Kindred\Input\InvalidInput;
use Kindred\Property\AsText;

/** An sRGB colour with alpha. Channels 0 to 255, alpha 0 to 1. Notation: CSS Color Module Level 4. */
final readonly class Colour implements AsText
{
    private function __construct(
        public int $red,
        public int $green,
        public int $blue,
        public float $alpha,
    ) {
    }

    public static function rgb(int $red, int $green, int $blue, float $alpha = 1.0): self
    {
        return new self(
            max(0, min(255, $red)),
            max(0, min(255, $green)),
            max(0, min(255, $blue)),
            round(max(0.0, min(1.0, $alpha)) * 255) / 255,
        );
    }

    /**
     * Reads `#rgb`, `#rgba`, `#rrggbb`, `#rrggbbaa` (the hash may be left out), `rgb()` and `hsl()`,
     * both with commas or spaces and an optional alpha.
     *
     * @throws InvalidInput when the text is none of these
     */
    public static function parse(string $text, string $place = ''): self
    {
        $text = strtolower(trim($text));
        if (preg_match('/^#?([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/D', $text, $match) === 1) {
            return self::hex($match[1]);
        }
        if (preg_match('/^(rgb|hsl)a?\(([^()]*)\)$/D', $text, $match) === 1) {
            $parts = explode(' ', trim((string) preg_replace('#[\s,/]+#', ' ', $match[2])));
            $colour = self::functional($match[1], $parts);
            if ($colour !== null) {
                return $colour;
            }
        }

        throw new InvalidInput($place, "“{$text}” is not a colour; write it like #17594f, rgb(23 89 79) or hsl(171 59% 22%)");
    }

    public function withAlpha(float $alpha): self
    {
        return new self($this->red, $this->green, $this->blue, $alpha);
    }

    public static function examples(): array
    {
        return ['#17594f', '#b4472e80'];
    }

    public function text(): string
    {
        return $this->toHex();
    }

    /** `#rrggbb`, with `aa` added only when the colour is not opaque. */
    public function toHex(): string
    {
        $alpha = (int) round($this->alpha * 255);

        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue).($alpha === 255 ? '' : sprintf('%02x', $alpha));
    }

    /** The colour without its alpha, as SVG presentation attributes want it. */
    public function opaqueHex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /** Relative luminance, 0 to 1 (WCAG 2.2, definition of relative luminance). */
    public function luminance(): float
    {
        $linear = static function (int $channel): float {
            $value = $channel / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        };

        return 0.2126 * $linear($this->red) + 0.7152 * $linear($this->green) + 0.0722 * $linear($this->blue);
    }

    /** The grey of the same luminance, and the same alpha: against other greys it stands out as much as the colour did. */
    public function grey(): self
    {
        $y = $this->luminance();
        $channel = (int) round(255 * ($y <= 0.0031308 ? 12.92 * $y : 1.055 * $y ** (1 / 2.4) - 0.055));

        return new self($channel, $channel, $channel, $this->alpha);
    }

    /** Contrast ratio with another opaque colour, 1 to 21 (WCAG 2.2, success criterion 1.4.3). */
    public function contrastRatio(self $other): float
    {
        $a = $this->luminance();
        $b = $other->luminance();

        return (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
    }

    private static function hex(string $digits): self
    {
        if (strlen($digits) <= 4) {
            $digits = implode('', array_map(fn (string $digit): string => $digit.$digit, str_split($digits)));
        }
        $channels = array_map(fn (string $pair): int => (int) hexdec($pair), str_split($digits, 2));

        return self::rgb($channels[0], $channels[1], $channels[2], ($channels[3] ?? 255) / 255);
    }

    /** @param  list<string>  $parts */
    private static function functional(string $name, array $parts): ?self
    {
        $scales = $name === 'rgb' ? [255, 255, 255, 1] : [360, 1, 1, 1];
        $numbers = [];
        foreach ($parts as $i => $part) {
            if ($i > 3 || preg_match('/^([+-]?\d*\.?\d+)(%|deg)?$/D', $part, $match) !== 1) {
                return null;
            }
            $unit = $match[2] ?? '';
            $numbers[] = match (true) {
                $unit === '%' => (float) $match[1] / 100 * $scales[$i],
                $name === 'hsl' && ($i === 1 || $i === 2) => (float) $match[1] / 100,
                default => (float) $match[1],
            };
        }
        if (count($numbers) < 3) {
            return null;
        }
        [$a, $b, $c] = $numbers;
        $alpha = $numbers[3] ?? 1.0;

        return $name === 'rgb'
            ? self::rgb((int) round($a), (int) round($b), (int) round($c), $alpha)
            : self::hsl($a, $b, $c, $alpha);
    }

    /** CSS Color 4, section 7.1: HSL to sRGB. */
    private static function hsl(float $hue, float $saturation, float $lightness, float $alpha): self
    {
        $saturation = max(0.0, min(1.0, $saturation));
        $lightness = max(0.0, min(1.0, $lightness));
        $channel = static function (int $n) use ($hue, $saturation, $lightness): int {
            $k = fmod(fmod($n + $hue / 30, 12) + 12, 12);
            $a = $saturation * min($lightness, 1 - $lightness);

            return (int) round(255 * ($lightness - $a * max(-1, min($k - 3, 9 - $k, 1))));
        };

        return self::rgb($channel(0), $channel(8), $channel(4), $alpha);
    }
}
