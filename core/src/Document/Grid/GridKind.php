<?php

declare(strict_types=1);

namespace Kindred\Document\Grid;

enum GridKind: string
{
    case Columns = 'columns';
    case Rows = 'rows';
    case Squares = 'squares';
    case Baseline = 'baseline';
    case Dots = 'dots';
    case Paper = 'paper';

    /** As people call it. */
    public function label(): string
    {
        return match ($this) {
            self::Baseline => 'baseline grid',
            self::Paper => 'graph paper',
            default => $this->value,
        };
    }

    /** Whether it is made of a number of tracks with gutters between them. */
    public function hasTracks(): bool
    {
        return $this === self::Columns || $this === self::Rows;
    }
}
