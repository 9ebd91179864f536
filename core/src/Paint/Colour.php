<?php

declare(strict_types=1);

namespace Kindred\Paint;

use Kindred\Input\InvalidInput;
use Kindred\Paint\Css\CssColour;
use Kindred\Property\AsText;
use Kindred\Property\Interpolable;

/** An sRGB colour with alpha. Channels 0 to 255, alpha 0 to 1. Notation: CSS Color Module Level 4. */
final readonly class Colour implements AsText, Interpolable
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

    /** Channels from 0 to 1, cut to that. */
    public static function ofSrgb(float $red, float $green, float $blue, float $alpha = 1.0): self
    {
        return self::rgb((int) round($red * 255), (int) round($green * 255), (int) round($blue * 255), $alpha);
    }

    /**
     * Reads any colour of CSS (see `Css\CssColour`).
     *
     * @throws InvalidInput when the text is none
     */
    public static function parse(string $text, string $place = ''): self
    {
        return CssColour::read($text) ?? throw new InvalidInput($place, '“'.mb_strimwidth(trim($text), 0, 60, '…').'” is not a colour; write it like #17594f, teal, rgb(23 89 79), hsl(171 59% 22%) or oklch(43% 0.07 176)');
    }

    public function withAlpha(float $alpha): self
    {
        return $alpha === $this->alpha ? $this : self::rgb($this->red, $this->green, $this->blue, $alpha);
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

    /** @return array{float, float, float} the channels from 0 to 1, as light adds up */
    public function linear(): array
    {
        return [Spaces::linear($this->red / 255), Spaces::linear($this->green / 255), Spaces::linear($this->blue / 255)];
    }

    /** Relative luminance, 0 to 1 (WCAG 2.2, definition of relative luminance). */
    public function luminance(): float
    {
        [$red, $green, $blue] = $this->linear();

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    /** The grey of the same luminance, and the same alpha: against other greys it stands out as much as the colour did. */
    public function grey(): self
    {
        $channel = Spaces::encoded($this->luminance());

        return self::ofSrgb($channel, $channel, $channel, $this->alpha);
    }

    public function equals(?self $other): bool
    {
        return $other !== null && $this->red === $other->red && $this->green === $other->green && $this->blue === $other->blue && $this->alpha === $other->alpha;
    }

    /** Seen over an opaque colour (Compositing and Blending 1, section 5.1: source-over). */
    public function over(self $ground): self
    {
        if ($this->alpha === 1.0) {
            return $this;
        }
        $mix = fn (int $front, int $back): int => (int) round($front * $this->alpha + $back * (1 - $this->alpha));

        return self::rgb($mix($this->red, $ground->red), $mix($this->green, $ground->green), $mix($this->blue, $ground->blue));
    }

    /** Contrast ratio with another opaque colour, 1 to 21 (WCAG 2.2, success criterion 1.4.3). */
    public function contrastRatio(self $other): float
    {
        $a = $this->luminance();
        $b = $other->luminance();

        return (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
    }
}
