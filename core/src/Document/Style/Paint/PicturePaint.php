<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\PictureFit;
use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A picture, laid into the box as a layer that is a picture lays it (see `Picture`). */
final readonly class PicturePaint implements Paint
{
    use Declared;

    public function __construct(
        #[Is\Hash(label: 'picture')] public string $asset,
        #[Is\Choice(label: 'fit of the picture', sparse: true)] public PictureFit $fit = PictureFit::Cover,
        #[Is\Number(Picture::MIN_ZOOM, Picture::MAX_ZOOM, percent: true, label: 'zoom of the picture', sparse: true)] public float $zoom = 1,
        #[Is\Number(0, 1, percent: true, label: 'position across', sparse: true)] public float $positionX = 0.5,
        #[Is\Number(0, 1, percent: true, label: 'position down', sparse: true)] public float $positionY = 0.5,
        #[Is\Record(label: 'adjustment', sparse: true)] public Adjustment $adjustment = new Adjustment,
    ) {
    }

    public static function kind(): string
    {
        return 'picture';
    }

    public static function label(): string
    {
        return 'Picture';
    }

    /** A picture must be chosen first. */
    public static function instead(Paint $of): ?self
    {
        return null;
    }

    /** The grey that stands for pictures where they are not shown. */
    public function colour(): Colour
    {
        return Colour::rgb(0xDC, 0xDC, 0xDC);
    }

    public function css(?float $width = null): string
    {
        return 'picture';
    }

    /**
     * Where the whole picture, or one tile of it, lies, seen from the corner of the box.
     *
     * @param  array{int, int}  $size  of the picture itself, px
     */
    public function place(float $width, float $height, array $size): Box
    {
        return $this->fit->place($width, $height, $size, $this->zoom, $this->positionX, $this->positionY);
    }
}
