<?php

declare(strict_types=1);

namespace Kindred\Document\Library;

/** What a project can take from a library. */
enum Kind: string
{
    case Component = 'component';
    case Token = 'token';
    case Icon = 'icon';
    case Font = 'font';
    case Rule = 'rule';

    /** As people call several of them. */
    public function label(): string
    {
        return match ($this) {
            self::Component => 'Components',
            self::Token => 'Tokens',
            self::Icon => 'Icons',
            self::Font => 'Fonts',
            self::Rule => 'Conventions',
        };
    }
}
