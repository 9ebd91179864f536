<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Paint\Colour;
use Kindred\Paint\Contrast;

/** How something stands out where it does so least. */
final readonly class Measured
{
    /**
     * @param  float  $ratio  1 to 21
     * @param  Colour|null  $ground  behind it there; null where it is a picture
     * @param  Colour  $seen  the colour that it has there
     * @param  list<array{int, int, int, int|float}>  $pixels  of all that lies behind it: red, green, blue, and how many
     */
    public function __construct(public float $ratio, public ?Colour $ground, public Colour $seen, private array $pixels)
    {
    }

    public function against(): Contrast
    {
        return Contrast::against($this->pixels);
    }
}
