<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * How a layer takes part in the stack around it. Least and most sizes in px; null where there is none.
 * A size that is null is that of the layer's kind: content for texts, groups and arrays, otherwise a length.
 */
final readonly class Sizing implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Choice(label: 'sizing of the width', sparse: true)] public ?Size $width = null,
        #[Is\Choice(label: 'sizing of the height', sparse: true)] public ?Size $height = null,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', sparse: true)] public ?float $minWidth = null,
        #[Is\Number(0, base: Is\Base::Width, unit: ' px', sparse: true)] public ?float $maxWidth = null,
        #[Is\Number(0, base: Is\Base::Height, unit: ' px', sparse: true)] public ?float $minHeight = null,
        #[Is\Number(0, base: Is\Base::Height, unit: ' px', sparse: true)] public ?float $maxHeight = null,
        #[Is\Choice(sparse: true)] public ?AlignItems $alignSelf = null,
        #[Is\Flag(label: 'place in the stack', sparse: true)] public bool $absolute = false,
    ) {
    }

    /** Whether it has a minimum size, a maximum size or an alignment of its own. */
    public function hasLimits(): bool
    {
        return $this->minWidth !== null || $this->maxWidth !== null || $this->minHeight !== null || $this->maxHeight !== null || $this->alignSelf !== null;
    }

    /** A width kept between minimum and maximum; where they contradict, the minimum wins (CSS 2.2, section 10.4). */
    public function clampWidth(float $width): float
    {
        return max($this->minWidth ?? 0.0, $this->maxWidth === null ? $width : min($width, $this->maxWidth));
    }

    public function clampHeight(float $height): float
    {
        return max($this->minHeight ?? 0.0, $this->maxHeight === null ? $height : min($height, $this->maxHeight));
    }
}
