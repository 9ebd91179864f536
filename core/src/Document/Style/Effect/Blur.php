<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Property as Is;
use Kindred\Property\Declared;

/** All of a layer out of focus; `radius` is the standard deviation, px (Filter Effects 1, section 6.1, `blur()`). */
final readonly class Blur implements EffectKind
{
    use Declared;

    public const MAX = 200;

    public function __construct(
        #[Is\Number(0, self::MAX, label: 'blur radius')] public float $radius = 4,
    ) {
    }

    public static function kind(): string
    {
        return 'blur';
    }

    public static function label(): string
    {
        return 'Blur';
    }

    /** Three standard deviations hold all that is seen. */
    public function reach(): float
    {
        return 3 * $this->radius;
    }
}
