<?php

declare(strict_types=1);

namespace Kindred\Document\Library;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** Something that was taken from a library, and a digest of what it was there then. */
final readonly class Taken implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Choice] public Kind $kind,
        #[Is\Words(60, empty: false)] public string $id,
        #[Is\Words(40, empty: false)] public string $there,
    ) {
    }

    public function key(): string
    {
        return "{$this->kind->value} {$this->id}";
    }
}
