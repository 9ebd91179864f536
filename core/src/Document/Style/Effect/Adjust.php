<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Property as Is;
use Kindred\Property\Declared;

/** All of a layer in other colours (Filter Effects 1, `filter`). */
final readonly class Adjust implements EffectKind
{
    use Declared;

    public function __construct(
        #[Is\Record(label: 'adjustment', sparse: true)] public Adjustment $adjustment = new Adjustment,
    ) {
    }

    public static function kind(): string
    {
        return 'adjust';
    }

    public static function label(): string
    {
        return 'Adjustment';
    }

    public function reach(): float
    {
        return 3 * $this->adjustment->blur;
    }
}
