<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A free shape: SVG path data of absolute moves, lines and cubic curves in px from the box's corner. `evenOdd` is its `fill-rule`. */
final readonly class PathLayer implements LayerContent
{
    use Declared;

    public function __construct(
        #[PathText(PathData::MAX_LENGTH, false, field: false, affects: Is\Affects::Paint)] public string $d,
        #[Is\Flag(affects: Is\Affects::Paint)] public bool $evenOdd = false,
    ) {
    }

    public static function kind(): string
    {
        return 'path';
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides'], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this->with(d: PathData::parse($this->d)->mapped($horizontally, 0, 0, $vertically, 0, 0)->text());
    }
}
