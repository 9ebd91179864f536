<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * Shapes put together to one, which alone is painted. What lies in it are its parts, each with its own `operation`, the lowest first. `d` is the
 * outline that they come to, worked out with the layout: path data in px from the corner of the box, empty where nothing is left. `rounding` is the radius of
 * the corners of that outline, px, as far as there is room for it; parts are rounded by themselves.
 */
final readonly class Compound implements Container
{
    use Declared;

    public function __construct(
        #[PathText(PathData::MAX_LENGTH, overridable: false, field: false, sparse: true, affects: Is\Affects::Paint)] public string $d = '',
        #[Is\Number(0, 1000, label: 'rounding', look: true, sparse: true, tries: ['0', '4', '8', '16', '28'], affects: Is\Affects::Paint)] public float $rounding = 0.0,
    ) {
    }

    public static function kind(): string
    {
        return 'compound';
    }

    /** As it is drawn: with its corners rounded. */
    public function outline(): string
    {
        return $this->rounding <= 0 || $this->d === '' ? $this->d : Curves::of(PathData::parse($this->d))->rounded($this->rounding)->path()->text();
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides', ...self::NO_ENDS], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this->d === '' ? $this : $this->with(d: PathData::parse($this->d)->mapped($horizontally, 0, 0, $vertically, 0, 0)->text());
    }
}
