<?php

declare(strict_types=1);

namespace Kindred\Document;

/**
 * Ids are short lower-case texts, unique within a project.
 *
 * New ones are derived from a seed that the caller supplies, so that a command gives the same
 * tree however often it is run.
 */
final class Id
{
    private int $count = 0;

    public function __construct(private readonly string $seed)
    {
    }

    public function next(): string
    {
        $hash = hash('sha256', $this->seed.':'.$this->count++);

        return 'k'.str_pad(base_convert(substr($hash, 0, 14), 16, 36), 11, '0', STR_PAD_LEFT);
    }
}
