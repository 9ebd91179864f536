<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A shadow: outside of a shape, or inside of it as if it were cut out (CSS Backgrounds 3, section 6.1, `box-shadow`); of what is no closed
 * shape, such as words, that of all it paints (Filter Effects 1, section 6.1, `drop-shadow()`), which has no spread. Offsets, blur and
 * spread in px; `top` to `left` say on which sides of its box it shows.
 */
final readonly class Shadow implements EffectKind
{
    use Declared;

    /** So far it lies beside what throws it at most, and so wide are its blur and its spread, px. */
    public const FURTHEST = 1000;

    public const WIDEST = 400;

    public function __construct(
        #[Is\Parsed(200, label: 'colour of the shadow', given: true, absent: ['#00000040'])] public Colour $colour,
        #[Is\Number(-self::FURTHEST, self::FURTHEST, label: 'shadow across', sparse: true)] public float $offsetX = 0,
        #[Is\Number(-self::FURTHEST, self::FURTHEST, label: 'shadow down', sparse: true)] public float $offsetY = 2,
        #[Is\Number(0, self::WIDEST, label: 'blur of the shadow', sparse: true)] public float $blur = 8,
        #[Is\Number(-self::WIDEST, self::WIDEST, label: 'spread of the shadow', sparse: true)] public float $spread = 0,
        #[Is\Flag(label: 'inner shadow', sparse: true)] public bool $inner = false,
        #[Is\Flag(label: 'shadow at the top', sparse: true)] public bool $top = true,
        #[Is\Flag(label: 'shadow on the right', sparse: true)] public bool $right = true,
        #[Is\Flag(label: 'shadow at the bottom', sparse: true)] public bool $bottom = true,
        #[Is\Flag(label: 'shadow on the left', sparse: true)] public bool $left = true,
    ) {
    }

    public static function kind(): string
    {
        return 'shadow';
    }

    public static function label(): string
    {
        return 'Shadow';
    }

    public function isAllRound(): bool
    {
        return $this->top && $this->right && $this->bottom && $this->left;
    }

    /** The blur ends where it is as wide as it is said to be. */
    public function reach(): float
    {
        return $this->inner ? 0.0 : max(0.0, max(abs($this->offsetX), abs($this->offsetY)) + $this->blur + $this->spread);
    }
}
