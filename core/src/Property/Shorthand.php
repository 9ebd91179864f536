<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value whose properties can be typed all at once where they are the same, as CSS shorthands do: one radius for four corners. */
interface Shorthand extends Stored
{
    /** The one value of all its properties as it is typed; empty where they differ. */
    public function short(): string;

    /**
     * @param  mixed  $has  the value that there is
     *
     * @throws \Kindred\Input\InvalidInput
     */
    public static function typed(string $text, mixed $has, Typing $typing): self;
}
