<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value of parts, of which one can be typed to come or go while the others stay: the same for several things that differ in those. */
interface Amendable extends AsText
{
    /**
     * What is typed, as a value or as a change of this one.
     *
     * @throws \Kindred\Input\InvalidInput where it is neither
     */
    public function amended(string $text): self;
}
