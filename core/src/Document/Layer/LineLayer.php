<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

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
