<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * The colours along a gradient: stops at places on its line, 0 at its start and 1 at its end, and between two of them what their
 * colour space gives, bent by a hint where there is one (CSS Images 4, sections 3.1 and 3.4.2).
 */
final readonly class Ramp
{
    /** How far a straight line between two samples may be from the true colour, in steps of 1/255. */
    private const TOLERANCE = 0.6;

    private const DEEPEST = 10;

    private const MOST_TURNS = 500;

    /** @var non-empty-list<array{float, float, float, float}> the colours as they are mixed */
    private array $mixable;

    /**
     * @param  non-empty-list<float>  $at
     * @param  non-empty-list<Colour>  $colours
     * @param  list<float|null>  $bends  by the stop after which it is: the exponent, null where none
     */
    private function __construct(private array $at, private array $colours, private array $bends, private Interpolation $space)
    {
        $this->mixable = array_map($space->mixable(...), $colours);
    }

    /**
     * @param  non-empty-list<array{at: float, colour: Colour, hint: float|null}>  $stops  a hint is the place, between its stop and the next, where half of both is mixed
     */
    public static function of(array $stops, Interpolation $space): self
    {
        [$at, $colours, $bends] = [[], [], []];
        $last = -INF;
        foreach ($stops as $i => $stop) {
            // A stop before the one before it is at that one's place.
            $at[] = $last = max($last, $stop['at']);
            $colours[] = $stop['colour'];
            $next = isset($stops[$i + 1]) ? max($last, $stops[$i + 1]['at']) : $last;
            $middle = $stop['hint'] === null || $next <= $last ? 0.5 : max(0.0, min(1.0, ($stop['hint'] - $last) / ($next - $last)));
            $bends[] = match (true) {
                $middle === 0.5 => null,
                $middle <= 0 => 0.0,
                $middle >= 1 => INF,
                default => log(0.5) / log($middle),
            };
        }

        return new self($at, $colours, $bends, $space);
    }

    public function start(): float
    {
        return $this->at[0];
    }

    public function end(): float
    {
        return $this->at[count($this->at) - 1];
    }

    /** @return array{float, float, float, float} channels and alpha from 0 to 1 */
    public function at(float $place): array
    {
        $last = count($this->at) - 1;
        // At the place of several stops the last of them counts.
        $i = $last;
        while ($i >= 0 && $this->at[$i] > $place) {
            $i--;
        }
        if ($i < 0 || $i === $last) {
            return self::plain($this->colours[max(0, $i)]);
        }

        return $this->between($i, ($place - $this->at[$i]) / ($this->at[$i + 1] - $this->at[$i]));
    }

    /**
     * Places and colours between which a straight mix of channels and alpha, not multiplied by it, shows the ramp: what SVG does between
     * its stops (SVG 2, section 14.2.4).
     *
     * @return non-empty-list<array{float, Colour}>
     */
    public function samples(): array
    {
        $out = [[$this->at[0], $this->colours[0]]];
        foreach (array_slice(array_keys($this->at), 0, -1) as $i) {
            [$from, $to] = [$this->at[$i], $this->at[$i + 1]];
            if ($to > $from && ! $this->isStraight($i)) {
                // What is seen through has the colour of what it fades to, or from, up to its end.
                $before = $this->colours[$i]->alpha <= 0 ? $this->colours[$i + 1]->withAlpha(0) : $this->colours[$i];
                $after = $this->colours[$i + 1]->alpha <= 0 ? $this->colours[$i]->withAlpha(0) : $this->colours[$i + 1];
                $out[] = [$from, $before];
                foreach ($this->halved($i, 0, 1, self::plain($before), self::plain($after), 0) as $share) {
                    $out[] = [$from + ($to - $from) * $share, Colour::ofSrgb(...$this->between($i, $share))];
                }
                $out[] = [$to, $after];
            }
            $out[] = [$to, $this->colours[$i + 1]];
        }

        return self::once($out);
    }

    /**
     * The samples of a part of the line, with one at each end of it.
     *
     * @param  bool  $repeats  whether the stops come again and again, before and after
     * @return non-empty-list<array{float, Colour}>
     */
    public function across(float $from, float $to, bool $repeats): array
    {
        $samples = $this->samples();
        $period = $this->end() - $this->start();
        if ($repeats && $period > 0) {
            $first = (int) floor(($from - $this->start()) / $period);
            // What comes again more often is finer than can be seen.
            $last = min((int) ceil(($to - $this->start()) / $period), $first + self::MOST_TURNS);
            $samples = array_merge(...array_map(
                fn (int $turn): array => array_map(fn (array $sample): array => [$sample[0] + $turn * $period, $sample[1]], $samples),
                range($first, $last),
            ));
        }
        $inside = array_values(array_filter($samples, fn (array $sample): bool => $sample[0] >= $from && $sample[0] <= $to));
        $out = $inside === [] || $inside[0][0] > $from ? [[$from, self::along($samples, $from)], ...$inside] : $inside;

        return self::once($out[count($out) - 1][0] < $to ? [...$out, [$to, self::along($samples, $to)]] : $out);
    }

    /** A straight mix of two colours, each channel and alpha by itself. */
    public static function mix(Colour $a, Colour $b, float $share): Colour
    {
        return Colour::ofSrgb(...self::mixed(self::plain($a), self::plain($b), $share));
    }

    /** How far apart two colours are where it is furthest, in steps of 1/255. */
    public static function apart(Colour $a, Colour $b): float
    {
        return 255 * self::distance(self::plain($a), self::plain($b));
    }

    /** The colour of all of it together, where only one can be shown: the mean between its first and its last stop; of stops in one place the last. */
    public function mean(): Colour
    {
        $samples = $this->samples();
        $length = $this->end() - $this->start();
        if ($length <= 0) {
            return $samples[count($samples) - 1][1];
        }
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach (array_slice($samples, 1) as $i => [$to, $after]) {
            [$from, $before] = $samples[$i];
            // Of what is mixed straight, multiplied by alpha, Simpson's rule gives all that there is.
            foreach ([[0.0, 1], [0.5, 4], [1.0, 1]] as [$share, $weight]) {
                [$r, $g, $b, $alpha] = self::mixed(self::plain($before), self::plain($after), $share);
                foreach ([$r * $alpha, $g * $alpha, $b * $alpha, $alpha] as $k => $part) {
                    $sum[$k] += $part * $weight / 6 * ($to - $from) / $length;
                }
            }
        }

        return $sum[3] <= 0 ? $this->colours[0]->withAlpha(0) : Colour::ofSrgb($sum[0] / $sum[3], $sum[1] / $sum[3], $sum[2] / $sum[3], $sum[3]);
    }

    /** Whether SVG mixes just so after a stop. */
    private function isStraight(int $i): bool
    {
        [$a, $b] = [$this->colours[$i], $this->colours[$i + 1]];

        return $this->bends[$i] === null && ($a == $b || ($this->space === Interpolation::Srgb && ($a->alpha === $b->alpha || $a->opaqueHex() === $b->opaqueHex()))); // @phpstan-ignore equal.notAllowed (two values)
    }

    /** @return array{float, float, float, float} */
    private function between(int $i, float $share): array
    {
        $bend = $this->bends[$i];
        $share = match (true) {
            $bend === null => $share,
            $bend === 0.0 => 1.0,
            $bend === INF => $share >= 1 ? 1.0 : 0.0,
            default => $share ** $bend,
        };
        [$a, $b] = [$this->mixable[$i], $this->mixable[$i + 1]];

        return $this->space->srgb([$a[0] + ($b[0] - $a[0]) * $share, $a[1] + ($b[1] - $a[1]) * $share, $a[2] + ($b[2] - $a[2]) * $share, $a[3] + ($b[3] - $a[3]) * $share]);
    }

    /**
     * Shares of the way between two stops at which samples are needed, in order.
     *
     * @param  array{float, float, float, float}  $a  as it is sampled at `from`
     * @param  array{float, float, float, float}  $b
     * @return list<float>
     */
    private function halved(int $i, float $from, float $to, array $a, array $b, int $depth): array
    {
        $near = true;
        foreach ([0.25, 0.5, 0.75] as $share) {
            $near = $near && self::distance($this->between($i, $from + ($to - $from) * $share), self::mixed($a, $b, $share)) * 255 <= self::TOLERANCE;
        }
        if ($near || $depth >= self::DEEPEST) {
            return [];
        }
        $middle = ($from + $to) / 2;
        $at = $this->between($i, $middle);

        return [...$this->halved($i, $from, $middle, $a, $at, $depth + 1), $middle, ...$this->halved($i, $middle, $to, $at, $b, $depth + 1)];
    }

    /**
     * @param  array{float, float, float, float}  $a
     * @param  array{float, float, float, float}  $b
     * @return array{float, float, float, float}
     */
    private static function mixed(array $a, array $b, float $share): array
    {
        return [$a[0] + ($b[0] - $a[0]) * $share, $a[1] + ($b[1] - $a[1]) * $share, $a[2] + ($b[2] - $a[2]) * $share, $a[3] + ($b[3] - $a[3]) * $share];
    }

    /**
     * The colour at a place among samples, of which there is one at least.
     *
     * @param  list<array{float, Colour}>  $samples
     */
    private static function along(array $samples, float $place): Colour
    {
        $before = null;
        foreach ($samples as $sample) {
            if ($sample[0] > $place) {
                return $before === null ? $sample[1] : self::mix($before[1], $sample[1], ($place - $before[0]) / ($sample[0] - $before[0]));
            }
            $before = $sample;
        }

        return ($samples[count($samples) - 1] ?? throw new \LogicException('There are no samples.'))[1];
    }

    /**
     * As far as it shows: of what is seen through, less.
     *
     * @param  array{float, float, float, float}  $a
     * @param  array{float, float, float, float}  $b
     */
    private static function distance(array $a, array $b): float
    {
        return max(abs($a[3] - $b[3]), abs($a[0] * $a[3] - $b[0] * $b[3]), abs($a[1] * $a[3] - $b[1] * $b[3]), abs($a[2] * $a[3] - $b[2] * $b[3]));
    }

    /** @return array{float, float, float, float} */
    private static function plain(Colour $colour): array
    {
        return [$colour->red / 255, $colour->green / 255, $colour->blue / 255, $colour->alpha];
    }

    /**
     * @param  non-empty-list<array{float, Colour}>  $samples
     * @return non-empty-list<array{float, Colour}> without those that repeat the one before
     */
    private static function once(array $samples): array
    {
        $out = [$samples[0]];
        foreach ($samples as $sample) {
            if ($sample != $out[count($out) - 1]) { // @phpstan-ignore notEqual.notAllowed (values)
                $out[] = $sample;
            }
        }

        return $out;
    }
}
