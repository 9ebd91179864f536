<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** How wide a stroke is on each side of a box, px; 0 for none (CSS Backgrounds 3, section 3.3, `border-width`). */
final readonly class SideWidths implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Number(0, 200, label: 'stroke width at the top')] public float $top = 0,
        #[Is\Number(0, 200, label: 'stroke width on the right')] public float $right = 0,
        #[Is\Number(0, 200, label: 'stroke width at the bottom')] public float $bottom = 0,
        #[Is\Number(0, 200, label: 'stroke width on the left')] public float $left = 0,
    ) {
    }

    public static function all(float $width): self
    {
        return new self($width, $width, $width, $width);
    }

    /** @return array{float, float, float, float} top, right, bottom, left */
    public function widths(): array
    {
        return [$this->top, $this->right, $this->bottom, $this->left];
    }
}
