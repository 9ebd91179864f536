<?php

declare(strict_types=1);

namespace Kindred\Chart;

/**
 * Where values lie between the ends of a scale, and the round numbers along it (P. S. Heckbert, “Nice numbers for graph labels”, Graphics
 * Gems, 1990: steps of 1, 2 or 5 times a power of ten, the ends loose). A logarithmic scale has a tick at every power of ten, or at
 * 1, 2 and 5 times it where these are few.
 */
final readonly class Scale
{
    /** @param  list<float>  $ticks  in rising order */
    private function __construct(public float $min, public float $max, public array $ticks, public bool $logarithmic, public float $step)
    {
    }

    /**
     * @param  list<float>  $values  that it is for
     * @param  bool  $fromNought  whether nought belongs to it
     * @param  float|null  $min  null for a round number
     * @param  int  $steps  about how many
     */
    public static function of(array $values, bool $fromNought, ?float $min = null, ?float $max = null, int $steps = 4, bool $logarithmic = false): self
    {
        $steps = max(1, $steps);
        if ($logarithmic) {
            return self::powers($values, $min, $max, $steps);
        }
        $all = $fromNought || $values === [] ? [0.0, ...$values] : $values;
        [$low, $high] = [$min ?? min($all), $max ?? max($all)];
        // An end that is set lies beyond what there is: the other one follows it.
        if ($min === null && $max === null && $high <= $low) {
            [$low, $high] = $low === 0.0 ? [0.0, 1.0] : [min(0.0, $low), max(0.0, $high)];
        } elseif ($high <= $low) {
            [$low, $high] = $max !== null && $min === null ? [$high - max(1.0, abs($high)), $high] : [$low, $low + ($low === 0.0 && $fromNought ? 1.0 : max(1.0, abs($low)))];
        }
        $step = self::nice(($high - $low) / $steps);
        $low = $min ?? floor($low / $step + 1e-9) * $step;
        $high = $max ?? ceil($high / $step - 1e-9) * $step;
        $ticks = [];
        for ($i = (int) ceil($low / $step - 1e-9); $i * $step <= $high + $step * 1e-9; $i++) {
            $ticks[] = self::exact($i * $step, $step);
        }

        return new self(self::exact($low, $step / 1000), self::exact($high, $step / 1000), $ticks, false, $step);
    }

    /** From 0 at the minimum to 1 at the maximum, beyond them for what lies beyond; null for what has no place on the scale. */
    public function share(float $value): ?float
    {
        if (! $this->logarithmic) {
            return ($value - $this->min) / ($this->max - $this->min);
        }

        return $value <= 0 ? null : log($value / $this->min) / log($this->max / $this->min);
    }

    /** The same, no further than its ends. */
    public function held(float $value): ?float
    {
        $share = $this->share($value);

        return $share === null ? null : max(0.0, min(1.0, $share));
    }

    /** Where lengths begin: at nought, or at the end that is nearest to it. */
    public function base(): float
    {
        return $this->logarithmic ? 0.0 : max(0.0, min(1.0, (float) $this->share(0.0)));
    }

    /** How many decimals its steps have. */
    public function decimals(): int
    {
        return $this->logarithmic ? max(0, -(int) floor(log10($this->min) + 1e-9)) : max(0, min(6, -(int) floor(log10($this->step) + 1e-9)));
    }

    /** @param  list<float>  $values */
    private static function powers(array $values, ?float $min, ?float $max, int $steps): self
    {
        $above = array_filter($values, fn (float $value): bool => $value > 0);
        $low = $min !== null && $min > 0 ? $min : 10 ** floor(log10($above === [] ? 1.0 : min($above)) + 1e-9);
        $high = $max !== null && $max > 0 ? $max : 10 ** ceil(log10($above === [] ? 10.0 : max($above)) - 1e-9);
        $high = $high <= $low ? $low * 10 : $high;
        [$from, $to] = [(int) floor(log10($low) + 1e-9), (int) ceil(log10($high) - 1e-9)];
        $apart = max(1, (int) ceil(($to - $from) / (2 * $steps)));
        $ticks = [];
        for ($power = $from; $power <= $to; $power += $apart) {
            foreach ($to - $from < $steps / 2 ? [1, 2, 5] : [1] as $times) {
                $tick = $times * 10.0 ** $power;
                if ($tick >= $low * (1 - 1e-9) && $tick <= $high * (1 + 1e-9)) {
                    $ticks[] = $tick;
                }
            }
        }

        return new self($low, $high, $ticks, true, $low);
    }

    /** The step of 1, 2 or 5 times a power of ten that is nearest to a length. */
    private static function nice(float $length): float
    {
        $power = 10 ** floor(log10($length));
        $share = $length / $power;

        return $power * match (true) {
            $share < 1.5 => 1,
            $share < 3 => 2,
            $share < 7 => 5,
            default => 10,
        };
    }

    /** Without what sums of steps add to a number. */
    private static function exact(float $value, float $step): float
    {
        return round($value, max(0, 1 - (int) floor(log10($step)))) + 0.0;
    }
}
