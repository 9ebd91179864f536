<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Geometry\Box;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A picture that lies under a screen on the wall to be traced, and nowhere else: where in px from its corner, how strong from 0 to 1. */
final readonly class Tracing implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Hash(field: false)] public string $asset,
        #[Sides(1)] public Box $box,
        #[Is\Number(0, 1, label: 'tracing')] public float $opacity = 0.4,
    ) {
    }

    /**
     * As large as fits the width of a screen, from its top.
     *
     * @param  float  $screen  width of the screen, px
     * @param  float  $width  of the picture, px
     * @param  float  $height  of the picture, px
     */
    public static function under(float $screen, string $asset, float $width, float $height): self
    {
        return new self($asset, new Box(0, 0, $screen, round($screen * $height / max(1, $width), 2)));
    }
}
