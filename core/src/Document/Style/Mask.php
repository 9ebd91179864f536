<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Painted;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What a layer is seen through: where the paint is opaque all of it shows, where it is transparent nothing (CSS Masking 1, `mask-image` with
 * `mask-mode: alpha`). It lies in the box of the layer, outside of which nothing is seen. Of several each takes away more (`mask-composite: intersect`).
 */
final readonly class Mask implements Stored
{
    use Declared;

    public function __construct(
        #[Painted(label: 'mask')] public Paint $paint,
        #[Is\Flag(label: 'hiding of the mask', sparse: true)] public bool $hidden = false,
    ) {
    }

    /**
     * @param  list<self>  $masks
     * @return list<self> those that are not hidden
     */
    public static function seen(array $masks): array
    {
        return array_values(array_filter($masks, fn (self $mask): bool => ! $mask->hidden));
    }
}
