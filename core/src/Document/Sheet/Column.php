<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A column of a data sheet: what it feeds, in which layer of the cell's design. Without a layer it only holds its values. */
final readonly class Column implements Stored
{
    use Declared;

    /** @param  string|null  $layer  its address within the design: it may lie in an instance there */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Name] public string $name,
        #[Is\Choice] public Slot $slot = Slot::Words,
        #[Is\Words(900, empty: false)] public ?string $layer = null,
    ) {
    }
}
