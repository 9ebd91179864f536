<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Contrasting;
use Kindred\Paint\Oklab;

/**
 * A whole look from one colour and a few choices. Colours keep the contrasts that they are for (WCAG 2.2): words 13 : 1 against the
 * background, quiet words 5 : 1, white on the accent and on the second colour at least 4.5 : 1.
 */
final readonly class Scheme
{
    private const WORDS = 13.0;

    private const QUIET = 5.2;

    private const LINE = 1.3;

    private const ON_ACCENT = 4.55;

    /** How far the second colour lies from the first around the circle of hues, degrees. */
    private const BESIDE = 40.0;

    private const ACROSS = 160.0;

    /** The corners of a card and the gap between what lies beside each other, px, by the choices. */
    public const CORNERS = ['sharp' => 2.0, 'soft' => 10.0, 'round' => 20.0];

    public const GAPS = ['airy' => 20.0, 'even' => 16.0, 'dense' => 12.0];

    public function __construct(private Colour $base, private Warmth $warmth, private bool $lively, private string $shape, private string $density)
    {
    }

    public static function read(Reader $in): self
    {
        $one = fn (string $key, string ...$all): string => in_array($in->string($key, 20), $all, true) ? $in->string($key, 20) : $in->fail($key, 'one of these is expected: '.implode(', ', $all));

        return new self(Colour::parse($in->string('base', 200), $in->at('base'))->withAlpha(1), $in->enum('warmth', Warmth::class), $one('energy', 'calm', 'lively') === 'lively', $one('shape', ...array_keys(self::CORNERS)), $one('density', ...array_keys(self::GAPS)));
    }

    /** @return array<string, Colour> by what they are for */
    public function colours(): array
    {
        [$white, $own] = [Colour::rgb(255, 255, 255), Oklab::of($this->base)];
        $grey = $this->warmth->hue($own->hue());
        $strong = $this->lively ? max(0.85, Contrasting::share($this->base)) : min(0.7, Contrasting::share($this->base));
        $ground = Contrasting::at(0.972, $grey, $this->lively ? 0.35 : 0.15);
        // What the colour is by itself, where white can be read on it.
        $accent = fn (float $hue): Colour => Contrasting::with($white, max(self::ON_ACCENT, $this->base->contrastRatio($white)), false, $hue, $strong);

        return [
            'ground' => $ground,
            'card' => Contrasting::at(0.995, $grey, 0.1),
            'line' => Contrasting::with($ground, self::LINE, false, $grey, $this->lively ? 0.2 : 0.1),
            'words' => Contrasting::with($ground, self::WORDS, false, $grey, $this->lively ? 0.35 : 0.15),
            'quiet' => Contrasting::with($ground, self::QUIET, false, $grey, $this->lively ? 0.2 : 0.1),
            'accent' => $accent($own->hue()),
            'second' => $accent(fmod($own->hue() + ($this->lively ? self::ACROSS : self::BESIDE), 360)),
        ];
    }

    public function corners(): float
    {
        return self::CORNERS[$this->shape];
    }

    public function gap(): float
    {
        return self::GAPS[$this->density];
    }
}
