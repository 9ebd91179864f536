<?php

declare(strict_types=1);

namespace Kindred\Render;

/** Up to which layer is drawn: it, and all that is drawn after it, is left out. */
final class Until
{
    private bool $reached = false;

    /** @param  string  $address  of the layer */
    public function __construct(private readonly string $address)
    {
    }

    /** Whether a layer is that one, or comes after it; asked in the order of drawing. */
    public function ends(string $address): bool
    {
        return $this->reached = $this->reached || $address === $this->address;
    }
}
