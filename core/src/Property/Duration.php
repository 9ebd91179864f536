<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A time in whole ms. It is typed as in CSS (Values and Units 4, section 7.2): `300ms`, `0.3s`; a bare number is of ms. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Duration extends Whole
{
    public function __construct(int $max, mixed ...$more)
    {
        parent::__construct(0, $max, ' ms', ...$more);
    }

    protected function entered(string $text, mixed $has, Typing $typing): int
    {
        return parent::entered((string) preg_replace(['/ms\b/i', '/(?<=[\d.)])\s*s\b/i'], ['', '*1000'], $text), $has, $typing);
    }

    protected function number(float $number): float
    {
        return round($number);
    }
}
