<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Easing;

use Kindred\Document\Cue\EasingFunction;

/** A cubic Bézier timing function (CSS Easing Functions 1, section 2.2); the x of both points lies in 0 to 1. */
final readonly class CubicBezier implements EasingFunction
{
    public const NAMED = [
        'linear' => [0.0, 0.0, 1.0, 1.0],
        'ease' => [0.25, 0.1, 0.25, 1.0],
        'ease-in' => [0.42, 0.0, 1.0, 1.0],
        'ease-out' => [0.0, 0.0, 0.58, 1.0],
        'ease-in-out' => [0.42, 0.0, 0.58, 1.0],
    ];

    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2)
    {
    }

    /** Null where it is none. */
    public static function parse(string $text): ?self
    {
        if (isset(self::NAMED[$text])) {
            return new self(...self::NAMED[$text]);
        }
        $number = '\s*(-?\d*\.?\d+)\s*';
        if (preg_match("/^cubic-bezier\\({$number},{$number},{$number},{$number}\\)$/D", $text, $match) !== 1) {
            return null;
        }
        [$x1, $y1, $x2, $y2] = array_map(floatval(...), array_slice($match, 1));

        return min($x1, $x2) >= 0 && max($x1, $x2) <= 1 && max(abs($y1), abs($y2)) <= 10 ? new self($x1, $y1, $x2, $y2) : null;
    }

    /** The CSS keyword where there is one, `cubic-bezier()` otherwise. */
    public function text(): string
    {
        $points = array_map(fn (float $value): float => round($value, 4), [$this->x1, $this->y1, $this->x2, $this->y2]);
        $name = array_search($points, self::NAMED, true);

        return $name === false ? 'cubic-bezier('.implode(', ', $points).')' : $name;
    }

    public function css(): string
    {
        return $this->text();
    }

    public function at(float $progress): float
    {
        if ($progress <= 0 || $progress >= 1) {
            return max(0.0, min(1.0, $progress));
        }
        $low = 0.0;
        $high = 1.0;
        for ($i = 0; $i < 50; $i++) {
            $t = ($low + $high) / 2;
            if (self::bezier($t, $this->x1, $this->x2) < $progress) {
                $low = $t;
            } else {
                $high = $t;
            }
        }

        return self::bezier(($low + $high) / 2, $this->y1, $this->y2);
    }

    public function reversed(): self
    {
        return new self(1 - $this->x2, 1 - $this->y2, 1 - $this->x1, 1 - $this->y1);
    }

    public function settles(): null
    {
        return null;
    }

    private static function bezier(float $t, float $a, float $b): float
    {
        return 3 * (1 - $t) ** 2 * $t * $a + 3 * (1 - $t) * $t ** 2 * $b + $t ** 3;
    }
}
