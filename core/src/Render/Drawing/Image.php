<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Geometry\Box;

/** A picture, cut to a shape. */
final readonly class Image implements Drawn
{
    /**
     * @param  string  $href  its address
     * @param  Box  $place  where all of it lies
     * @param  string  $fit  `preserveAspectRatio` in that place
     * @param  Shape|null  $clip  what it is cut to; null where nothing stands out
     * @param  string  $clipId  an id of the clip that nothing else in the picture has
     * @param  bool  $alone  whether the picture that it is in stands alone
     */
    public function __construct(public string $href, public Box $place, public string $fit, public ?Shape $clip, public string $clipId, public Adjustment $adjustment = new Adjustment, public bool $alone = false)
    {
    }

    public function paintedBy(Painter $painter): string
    {
        return $painter->image($this);
    }

    public function reach(): float
    {
        return 0.0;
    }
}
