<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Address;

/** One thing that may have a share in what is seen at a point: a fill, a stroke, a shadow, or what changes how others are seen. */
final readonly class Ingredient
{
    /**
     * @param  Address|null  $layer  null for the ground
     * @param  string  $name  of the layer
     * @param  string  $what  it is of the layer: "fill", "inner shadow"
     * @param  string  $as  how it is written: a colour, a gradient; may be empty
     * @param  string|null  $switch  the property that hides it; empty for the layer as a whole, null where nothing does
     * @param  bool  $off  whether it is hidden now
     * @param  list<string>  $drawn  it alone, as it lies on the screen; or all with it, and all without it
     * @param  int|null  $over  what changes others paints nothing itself: these are so many before it in the list
     */
    public function __construct(
        public ?Address $layer,
        public string $name,
        public string $what,
        public string $as,
        public ?string $switch,
        public bool $off,
        public array $drawn,
        public ?int $over = null,
    ) {
    }
}
