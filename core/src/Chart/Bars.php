<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Together;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Style\Corners;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;

/** Bars from nought, up or across; the ends away from nought are rounded. */
final class Bars implements Plotted
{
    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $stack = Stack::of($points, $chart->together);
        $axes = Axes::of($canvas, $points, $stack->values(), $room, $chart->across, false, $chart->together);
        $beside = $chart->together === Together::Beside ? max(1, count($points->series)) : 1;
        $width = $axes->band() * (1 - $chart->gap);
        $spacing = $beside > 1 ? min($chart->spacing, $width / (2 * ($beside - 1))) : 0.0;
        $each = ($width - $spacing * ($beside - 1)) / $beside;
        $many = $points->count() * count($points->series) > Axes::MANY;
        $values = [];
        foreach ($points->series as $s => $series) {
            $canvas->section($series->name);
            $all = '';
            $of = $beside > 1 || count($points->series) === 1 ? $series->sum() : $stack->sum();
            foreach ($series->values as $i => $value) {
                [$from, $to] = $stack->spans[$s][$i] ?? [null, null];
                [$low, $high] = [$from === null || $chart->logarithmic && $from <= 0 ? $axes->scale->base() : $axes->scale->held($from), $to === null ? null : $axes->scale->held($to)];
                if ($value === null || $low === null || $high === null) {
                    continue;
                }
                $along = $axes->middle($i) - $width / 2 + ($beside > 1 ? $s * ($each + $spacing) : 0.0);
                $bar = self::apart($axes->between($along, $each, $low, $high), $stack->isOnAnother($s, $i) ? $chart->spacing : 0.0, $chart->across, $high >= $low);
                $corners = $stack->isLast($s, $i) ? self::ends($chart, $high >= $low) : new Corners;
                if ($many) {
                    $all .= $bar->width > 0 && $bar->height > 0 ? self::outline($bar) : '';
                } else {
                    $canvas->rectangle("b{$s}{$points->ids[$i]}", trim("{$series->name} {$points->labels[$i]}"), $bar, $canvas->paint($s, $points->colours[$i]), $corners);
                }
                $shown = $many || $chart->valueLabels === ValueLabels::None ? null : $stack->shown($s, $i, $value);
                if ($shown !== null) {
                    $words = $chart->valueLabels === ValueLabels::Value ? $canvas->number($shown) : $canvas->percent($of > 0 ? $shown / $of : 0.0);
                    $values[] = ["v{$s}{$points->ids[$i]}", $words, $along + $each / 2, $high, $high < $low];
                }
            }
            $canvas->area("b{$s}", $series->name, $all, $canvas->paint($s));
        }
        $canvas->section('Values');
        foreach ($values as [$key, $words, $along, $share, $below]) {
            // Words that would run into those beside them say nothing.
            if ($chart->across ? $canvas->lineHeight() <= $axes->band() : $canvas->measure($words) <= $axes->band() / ($beside > 1 ? $beside * (1 - $chart->gap) : 1) + 2) {
                $axes->value($key, $words, $along, $share, $below);
            }
        }
        $axes->goals();
    }

    /** Set off from the one that it stands on. */
    private static function apart(Box $bar, float $spacing, bool $across, bool $grows): Box
    {
        $spacing = min($spacing, ($across ? $bar->width : $bar->height) / 2);

        return match (true) {
            $spacing <= 0 => $bar,
            $across => new Box($bar->x + ($grows ? $spacing : 0.0), $bar->y, $bar->width - $spacing, $bar->height),
            default => new Box($bar->x, $bar->y + ($grows ? 0.0 : $spacing), $bar->width, $bar->height - $spacing),
        };
    }

    private static function outline(Box $bar): string
    {
        $n = fn (float $value): string => Number::text(round($value, 2));

        return "M{$n($bar->x)} {$n($bar->y)}H{$n($bar->right())}V{$n($bar->bottom())}H{$n($bar->x)}Z";
    }

    private static function ends(Chart $chart, bool $grows): Corners
    {
        $r = $chart->rounding;

        return match (true) {
            $chart->across => $grows ? new Corners(0, $r, $r, 0) : new Corners($r, 0, 0, $r),
            default => $grows ? new Corners($r, $r, 0, 0) : new Corners(0, 0, $r, $r),
        };
    }
}
