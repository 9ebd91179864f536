<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Geometry\Box;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A picture, named by the SHA-256 of its bytes.
 *
 * It is laid into its box by `fit` and made larger by `zoom` (0.1 to 20). `positionX` and `positionY`, 0 to 1, say how the room
 * that is left over, or what sticks out, is shared between the sides: 0 is at the left or top, 0.5 in the middle (CSS Images 3,
 * `object-position`). So a picture that covers its box covers it at every size and with every other picture in its place.
 */
final readonly class Picture implements LayerContent
{
    use Declared;

    public const MIN_ZOOM = 0.1;

    public const MAX_ZOOM = 20;

    public function __construct(
        #[Is\Hash(label: 'picture', affects: Is\Affects::Paint)] public string $asset,
        #[Is\Choice(look: true, affects: Is\Affects::Paint)] public PictureFit $fit = PictureFit::Cover,
        #[Is\Number(self::MIN_ZOOM, self::MAX_ZOOM, percent: true, sparse: true, affects: Is\Affects::Paint)] public float $zoom = 1,
        #[Is\Number(0, 1, percent: true, label: 'position across', sparse: true, affects: Is\Affects::Paint)] public float $positionX = 0.5,
        #[Is\Number(0, 1, percent: true, label: 'position down', sparse: true, affects: Is\Affects::Paint)] public float $positionY = 0.5,
        #[Is\Record(label: 'adjustment', sparse: true, look: true, affects: Is\Affects::Paint)] public Adjustment $adjustment = new Adjustment,
    ) {
    }

    public static function kind(): string
    {
        return 'picture';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => self::NO_ENDS, 'corners' => [], 'effects' => [], 'masking' => []];
    }

    /** Whether all of it lies as `fit` alone lays it. */
    public function isCentred(): bool
    {
        return $this->zoom === 1.0 && $this->positionX === 0.5 && $this->positionY === 0.5;
    }

    /**
     * Where the whole picture lies, seen from the corner of its box.
     *
     * @param  float  $width  of the box, px
     * @param  float  $height  of the box, px
     * @param  array{int, int}  $size  of the picture itself, px
     */
    public function place(float $width, float $height, array $size): Box
    {
        return $this->fit->place($width, $height, $size, $this->zoom, $this->positionX, $this->positionY);
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
