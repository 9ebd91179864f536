<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

enum ActionKind: string
{
    case Show = 'show';
    case Return = 'return';

    public function label(): string
    {
        return match ($this) {
            self::Show => 'Show a screen',
            self::Return => 'Return',
        };
    }
}
