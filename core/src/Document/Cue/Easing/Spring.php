<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Easing;

use Kindred\Document\Cue\EasingFunction;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;

/**
 * A damped spring that is let go one away from where it rests: m x'' + c x' + k x = 0 with x(0) = -1, x'(0) = 0, in its closed form (as in
 * any textbook of mechanics: weakly, critically or strongly damped). It takes as long as it needs to settle within a thousandth.
 */
final readonly class Spring implements EasingFunction
{
    /** The share of the way within which it has come to rest. */
    public const REST = 0.001;

    /** ms */
    public const LONGEST = 10_000;

    /** Radians that it goes on between two of the values that browsers are told: straight pieces are then off by its square over 8 at most. */
    private const SAMPLE = 0.12;

    private const MOST_SAMPLES = 400;

    /** Of itself per second, undamped. */
    private float $speed;

    /** 1 is critical. */
    private float $ratio;

    private function __construct(public float $mass, public float $stiffness, public float $damping)
    {
        $this->speed = sqrt($stiffness / $mass);
        $this->ratio = $damping / (2 * sqrt($stiffness * $mass));
    }

    /**
     * Null where it is none.
     *
     * @throws InvalidInput for one that never settles, or too late
     */
    public static function parse(string $text, string $place = ''): ?self
    {
        $number = '\s*(-?\d*\.?\d+)\s*';
        if (preg_match("/^spring\\({$number},{$number},{$number}\\)$/D", $text, $match) !== 1) {
            return null;
        }
        [$mass, $stiffness, $damping] = array_map(floatval(...), array_slice($match, 1));
        if ($mass < 0.01 || $mass > 1000 || $stiffness < 0.1 || $stiffness > 100_000 || $damping > 10_000) {
            throw new InvalidInput($place, 'A spring has a mass from 0.01 to 1000, a stiffness from 0.1 to 100000 and a damping up to 10000');
        }
        if ($damping <= 0) {
            throw new InvalidInput($place, 'A spring without damping never settles; give it some');
        }
        $spring = new self($mass, $stiffness, $damping);
        $time = $spring->settles();

        return $time <= self::LONGEST ? $spring : throw new InvalidInput($place, sprintf('This spring settles only after %s s; at most %d s are played. %s', Number::text(round($time / 1000, 1)), self::LONGEST / 1000, $spring->ratio > 1 ? 'Damp it less, or make it stiffer' : 'Damp it more'));
    }

    public function text(): string
    {
        return 'spring('.implode(', ', array_map(Number::text(...), [$this->mass, $this->stiffness, $this->damping])).')';
    }

    /** A browser plays it as straight pieces (CSS Easing Functions 2, section 2.2.1, `linear()`). */
    public function css(): string
    {
        $count = max(2, min(self::MOST_SAMPLES, (int) ceil($this->settles() / 1000 * $this->speed / self::SAMPLE)));
        $values = array_map(fn (int $i): string => Number::text(round($this->at($i / $count), 4)), range(0, $count));

        return 'linear('.implode(', ', $values).')';
    }

    public function at(float $progress): float
    {
        return match (true) {
            $progress <= 0 => 0.0,
            $progress >= 1 => 1.0,
            default => 1 - $this->away($progress * $this->settles() / 1000),
        };
    }

    /** What springs back does so as it sprang. */
    public function reversed(): self
    {
        return $this;
    }

    public function settles(): int
    {
        $high = 0.001;
        while ($this->bound($high) > self::REST && $high < 1e6) {
            $high *= 2;
        }
        $low = $high / 2;
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            if ($this->bound($middle) > self::REST) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return (int) ceil($high * 1000);
    }

    /** How far it is from its rest, which it passes while it swings, after so many seconds. */
    private function away(float $seconds): float
    {
        [$speed, $ratio] = [$this->speed, $this->ratio];
        if (abs($ratio - 1) < 1e-6) {
            return exp(-$speed * $seconds) * (1 + $speed * $seconds);
        }
        if ($ratio < 1) {
            $swing = $speed * sqrt(1 - $ratio ** 2);

            return exp(-$ratio * $speed * $seconds) * (cos($swing * $seconds) + $ratio * $speed / $swing * sin($swing * $seconds));
        }
        $root = $speed * sqrt($ratio ** 2 - 1);
        [$slow, $fast] = [-$ratio * $speed + $root, -$ratio * $speed - $root];

        return ($slow * exp($fast * $seconds) - $fast * exp($slow * $seconds)) / ($slow - $fast);
    }

    /** How far from its rest it can still come after so many seconds: of one that swings, its envelope. */
    private function bound(float $seconds): float
    {
        return $this->ratio < 1 - 1e-6 ? exp(-$this->ratio * $this->speed * $seconds) / sqrt(1 - $this->ratio ** 2) : abs($this->away($seconds));
    }
}
