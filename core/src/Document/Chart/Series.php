<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** The values of one column of a data sheet, one for each point; null where there is none. */
final readonly class Series
{
    /** @param  list<float|null>  $values */
    public function __construct(public string $id, public string $name, public array $values)
    {
    }

    /** Of all that is more than nothing. */
    public function sum(): float
    {
        return array_sum(array_filter($this->values, fn (?float $value): bool => $value > 0));
    }

    /** @return array<int, float> those that there are, by the numbers of their points */
    public function known(): array
    {
        return array_filter($this->values, fn (?float $value): bool => $value !== null);
    }
}
