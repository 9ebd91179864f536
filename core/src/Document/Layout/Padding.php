<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** Room between a container's edges and its content, px, as CSS `padding`. */
final readonly class Padding implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Number(0)] public float $top = 0,
        #[Is\Number(0)] public float $right = 0,
        #[Is\Number(0)] public float $bottom = 0,
        #[Is\Number(0)] public float $left = 0,
    ) {
    }

    public static function all(float $padding): self
    {
        return new self($padding, $padding, $padding, $padding);
    }

    /** The one width of all four sides, or null when they differ. */
    public function same(): ?float
    {
        return count(array_unique([$this->top, $this->right, $this->bottom, $this->left])) === 1 ? $this->top : null;
    }

    public function across(): float
    {
        return $this->left + $this->right;
    }

    public function down(): float
    {
        return $this->top + $this->bottom;
    }
}
