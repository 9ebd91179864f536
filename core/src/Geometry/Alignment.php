<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** The edge or middle by which layers are brought into line. */
enum Alignment: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** How far a box has to move, in px, to be in line with another. */
    public function distance(Box $box, Box $with): Point
    {
        $axis = match ($this) {
            self::Left, self::Centre, self::Right => Axis::X,
            self::Top, self::Middle, self::Bottom => Axis::Y,
        };
        $share = match ($this) {
            self::Left, self::Top => 0.0,
            self::Centre, self::Middle => 0.5,
            self::Right, self::Bottom => 1.0,
        };
        $by = $axis->start($with) + $axis->size($with) * $share - $axis->start($box) - $axis->size($box) * $share;

        return $axis->by($by);
    }
}
