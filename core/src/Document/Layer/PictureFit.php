<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;

/** How a picture is laid into its box: as CSS Images 3 has it for `object-fit`, or over and over, as large as it is. */
enum PictureFit: string
{
    case Cover = 'cover';
    case Contain = 'contain';
    case Fill = 'fill';
    case Repeat = 'repeat';

    /** The SVG counterpart. */
    public function preserveAspectRatio(): string
    {
        return match ($this) {
            self::Cover => 'xMidYMid slice',
            self::Contain => 'xMidYMid meet',
            self::Fill, self::Repeat => 'none',
        };
    }

    /**
     * Where the whole picture lies, or one of its tiles, seen from the corner of the box. `positionX` and `positionY` share what room is
     * left, or what sticks out, between the sides (CSS Backgrounds 3, section 2.6).
     *
     * @param  float  $width  of the box, px
     * @param  float  $height  of the box, px
     * @param  array{int, int}  $size  of the picture itself, px
     */
    public function place(float $width, float $height, array $size, float $zoom, float $positionX, float $positionY): Box
    {
        [$across, $down] = [$width / max(1, $size[0]), $height / max(1, $size[1])];
        [$x, $y] = match ($this) {
            self::Cover => [max($across, $down), max($across, $down)],
            self::Contain => [min($across, $down), min($across, $down)],
            self::Fill => [$across, $down],
            self::Repeat => [1.0, 1.0],
        };
        [$wide, $high] = [$size[0] * $x * $zoom, $size[1] * $y * $zoom];

        return new Box(($width - $wide) * $positionX, ($height - $high) * $positionY, $wide, $high);
    }
}
