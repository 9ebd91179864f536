<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

/** What a column of a data sheet feeds: in an array something of the layer that it is bound to, as `Feed` says; in a chart something of each point. */
enum Slot: string
{
    case Words = 'words';
    case Picture = 'picture';
    case Colour = 'colour';
    case Shown = 'shown';
    /** Of a chart: what its points are called, and how much each is, in a series called like the column; and what is aimed at. In an array the values of a chart in its cells. */
    case Label = 'label';
    case Value = 'value';
    case Goal = 'goal';

    /** Words for no, beside nothing at all. */
    public const NO = ['', 'no', 'false', '0', 'off', 'hidden', '-'];

    /** @return list<self> what columns feed in the layers of a cell */
    public static function ofLayers(): array
    {
        return [self::Words, self::Picture, self::Colour, self::Shown, self::Value];
    }

    /** The path of the property of a layer that it feeds; empty of what it feeds in charts alone. */
    public function path(): string
    {
        return match ($this) {
            self::Words => 'words',
            self::Picture => 'asset',
            self::Colour => 'fills.0.colour',
            self::Shown => 'hidden',
            self::Label, self::Value, self::Goal => '',
        };
    }
}
