<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Document\Withers;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/**
 * Which edges of its parent a layer holds to, as CSS insets do, when the parent changes its size.
 *
 * Along an axis: one edge, and the layer keeps its distance from it; both, and it grows and shrinks
 * with the parent; neither, and it keeps its distance from the parent's middle, or its proportion.
 */
final readonly class Pins
{
    use Withers;

    public function __construct(
        public bool $left = false,
        public bool $right = false,
        public bool $top = false,
        public bool $bottom = false,
        public Unpinned $horizontal = Unpinned::Middle,
        public Unpinned $vertical = Unpinned::Middle,
    ) {
    }

    /** What holds on a screen where nothing was said: the corner at the start. */
    public static function corner(): self
    {
        return new self(left: true, top: true);
    }

    /** What holds in a group where nothing was said. */
    public static function proportion(): self
    {
        return new self(horizontal: Unpinned::Proportion, vertical: Unpinned::Proportion);
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->boolean('left', false),
            $in->boolean('right', false),
            $in->boolean('top', false),
            $in->boolean('bottom', false),
            $in->has('horizontal') ? $in->enum('horizontal', Unpinned::class) : Unpinned::Middle,
            $in->has('vertical') ? $in->enum('vertical', Unpinned::class) : Unpinned::Middle,
        );
    }

    /** Where a box goes when the parent it lies in changes from one size to another; the corners of the parents do not count. */
    public function hold(Box $box, Box $old, Box $new): Box
    {
        [$x, $width] = self::along($box->x, $box->width, $old->width, $new->width, $this->left, $this->right, $this->horizontal);
        [$y, $height] = self::along($box->y, $box->height, $old->height, $new->height, $this->top, $this->bottom, $this->vertical);

        return new Box($x, $y, $width, $height);
    }

    /** @return array{left: bool, right: bool, top: bool, bottom: bool, horizontal: string, vertical: string} */
    public function toArray(): array
    {
        return [
            'left' => $this->left, 'right' => $this->right, 'top' => $this->top, 'bottom' => $this->bottom,
            'horizontal' => $this->horizontal->value, 'vertical' => $this->vertical->value,
        ];
    }

    /** @return array{float, float} start and length */
    private static function along(float $start, float $length, float $old, float $new, bool $near, bool $far, Unpinned $otherwise): array
    {
        $factor = $old > 0 ? $new / $old : 1.0;

        return match (true) {
            $near && $far => [$start, max(0.0, $length + $new - $old)],
            $near => [$start, $length],
            $far => [$start + $new - $old, $length],
            $otherwise === Unpinned::Middle => [$start + ($new - $old) / 2, $length],
            default => [$start * $factor, $length * $factor],
        };
    }
}
