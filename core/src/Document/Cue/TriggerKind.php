<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

enum TriggerKind: string
{
    case Tap = 'tap';
    case Delay = 'delay';

    public function label(): string
    {
        return match ($this) {
            self::Tap => 'Tap',
            self::Delay => 'After a delay',
        };
    }
}
