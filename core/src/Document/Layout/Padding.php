<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Input\Reader;

/** Room between a container's edges and its content, px, as CSS `padding`. */
final readonly class Padding
{
    public const SIDES = ['top', 'right', 'bottom', 'left'];

    public function __construct(
        public float $top = 0,
        public float $right = 0,
        public float $bottom = 0,
        public float $left = 0,
    ) {
    }

    public static function all(float $padding): self
    {
        return new self($padding, $padding, $padding, $padding);
    }

    public static function read(Reader $in): self
    {
        return new self(...array_map(fn (string $side): float => $in->numberOr($side, 0, 0), self::SIDES));
    }

    public function with(string $side, float $padding): self
    {
        return new self(...[...$this->toArray(), $side => $padding]);
    }

    public function across(): float
    {
        return $this->left + $this->right;
    }

    public function down(): float
    {
        return $this->top + $this->bottom;
    }

    /** @return array{top: float, right: float, bottom: float, left: float} */
    public function toArray(): array
    {
        return ['top' => $this->top, 'right' => $this->right, 'bottom' => $this->bottom, 'left' => $this->left];
    }
}
