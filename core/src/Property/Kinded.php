<?php

declare(strict_types=1);

namespace Kindred\Property;

/** One of several kinds of a thing, each a class with properties of its own; `OneOf` says of which. */
interface Kinded extends Stored
{
    /** What the kind is called in what is written. */
    public static function kind(): string;
}
