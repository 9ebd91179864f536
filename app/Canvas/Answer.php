<?php

declare(strict_types=1);

namespace App\Canvas;

/**
 * What an edit led to. `base` is the edit after which this answer's changes begin.
 */
final readonly class Answer
{
    /**
     * @param  list<array<string, mixed>>  $patches
     * @param  list<string>  $added  ids of new layers that lie in no other new one, in drawing order
     * @param  int|null  $made  the number of the edit that was asked for; null where it changed nothing
     */
    public function __construct(
        public int $base,
        public int $sequence,
        public string $label,
        public array $patches = [],
        public array $added = [],
        public ?int $made = null,
    ) {
    }

    /** This answer and one that followed it, as one. */
    public function then(self $next): self
    {
        return new self($this->base, max($this->sequence, $next->sequence), $next->label, [...$this->patches, ...$next->patches], [...$this->added, ...$next->added], $next->made ?? $this->made);
    }
}
