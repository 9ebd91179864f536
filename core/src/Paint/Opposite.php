<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * Colours for the opposite ground: dark where it was light, and the other way round. Each keeps its hue, the share of the chroma that sRGB
 * shows at its lightness, and at least its contrast against the ground (WCAG 2.2, contrast ratio), as far as black and white allow.
 */
final readonly class Opposite
{
    /** Lightness in Oklab of the other ground. */
    private const DARK = 0.19;

    private const LIGHT = 0.985;

    /** More chroma than this makes a ground a colour of its own. */
    private const MOST_CHROMA = 0.03;

    /** More than this, and a colour is known by its hue: it stays as it is where it stands out enough. */
    private const COLOURED = 0.08;

    private function __construct(private Colour $from, private Colour $to)
    {
    }

    public static function of(Colour $ground): self
    {
        $own = Oklab::of($ground);
        $chroma = min(self::MOST_CHROMA, $own->chroma());

        return new self($ground->withAlpha(1), self::at($own->lightness > 0.5 ? self::DARK : self::LIGHT, $chroma, $own->hue()));
    }

    /** The other ground. */
    public function ground(): Colour
    {
        return $this->to;
    }

    /** What takes the place of a colour on it. */
    public function colour(Colour $colour): Colour
    {
        if ($colour->toHex() === $this->from->toHex()) {
            return $this->to;
        }
        $own = Oklab::of($colour->withAlpha(1));
        $ratio = $colour->withAlpha(1)->contrastRatio($this->from);
        if ($own->chroma() > self::COLOURED && $colour->withAlpha(1)->contrastRatio($this->to) >= $ratio) {
            return $colour;
        }

        return Contrasting::with($this->to, $ratio, $this->to->luminance() < $this->from->luminance(), $own->hue(), Contrasting::share($colour))->withAlpha($colour->alpha);
    }

    private static function at(float $lightness, float $chroma, float $hue): Colour
    {
        return (new Oklab($lightness, $chroma * cos(deg2rad($hue)), $chroma * sin(deg2rad($hue))))->colour();
    }
}
