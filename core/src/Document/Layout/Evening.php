<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/**
 * The rows and columns that boxes lie in roughly, made exact: boxes of a row share an edge or a middle, those of
 * a column too, and gaps are equal whole px. The first row and column stay where they are. Lengths in px.
 */
final class Evening
{
    /** Boxes belong together when they overlap by this share of the smaller one. */
    private const OVERLAP = 0.5;

    /**
     * @param  array<string, Box>  $boxes
     * @return array<string, Point> how far each moves
     */
    public static function of(array $boxes): array
    {
        $rows = self::lines($boxes, Axis::Y);
        $columns = self::lines($boxes, Axis::X);
        // What forms no columns keeps to a common gap in each row.
        if (self::isGrid($rows, $columns)) {
            $at = ['x' => self::apart($boxes, $columns, Axis::X), 'y' => self::apart($boxes, $rows, Axis::Y)];
        } else {
            [$axis, $lines] = count($rows) <= count($columns) ? [Axis::X, $rows] : [Axis::Y, $columns];
            $at = [$axis->value => self::along($boxes, $lines, $axis), $axis->across()->value => self::apart($boxes, $lines, $axis->across())];
        }
        $shifts = [];
        foreach ($boxes as $id => $box) {
            $shifts[$id] = new Point(($at['x'][$id] ?? $box->x) - $box->x, ($at['y'][$id] ?? $box->y) - $box->y);
        }

        return $shifts;
    }

    /**
     * Boxes gathered into lines across an axis, in order.
     *
     * @param  array<string, Box>  $boxes
     * @return list<list<string>>
     */
    private static function lines(array $boxes, Axis $axis): array
    {
        uasort($boxes, fn (Box $a, Box $b): int => $axis->start($a) + $axis->end($a) <=> $axis->start($b) + $axis->end($b));
        $lines = [];
        $last = null;
        foreach ($boxes as $id => $box) {
            $overlap = $last === null ? -INF : min($axis->end($last), $axis->end($box)) - max($axis->start($last), $axis->start($box));
            $smaller = $last === null ? 0.0 : min($axis->size($last), $axis->size($box));
            if ($last !== null && $overlap >= $smaller * self::OVERLAP) {
                $lines[count($lines) - 1][] = $id;
            } else {
                $lines[] = [$id];
            }
            $last = $box;
        }

        return $lines;
    }

    /**
     * Whether each crossing of a row and a column holds one box at most, and there are several of both.
     *
     * @param  list<list<string>>  $rows
     * @param  list<list<string>>  $columns
     */
    private static function isGrid(array $rows, array $columns): bool
    {
        if (count($rows) < 2 || count($columns) < 2) {
            return false;
        }
        foreach ($rows as $row) {
            foreach ($columns as $column) {
                if (count(array_intersect($row, $column)) > 1) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Lines set apart by one gap, each box on its line's edge or middle.
     *
     * @param  array<string, Box>  $boxes
     * @param  list<list<string>>  $lines
     * @return array<string, float> the new start of each box along the axis
     */
    private static function apart(array $boxes, array $lines, Axis $axis): array
    {
        $spans = array_map(function (array $line) use ($boxes, $axis): array {
            $of = array_map(fn (string $id): Box => $boxes[$id], $line);

            $share = self::share($of, $axis);
            $size = max(0.0, ...array_map($axis->size(...), $of));
            $line = self::median(array_map(fn (Box $box): float => $axis->start($box) + $axis->size($box) * $share, $of));

            return ['start' => $line - $size * $share, 'size' => $size, 'share' => $share];
        }, $lines);
        $gaps = [];
        foreach (array_slice($spans, 1) as $i => $span) {
            $gaps[] = $span['start'] - $spans[$i]['start'] - $spans[$i]['size'];
        }
        $gap = $gaps === [] ? 0.0 : max(0.0, round(array_sum($gaps) / count($gaps)));
        $at = [];
        $start = $spans === [] ? 0.0 : round($spans[0]['start']);
        foreach ($lines as $i => $line) {
            foreach ($line as $id) {
                $at[$id] = $start + ($spans[$i]['size'] - $axis->size($boxes[$id])) * $spans[$i]['share'];
            }
            $start += $spans[$i]['size'] + $gap;
        }

        return $at;
    }

    /**
     * Boxes of each line one after the other, with the gap that is usual in all of them.
     *
     * @param  array<string, Box>  $boxes
     * @param  list<list<string>>  $lines
     * @return array<string, float>
     */
    private static function along(array $boxes, array $lines, Axis $axis): array
    {
        $gaps = [];
        $ordered = [];
        foreach ($lines as $line) {
            usort($line, fn (string $a, string $b): int => $axis->start($boxes[$a]) <=> $axis->start($boxes[$b]));
            foreach (array_slice($line, 1) as $i => $id) {
                $gaps[] = $axis->start($boxes[$id]) - $axis->end($boxes[$line[$i]]);
            }
            $ordered[] = $line;
        }
        $gap = $gaps === [] ? 0.0 : max(0.0, round(count($lines) === 1 ? array_sum($gaps) / count($gaps) : self::median($gaps)));
        $at = [];
        foreach ($ordered as $line) {
            $start = round($axis->start($boxes[$line[0]]));
            foreach ($line as $id) {
                $at[$id] = $start;
                $start += $axis->size($boxes[$id]) + $gap;
            }
        }

        return $at;
    }

    /**
     * Which of start, middle and end the boxes of a line share best, as a share of the room beside the smaller ones.
     *
     * @param  list<Box>  $boxes
     */
    private static function share(array $boxes, Axis $axis): float
    {
        $best = 0.0;
        $smallest = INF;
        foreach ([0.0, 0.5, 1.0] as $share) {
            $at = array_map(fn (Box $box): float => $axis->start($box) + $axis->size($box) * $share, $boxes);
            $spread = $at === [] ? 0.0 : max($at) - min($at);
            if ($spread < $smallest - 0.01) {
                [$best, $smallest] = [$share, $spread];
            }
        }

        return $best;
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values === [] ? 0.0 : ($values[intdiv(count($values) - 1, 2)] + $values[intdiv(count($values), 2)]) / 2;
    }
}
