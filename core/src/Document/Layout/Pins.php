<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Geometry\Box;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * Which edges of its parent a layer holds to, as CSS insets do, when the parent changes its size.
 *
 * Along an axis: one edge, and the layer keeps its distance from it; both, and it grows and shrinks
 * with the parent; neither, and it keeps its distance from the parent's middle, or its proportion.
 */
final readonly class Pins implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Flag(label: 'pins')] public bool $left = false,
        #[Is\Flag(label: 'pins')] public bool $right = false,
        #[Is\Flag(label: 'pins')] public bool $top = false,
        #[Is\Flag(label: 'pins')] public bool $bottom = false,
        #[Is\Choice(label: 'pins')] public Unpinned $horizontal = Unpinned::Middle,
        #[Is\Choice(label: 'pins')] public Unpinned $vertical = Unpinned::Middle,
    ) {
    }

    /** The default on a screen: held at the left and the top. */
    public static function corner(): self
    {
        return new self(left: true, top: true);
    }

    /** The default in a group. */
    public static function proportion(): self
    {
        return new self(horizontal: Unpinned::Proportion, vertical: Unpinned::Proportion);
    }

    /** Where a box goes when its parent changes from one size to another; where the parents lie does not matter. */
    public function hold(Box $box, Box $old, Box $new): Box
    {
        [$x, $width] = self::along($box->x, $box->width, $old->width, $new->width, $this->left, $this->right, $this->horizontal);
        [$y, $height] = self::along($box->y, $box->height, $old->height, $new->height, $this->top, $this->bottom, $this->vertical);

        return new Box($x, $y, $width, $height);
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
