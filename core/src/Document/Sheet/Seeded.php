<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

/** Chance that is the same for the same seed. */
final class Seeded
{
    private int $count = 0;

    public function __construct(private readonly string $seed)
    {
    }

    /** A whole number from 0 to below the limit. */
    public function below(int $limit): int
    {
        return (int) hexdec(substr(hash('sha256', "{$this->seed}:".$this->count++), 0, 8)) % $limit;
    }

    /** @param  non-empty-list<string>  $list */
    public function one(array $list): string
    {
        return $list[$this->below(count($list))];
    }
}
