<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

/** Why two layers are taken for one. */
enum By: string
{
    case Hand = 'hand';
    case Lineage = 'lineage';
    case Component = 'component';
    case Name = 'name';
    case Place = 'place';

    public function label(): string
    {
        return match ($this) {
            self::Hand => 'as you said',
            self::Lineage => 'one is a copy of the other',
            self::Component => 'the same component',
            self::Name => 'the same name',
            self::Place => 'the same kind in nearly the same place',
        };
    }
}
