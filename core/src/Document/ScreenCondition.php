<?php

declare(strict_types=1);

namespace Kindred\Document;

/** The situations for which a screen may need a version. */
enum ScreenCondition: string
{
    case FirstUse = 'first-use';
    case Empty = 'empty';
    case Filled = 'filled';
    case Loading = 'loading';
    case Error = 'error';

    public function label(): string
    {
        return $this === self::FirstUse ? 'first use' : $this->value;
    }
}
