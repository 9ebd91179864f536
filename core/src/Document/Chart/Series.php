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
        return array_sum(array_filter($this->values, fn (?float $value): bool => $value !== null && $value > 0));
    }

    /** @param  callable(float, int): ?float  $by  the value and the number of its point */
    public function mapped(callable $by): self
    {
        return new self($this->id, $this->name, array_map(fn (?float $value, int $i): ?float => $value === null ? null : $by($value, $i), $this->values, array_keys($this->values)));
    }
}
