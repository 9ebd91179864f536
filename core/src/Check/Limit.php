<?php

declare(strict_types=1);

namespace Kindred\Check;

/** What a project can set of a rule: a number within bounds. */
final readonly class Limit
{
    /**
     * @param  float|null  $usual  null where it depends on the screen, as `otherwise` says
     * @param  string  $unit  as it is written after the number
     */
    public function __construct(public string $label, public ?float $usual, public float $min, public float $max, public string $unit = ' px', public string $otherwise = '')
    {
    }

    public function shown(float $limit): string
    {
        return round($limit, 2).$this->unit;
    }
}
