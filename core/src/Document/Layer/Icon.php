<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * An icon of the shipped library, drawn in strokes on a 24-unit grid; line width 0.5 to 4 units. `optical`
 * puts the middle of what is painted, not that of the grid, into the middle of its box.
 */
final readonly class Icon implements LayerContent
{
    use Declared;

    public function __construct(
        #[Is\Words(60, false, '^[a-z0-9-]+$', 'an icon is named by lower-case letters, digits and hyphens', affects: Is\Affects::Paint)] public string $icon,
        #[Is\Number(0.5, 4, label: 'icon line', look: true, affects: Is\Affects::Paint)] public float $line = 2.0,
        #[Is\Flag(label: 'centring', affects: Is\Affects::Paint)] public bool $optical = false,
    ) {
    }

    public static function kind(): string
    {
        return 'icon';
    }

    public function paint(): array
    {
        return ['fills' => [], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
