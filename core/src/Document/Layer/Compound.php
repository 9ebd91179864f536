<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * Shapes put together to one, which alone is painted. What lies in it are its parts, each with its own `operation`, the lowest first. `d` is the
 * outline that they come to, worked out with the layout: path data in px from the corner of the box, empty where nothing is left.
 */
final readonly class Compound implements Container
{
    use Declared;

    public function __construct(
        #[PathText(PathData::MAX_LENGTH, overridable: false, field: false, sparse: true, affects: Is\Affects::Paint)] public string $d = '',
    ) {
    }

    public static function kind(): string
    {
        return 'compound';
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
