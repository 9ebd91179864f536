<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Property\AllAlike;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Shorthand;

/** Room between a container's edges and its content, px, as CSS `padding`. */
final readonly class Padding implements Shorthand
{
    use AllAlike;
    use Declared;

    public function __construct(
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', label: 'padding')] public float $top = 0,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', label: 'padding')] public float $right = 0,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', label: 'padding')] public float $bottom = 0,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', label: 'padding')] public float $left = 0,
    ) {
    }

    public static function all(float $padding): self
    {
        return new self($padding, $padding, $padding, $padding);
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
