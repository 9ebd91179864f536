<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Series;
use Kindred\Document\Chart\Together;

/** From where to where the values of several series go at each point: each from nought, or from where the one below ends. What is less than nought is stacked downwards. */
final readonly class Stack
{
    /**
     * @param  list<list<array{float, float}|null>>  $spans  by series and point; null where there is no value
     * @param  list<float>  $sums  of all that is stacked at a point
     * @param  list<array{int|null, int|null}>  $ends  the series that end the stack of a point upwards and downwards
     */
    private function __construct(public array $spans, private array $sums, private array $ends, private Together $together)
    {
    }

    public static function of(Points $points, Together $together): self
    {
        $spans = $sums = $ends = [];
        for ($i = 0; $i < $points->count(); $i++) {
            $values = array_map(fn (Series $one): ?float => $one->values[$i], $points->series);
            $sums[$i] = array_sum($values);
            $whole = $together === Together::Shares ? array_sum(array_map(fn (?float $value): float => abs($value ?? 0.0), $values)) : 1.0;
            $up = $down = 0.0;
            $ends[$i] = [null, null];
            foreach ($values as $s => $value) {
                if ($value === null || $whole <= 0) {
                    $spans[$s][$i] = null;

                    continue;
                }
                $part = $value / $whole;
                $start = $together === Together::Beside ? 0.0 : ($part < 0 ? $down : $up);
                $spans[$s][$i] = [$start, $start + $part];
                if ($part < 0) {
                    $down += $part;
                } else {
                    $up += $part;
                }
                if ($part !== 0.0) {
                    $ends[$i][$part < 0 ? 1 : 0] = $s;
                }
            }
        }

        return new self(array_map(array_values(...), array_values($spans)), array_values($sums), array_values($ends), $together);
    }

    /** @return list<float> all that the scale must reach */
    public function values(): array
    {
        $values = [];
        foreach ($this->spans as $series) {
            foreach ($series as $span) {
                if ($span !== null) {
                    $values[] = $span[1];
                }
            }
        }

        return $values;
    }

    /** Whether what a series has at a point begins where another ends. */
    public function isOnAnother(int $series, int $point): bool
    {
        $span = $this->spans[$series][$point] ?? null;

        return $span !== null && abs($span[0]) > 1e-12;
    }

    /** Whether nothing is stacked on what a series has at a point. */
    public function isLast(int $series, int $point): bool
    {
        $span = $this->spans[$series][$point] ?? null;

        return $this->together === Together::Beside || ($span !== null && ($this->ends[$point] ?? [null, null])[$span[1] < $span[0] ? 1 : 0] === $series);
    }

    /** What is written where a series ends at a point: what it has there, or what all have that it stands on; null where others stand on it. */
    public function shown(int $series, int $point, float $value): ?float
    {
        return match (true) {
            $this->together === Together::Beside => $value,
            ! $this->isLast($series, $point) => null,
            $this->together === Together::Stacked => $this->spans[$series][$point][1] ?? null,
            default => $value < 0 ? null : $this->sums[$point],
        };
    }

    /** Of all that is stacked. */
    public function sum(): float
    {
        return array_sum($this->sums);
    }
}
