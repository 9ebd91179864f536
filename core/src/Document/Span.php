<?php

declare(strict_types=1);

namespace Kindred\Document;

/** How large a screen that is laid over others is, along one axis. */
enum Span: string
{
    /** As large as it is drawn. */
    case Own = 'own';
    /** As large as what is seen of the screen below. */
    case Whole = 'whole';

    /** As people choose it. */
    public function label(): string
    {
        return match ($this) {
            self::Own => 'as it is drawn',
            self::Whole => 'as what lies below',
        };
    }
}
