<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What is done to all colours of something that is painted, in this order: the functions of CSS `filter` (Filter Effects 1, section 6.1),
 * 1 being as it is, but for `grayscale`, where 0 is; then the tint, which CSS does not have: black stays, white becomes the
 * colour, as much as that is opaque; last the blur, px.
 */
final readonly class Adjustment implements Stored
{
    use Declared;

    public const MAX = 5;

    public function __construct(
        #[Is\Number(0, self::MAX, percent: true, label: 'brightness', sparse: true)] public float $brightness = 1,
        #[Is\Number(0, self::MAX, percent: true, label: 'contrast', sparse: true)] public float $contrast = 1,
        #[Is\Number(0, self::MAX, percent: true, label: 'saturation', sparse: true)] public float $saturate = 1,
        #[Is\Number(0, 1, percent: true, label: 'greyscale', sparse: true)] public float $grayscale = 0,
        #[Is\Parsed(200, label: 'tint', sparse: true)] public ?Colour $tint = null,
        #[Is\Number(0, Blur::MAX, label: 'blur', sparse: true)] public float $blur = 0,
    ) {
    }

    public function isNone(): bool
    {
        return $this->toArray() === [];
    }
}
