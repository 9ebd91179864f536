<?php

declare(strict_types=1);

namespace Kindred\Document;

/** The one way in which an immutable value here is changed: a copy with some properties replaced, by name. */
trait CopyWith
{
    public function with(mixed ...$changes): static
    {
        return new static(...[...get_object_vars($this), ...$changes]); // @phpstan-ignore-line the constructor checks each type
    }
}
