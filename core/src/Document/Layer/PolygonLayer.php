<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A polygon of equal sides in the ellipse of its box, its first point at the top. Where its `innerRadius`, a share of the outer one, is less than
 * the sides are away from the middle, it is a star: between each two points lies one that far out. `rounding` is the radius of its corners, px, as far as there is room for it.
 */
final readonly class PolygonLayer implements LayerContent
{
    use Declared;

    public const FEWEST = 3;

    public const MAX = 100;

    public function __construct(
        #[Is\Whole(self::FEWEST, self::MAX, label: 'points', sparse: true, tries: ['3', '5', '6', '8'], affects: Is\Affects::Paint)] public int $points = 6,
        #[Is\Number(0.05, 1, percent: true, label: 'inner radius', sparse: true, tries: ['38%', '50%', '75%', '100%'], affects: Is\Affects::Paint)] public float $innerRadius = 1.0,
        #[Is\Number(0, 1000, label: 'rounding', look: true, sparse: true, tries: ['0', '4', '8', '16', '28'], affects: Is\Affects::Paint)] public float $rounding = 0.0,
    ) {
    }

    public static function kind(): string
    {
        return 'polygon';
    }

    public function isStar(): bool
    {
        return $this->innerRadius < cos(M_PI / $this->points);
    }

    /** Along its edge, in a box of its size, its corner at 0, 0. */
    public function path(Box $box): PathData
    {
        $sharp = Outline::star($box->width / 2, $box->height / 2, $this->points, $this->isStar() ? $this->innerRadius : null);

        return $this->rounding <= 0 ? $sharp : Curves::of($sharp)->rounded($this->rounding)->path();
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides', ...self::NO_ENDS], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
