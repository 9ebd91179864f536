<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Property as Is;
use Kindred\Property\Declared;

/** What lies behind a layer, seen through it in other colours or out of focus (Filter Effects 2, `backdrop-filter`): all that was painted before it, in its shape. */
final readonly class Backdrop implements EffectKind
{
    use Declared;

    public function __construct(
        #[Is\Record(label: 'adjustment', sparse: true)] public Adjustment $adjustment = new Adjustment,
    ) {
    }

    public static function kind(): string
    {
        return 'backdrop';
    }

    public static function label(): string
    {
        return 'Backdrop';
    }

    public function reach(): float
    {
        return 0.0;
    }
}
