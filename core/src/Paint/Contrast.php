<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * How a colour stands out against what lies behind it, place by place (WCAG 2.2, success criteria 1.4.3, 1.4.6 and 1.4.11). Places that
 * make up less than half a percent of it are left out: edges that are smoothed.
 */
final readonly class Contrast
{
    private const MIN = 0.005;

    /** Steps of lightness in which a colour that stands out enough is looked for. */
    private const STEP = 0.004;

    /** @param  non-empty-list<array{Colour, float}>  $grounds  opaque colours with their shares */
    private function __construct(private array $grounds)
    {
    }

    /**
     * @param  list<array{int, int, int, int|float}>  $pixels  red, green, blue, and how many; white where there are none
     */
    public static function against(array $pixels): self
    {
        $total = array_sum(array_column($pixels, 3));
        $often = array_filter($pixels, fn (array $one): bool => $one[3] >= $total * self::MIN);
        // In a photograph each colour may be rare.
        $grounds = array_map(fn (array $one): array => [Colour::rgb($one[0], $one[1], $one[2]), $one[3] / $total], array_values($often === [] ? $pixels : $often));

        return new self($grounds === [] ? [[Colour::rgb(255, 255, 255), 1.0]] : $grounds);
    }

    /** The ratio at the place where the colour stands out least, from 1 to 21. */
    public function worst(Colour $colour): float
    {
        return min(array_column($this->ratios($colour), 0));
    }

    /** The ratio that half of what lies behind it has, or more. */
    public function typical(Colour $colour): float
    {
        $ratios = $this->ratios($colour);
        usort($ratios, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $half = array_sum(array_column($ratios, 1)) / 2;
        foreach ($ratios as [$ratio, $share]) {
            $half -= $share;
            if ($half <= 0) {
                return $ratio;
            }
        }

        return $ratios[count($ratios) - 1][0];
    }

    /** The colour nearest to one that reaches a ratio everywhere, of the same hue, lighter or darker; null where none does. */
    public function nearest(Colour $colour, float $ratio): ?Colour
    {
        if ($this->worst($colour) >= $ratio) {
            return $colour;
        }
        $seen = Oklab::of($colour);
        for ($by = self::STEP; $by <= 1; $by += self::STEP) {
            foreach ([-$by, $by] as $step) {
                $lightness = $seen->lightness + $step;
                $try = $lightness < 0 || $lightness > 1 ? null : (new Oklab($lightness, $seen->a, $seen->b))->colour()->withAlpha($colour->alpha);
                if ($try !== null && $this->worst($try) >= $ratio) {
                    return $try;
                }
            }
        }

        return null;
    }

    /** @return non-empty-list<array{float, float}> ratios with their shares */
    private function ratios(Colour $colour): array
    {
        return array_map(fn (array $ground): array => [$colour->over($ground[0])->contrastRatio($ground[0]), $ground[1]], $this->grounds);
    }
}
