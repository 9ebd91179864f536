<?php

declare(strict_types=1);

namespace Kindred\Document\Grid;

use Kindred\Document\Edit\Typed;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/** A facet of a layout grid. */
enum GridField: string
{
    use Typed;

    case Count = 'count';
    case Size = 'size';
    case Margin = 'margin';
    case Gutter = 'gutter';
    case Colour = 'colour';

    public function label(): string
    {
        return $this->value;
    }

    /** @throws InvalidInput when what was typed is no value of this facet */
    public function set(Grid $grid, string $value): Grid
    {
        return match ($this) {
            self::Count => $grid->with(count: Reader::of(['value' => $this->number($value, null, 1, Grid::MAX_COUNT, (string) $grid->count)])->whole('value', 1, Grid::MAX_COUNT)),
            // Columns and rows that are given no size share the room.
            self::Size => trim($value) === '' && $grid->kind->hasTracks() ? $grid->with(size: null) : $grid->with(size: $this->length($value, $grid->size, 1)),
            self::Margin => $grid->with(margin: $this->length($value, $grid->margin, 0)),
            self::Gutter => $grid->with(gutter: $this->length($value, $grid->gutter, 0)),
            self::Colour => $grid->with(colour: trim($value) === '' ? null : Colour::parse($value, 'value')),
        };
    }

    private function length(string $value, ?float $has, float $least): float
    {
        return $this->number($value, null, $least, Reader::LIMIT, $has === null ? null : Number::text($has), ' px');
    }
}
