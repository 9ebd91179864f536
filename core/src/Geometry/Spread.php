<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** Boxes one after another along an axis, with equal gaps. */
final class Spread
{
    /**
     * Where the boxes begin along the axis, by the keys of the boxes, in the order in which their middles lie.
     *
     * @param  non-empty-array<string, Box>  $boxes
     * @param  float|null  $gap  px: the first box stays and the others follow. Null: the first and the last stay, and the room
     *                           between is shared; where there is too little, the boxes overlap equally
     * @return array<string, float> px
     */
    public static function along(Axis $axis, array $boxes, ?float $gap): array
    {
        uasort($boxes, fn (Box $a, Box $b): int => $axis->start($a) + $axis->end($a) <=> $axis->start($b) + $axis->end($b));
        $gap ??= self::shared($axis, array_values($boxes));
        $at = null;
        $starts = [];
        foreach ($boxes as $id => $box) {
            $at ??= $axis->start($box);
            $starts[$id] = $at;
            $at += $axis->size($box) + $gap;
        }

        return $starts;
    }

    /** @param  non-empty-list<Box>  $boxes  in order */
    private static function shared(Axis $axis, array $boxes): float
    {
        $room = $axis->end($boxes[count($boxes) - 1]) - $axis->start($boxes[0]);

        return ($room - array_sum(array_map($axis->size(...), $boxes))) / max(1, count($boxes) - 1);
    }
}
