<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Property\Stored;

/**
 * What a document is made of. A thing is compared, taken back, written and sent by its properties; one that is registered in
 * `Entity` is so in memory, rows, differences and patches.
 */
interface Thing extends Stored
{
    /**
     * A thing from its parts as they were kept.
     *
     * @param  array<array-key, mixed>  $parts
     */
    public static function kept(array $parts): self;

    /**
     * As `toArray`, but with what can be long in parts, each a property of its own.
     *
     * @param  Thing|null  $beside  parts that both have may be left out
     * @return array<string, mixed>
     */
    public function parts(?Thing $beside = null): array;

    /** What it is called in a sentence. */
    public function called(): string;
}
