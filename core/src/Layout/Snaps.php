<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Device\Catalogue;
use Kindred\Document\Bounds;
use Kindred\Document\Grid\Grid;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Type\Typesetter;

/**
 * What a moving layer may come to rest against: computed when a drag begins, chosen from while it lasts.
 *
 * A line runs across its axis `at` a place, and spans `from` to `to` of what it belongs to: an edge or
 * the middle of a sibling, of the group or the screen around, the edge of a safe area, a ruler guide or a line of the layout grids. A gap gives the
 * place of the moving box's start at which its distance to a neighbour equals another: it counts where
 * the box reaches into `from` to `to` across, and `spans` are the two equal distances along the axis. Baselines are lines, too, that those of
 * moving words come to rest on: `own` says how far these lie below the top of what moves.
 * Everything is in px of the screen, or of the wall where the layers are loose.
 *
 * @phpstan-type Line array{at: float, from: float, to: float}
 * @phpstan-type Gap array{at: float, from: float, to: float, spans: array{array{float, float}, array{float, float}}}
 */
final readonly class Snaps
{
    /** How many of the nearest neighbours are looked at for equal gaps. */
    private const NEIGHBOURS = 200;

    /**
     * @param  array{x: list<Line>, y: list<Line>}  $lines
     * @param  array{x: list<Gap>, y: list<Gap>}  $gaps
     * @param  list<Line>  $baselines
     * @param  list<float>  $own  px
     */
    private function __construct(public array $lines, public array $gaps, public array $baselines, public array $own)
    {
    }

    /**
     * @param  Place  $place  where the layers lie, or something is about to be drawn
     * @param  list<string>  $moving  ids of the layers there that move, or of screens on the wall; none while drawing
     */
    public static function of(Tree $tree, Place $place, array $moving, Typesetter $typesetter): self
    {
        $siblings = $frames = [];
        $own = $words = $beside = [];
        foreach ($tree->children($place) as $layer) {
            if (in_array($layer->id, $moving, true)) {
                $own[] = Bounds::of($tree, $layer);
                array_push($words, ...self::baselines($layer, $typesetter));
            } elseif (! $layer->hidden) {
                $siblings[] = $bounds = Bounds::of($tree, $layer);
                array_push($beside, ...array_map(fn (float $at): array => ['at' => round($at, 3), 'from' => $bounds->x, 'to' => $bounds->right()], self::baselines($layer, $typesetter)));
            }
        }
        if ($place->parent !== null) {
            $frames = array_map(fn (Layer $group): Box => Bounds::of($tree, $group), [$tree->layer($place->parent), ...$tree->ancestors($tree->layer($place->parent))]);
        }
        $screen = $place->screen === null ? null : $tree->screen($place->screen);
        if ($screen === null) {
            foreach ($tree->reel() as $one) {
                in_array($one->id, $moving, true) ? $own[] = $one->box : $siblings[] = $one->box;
            }
        } else {
            $frames[] = $screen->box->movedBy(-$screen->box->x, -$screen->box->y);
        }
        $box = Box::around(...$own);

        return new self(
            ['x' => self::lines(Axis::X, [...$siblings, ...$frames], $screen), 'y' => self::lines(Axis::Y, [...$siblings, ...$frames], $screen)],
            ['x' => self::gaps(Axis::X, $siblings, $box), 'y' => self::gaps(Axis::Y, $siblings, $box)],
            // Words stand on the lines of a grid, too.
            [...$beside, ...($screen === null ? [] : array_map(fn (float $at): array => ['at' => round($at, 3), 'from' => 0.0, 'to' => $screen->box->width], self::grids(Axis::Y, $screen)))],
            $box === null ? [] : array_map(fn (float $at): float => round($at - $box->y, 3), $words),
        );
    }

    /** @return list<float> where the first and the last line of words stand, px of where their layer lies; none of what is turned */
    private static function baselines(Layer $layer, Typesetter $typesetter): array
    {
        if (! $layer->content instanceof Text || $layer->rotation !== 0.0) {
            return [];
        }
        $lines = $layer->content->laid($typesetter, $layer->box)->lines;

        return array_values(array_unique([$layer->box->y + $lines[0]->baseline, $layer->box->y + $lines[count($lines) - 1]->baseline]));
    }

    /** @return array{lines: array{x: list<Line>, y: list<Line>}, gaps: array{x: list<Gap>, y: list<Gap>}, baselines: list<Line>, own: list<float>} */
    public function toArray(): array
    {
        return ['lines' => $this->lines, 'gaps' => $this->gaps, 'baselines' => $this->baselines, 'own' => $this->own];
    }

    /**
     * One line for each place, as long as all that it belongs to.
     *
     * @param  list<Box>  $boxes
     * @return list<Line>
     */
    private static function lines(Axis $axis, array $boxes, ?Screen $screen): array
    {
        $lines = [];
        $add = function (float $at, float $from, float $to) use (&$lines): void {
            $known = $lines[(string) round($at, 3)] ?? ['at' => round($at, 3), 'from' => $from, 'to' => $to];
            $lines[(string) $known['at']] = ['at' => $known['at'], 'from' => min($known['from'], $from), 'to' => max($known['to'], $to)];
        };
        $across = $axis->across();
        foreach ($boxes as $box) {
            foreach ([0, 0.5, 1] as $share) {
                $add($axis->start($box) + $axis->size($box) * $share, $across->start($box), $across->end($box));
            }
        }
        if ($screen !== null) {
            foreach ([...self::safe($axis, $screen), ...$screen->guides->along($axis), ...self::grids($axis, $screen)] as $at) {
                $add($at, 0, $across->size($screen->box));
            }
        }

        return array_values($lines);
    }

    /** @return list<float> where the safe area of the screen's device begins and ends, where it differs from the screen */
    private static function safe(Axis $axis, Screen $screen): array
    {
        [$top, $right, $bottom, $left] = Catalogue::for($screen->device, $screen->box->width, $screen->view)->safe;
        [$before, $after, $length] = $axis === Axis::X ? [$left, $right, $screen->box->width] : [$top, $bottom, $screen->view];

        return [...($before > 0 ? [(float) $before] : []), ...($after > 0 ? [$length - $after] : [])];
    }

    /** @return list<float> */
    private static function grids(Axis $axis, Screen $screen): array
    {
        return array_merge(...array_map(fn (Grid $grid): array => $grid->lines($axis, $screen->box->width, $screen->box->height), $screen->grids));
    }

    /**
     * @param  list<Box>  $siblings
     * @return list<Gap>
     */
    private static function gaps(Axis $axis, array $siblings, ?Box $moving): array
    {
        if ($moving === null) {
            return [];
        }
        $centre = $moving->centre();
        $far = fn (Box $box): float => abs($box->centre()->x - $centre->x) + abs($box->centre()->y - $centre->y);
        usort($siblings, fn (Box $a, Box $b): int => $far($a) <=> $far($b));
        $siblings = array_slice($siblings, 0, self::NEIGHBOURS);
        $size = $axis->size($moving);
        $gaps = [];
        foreach ($siblings as $first) {
            $second = self::next($axis, $first, $siblings);
            if ($second === null) {
                continue;
            }
            [$end, $begin] = [$axis->end($first), $axis->start($second)];
            $gap = $begin - $end;
            $across = $axis->across();
            $reach = ['from' => max($across->start($first), $across->start($second)), 'to' => min($across->end($first), $across->end($second))];
            $after = $axis->end($second);
            $before = $axis->start($first);
            $gaps[] = ['at' => $after + $gap] + $reach + ['spans' => [[$end, $begin], [$after, $after + $gap]]];
            $gaps[] = ['at' => $before - $gap - $size] + $reach + ['spans' => [[$before - $gap, $before], [$end, $begin]]];
            if ($gap >= $size) {
                $at = $end + ($gap - $size) / 2;
                $gaps[] = ['at' => $at] + $reach + ['spans' => [[$end, $at], [$at + $size, $begin]]];
            }
        }

        return $gaps;
    }

    /**
     * The nearest box behind another along the axis, of those beside it.
     *
     * @param  list<Box>  $boxes
     */
    private static function next(Axis $axis, Box $first, array $boxes): ?Box
    {
        $across = $axis->across();
        $found = null;
        foreach ($boxes as $box) {
            $beside = $across->start($box) < $across->end($first) && $across->start($first) < $across->end($box);
            if ($beside && $axis->start($box) > $axis->end($first) && ($found === null || $axis->start($box) < $axis->start($found))) {
                $found = $box;
            }
        }

        return $found;
    }
}
