<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A straight line across its box: from the top left to the bottom right, or rising from the bottom left. */
final readonly class LineLayer implements LayerContent
{
    use Declared;

    public function __construct(
        #[Is\Flag(affects: Is\Affects::Paint)] public bool $rising = false,
    ) {
    }

    /** The line across a box of its size, its corner at 0, 0. */
    public function path(Box $box): PathData
    {
        return PathData::of([['M', [0.0, $this->rising ? $box->height : 0.0]], ['L', [$box->width, $this->rising ? 0.0 : $box->height]]]);
    }

    public static function kind(): string
    {
        return 'line';
    }

    public function paint(): array
    {
        return ['strokes' => ['position', 'sides'], 'effects' => self::ALPHA];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
