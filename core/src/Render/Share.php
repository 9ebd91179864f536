<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Paint\Colour;

/** How much of what is seen at a point comes from one thing. */
final readonly class Share
{
    /**
     * @param  float|null  $share  0 to 1; null of what changes others, and of what is off
     * @param  Colour|null  $colour  in which it is seen there
     */
    public function __construct(public Ingredient $ingredient, public ?float $share, public ?Colour $colour)
    {
    }
}
