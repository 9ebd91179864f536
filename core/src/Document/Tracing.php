<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** A picture that lies under a screen on the wall to be traced, and nowhere else: where in px from its corner, how strong from 0 to 1. */
final readonly class Tracing
{
    use Withers;

    public function __construct(public string $asset, public Box $box, public float $opacity = 0.4)
    {
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->hash('asset'),
            new Box($in->number('x'), $in->number('y'), $in->number('width', 1), $in->number('height', 1)),
            $in->numberOr('opacity', 0.4, 0, 1),
        );
    }

    /** As large as it goes into the width of a screen, from its top. */
    public static function under(Screen $screen, string $asset, float $width, float $height): self
    {
        return new self($asset, new Box(0, 0, $screen->box->width, round($screen->box->width * $height / max(1, $width), 2)));
    }

    /** @return array{asset: string, x: float, y: float, width: float, height: float, opacity: float} */
    public function toArray(): array
    {
        return ['asset' => $this->asset, 'x' => $this->box->x, 'y' => $this->box->y, 'width' => $this->box->width, 'height' => $this->box->height, 'opacity' => $this->opacity];
    }
}
