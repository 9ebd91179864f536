<?php

declare(strict_types=1);

namespace Kindred\Document;

/**
 * Ids are short lower-case texts, unique within a project.
 *
 * New ones are derived from a seed that the caller supplies, so that a command gives the same
 * tree however often it is run. What has an id already keeps it, whatever the seed.
 */
final class Id
{
    private int $count = 0;

    /** @param  \Closure(string): bool  $isTaken */
    private function __construct(private readonly string $seed, private readonly \Closure $isTaken)
    {
    }

    /** Ids that nothing has which a tree holds. */
    public static function in(Tree $tree, string $seed): self
    {
        return new self($seed, $tree->knows(...));
    }

    /** Ids for parts of a whole, such as the rows of a sheet. */
    public static function beside(string $seed, string ...$taken): self
    {
        $known = array_fill_keys($taken, true);

        return new self($seed, fn (string $id): bool => isset($known[$id]));
    }

    public function next(): string
    {
        do {
            $hash = hash('sha256', $this->seed.':'.$this->count++);
            $id = 'k'.str_pad(base_convert(substr($hash, 0, 14), 16, 36), 11, '0', STR_PAD_LEFT);
        } while (($this->isTaken)($id));

        return $id;
    }
}
