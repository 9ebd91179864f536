<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** CSS Flexible Box Layout 1, `flex-direction`. */
enum FlexDirection: string
{
    case Row = 'row';
    case RowReverse = 'row-reverse';
    case Column = 'column';
    case ColumnReverse = 'column-reverse';

    public function isRow(): bool
    {
        return $this === self::Row || $this === self::RowReverse;
    }

    public function isReversed(): bool
    {
        return $this === self::RowReverse || $this === self::ColumnReverse;
    }
}
