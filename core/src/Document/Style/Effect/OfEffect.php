<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Document\Style\Effect;
use Kindred\Property\Inlined;

/** What an effect is; a shadow where nothing is said. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class OfEffect extends Inlined
{
    public function __construct(mixed ...$more)
    {
        parent::__construct(EffectKind::ALL, ...$more);
    }

    public function default(): EffectKind
    {
        return Effect::usual();
    }
}
