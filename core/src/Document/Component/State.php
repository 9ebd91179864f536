<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** One of the states that a component can be in along an axis: on, off, pressed, large. */
final readonly class State implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Name] public string $name,
    ) {
    }
}
