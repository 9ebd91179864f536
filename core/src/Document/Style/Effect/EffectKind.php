<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Property\Kinded;

/** What is done to a layer once it is painted. A further kind is a class here and a line in the register. */
interface EffectKind extends Kinded
{
    /** @var non-empty-list<class-string<self>> the first needs no name in what is written */
    public const ALL = [Shadow::class, Blur::class, Adjust::class, Backdrop::class];

    /** As people choose it. */
    public static function label(): string;

    /** How far it reaches beyond the layer at most, px. */
    public function reach(): float;
}
