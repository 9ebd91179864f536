<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Input\InvalidInput;
use Kindred\Property\AsText;

/** A cubic Bézier timing function (CSS Easing Functions 1, section 2.2); the x of both points lies in 0 to 1. */
final readonly class Easing implements AsText
{
    public const NAMED = [
        'linear' => [0.0, 0.0, 1.0, 1.0],
        'ease' => [0.25, 0.1, 0.25, 1.0],
        'ease-in' => [0.42, 0.0, 1.0, 1.0],
        'ease-out' => [0.0, 0.0, 0.58, 1.0],
        'ease-in-out' => [0.42, 0.0, 0.58, 1.0],
    ];

    private function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
    ) {
    }

    /** @throws InvalidInput */
    public static function parse(string $text, string $place = ''): self
    {
        $text = strtolower(trim($text));
        if (isset(self::NAMED[$text])) {
            return new self(...self::NAMED[$text]);
        }
        $number = '\s*(-?\d*\.?\d+)\s*';
        if (preg_match("/^cubic-bezier\\({$number},{$number},{$number},{$number}\\)$/D", $text, $match) === 1) {
            [$x1, $y1, $x2, $y2] = array_map(floatval(...), array_slice($match, 1));
            if (min($x1, $x2) >= 0 && max($x1, $x2) <= 1 && max(abs($y1), abs($y2)) <= 10) {
                return new self($x1, $y1, $x2, $y2);
            }
        }

        throw new InvalidInput($place, "“{$text}” is not an easing; use linear, ease, ease-in, ease-out, ease-in-out or cubic-bezier(x1, y1, x2, y2) with x from 0 to 1");
    }

    /** The same curve played from its end to its start: at a time t it gives 1 - f(1 - t), so that what came to rest slowly sets off slowly (CSS Animations 1, section 4.6: played in reverse, timing functions are reversed). */
    public function reversed(): self
    {
        return new self(1 - $this->x2, 1 - $this->y2, 1 - $this->x1, 1 - $this->y1);
    }

    public static function examples(): array
    {
        return ['ease-out', 'cubic-bezier(0.2, 0, 0.1, 1)'];
    }

    public function text(): string
    {
        return $this->css();
    }

    /** The CSS keyword where there is one, `cubic-bezier()` otherwise. */
    public function css(): string
    {
        $points = array_map(fn (float $value): float => round($value, 4), [$this->x1, $this->y1, $this->x2, $this->y2]);
        $name = array_search($points, self::NAMED, true);

        return $name === false ? 'cubic-bezier('.implode(', ', $points).')' : $name;
    }
}
