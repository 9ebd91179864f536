<?php

declare(strict_types=1);

namespace Kindred\Check;

/** What rules are about, as they are listed. */
enum Group: string
{
    case Reading = 'reading';
    case Eye = 'eye';
    case Touch = 'touch';
    case Place = 'place';
    case NearMiss = 'near-miss';
    case HouseStyle = 'house-style';
    case Consistency = 'consistency';
    case Wording = 'wording';
    case Flow = 'flow';
    case Leftover = 'leftover';

    public function label(): string
    {
        return match ($this) {
            self::Reading => 'Reading',
            self::Eye => 'What the eye meets first',
            self::Touch => 'Touch and pointer',
            self::Place => 'Room and place',
            self::NearMiss => 'Nearly, but not quite',
            self::HouseStyle => 'House style',
            self::Consistency => 'Screens beside each other',
            self::Wording => 'Text and names',
            self::Flow => 'Ways between screens',
            self::Leftover => 'Left over',
        };
    }
}
