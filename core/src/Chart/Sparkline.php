<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Series;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;

/** Lines as large as the chart, without axes, to stand among words: the last value has a dot, and is written beside it where values are. */
final class Sparkline implements Plotted
{
    /** Between the line and the value after it, px. */
    private const APART = 6.0;

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $values = $points->values();
        $goal = $chart->goal === null ? [] : [$chart->goal];
        // The line fills its height: the scale has no round ends.
        $all = [...$values, ...$goal];
        [$low, $high] = $all === [] ? [0.0, 1.0] : [$chart->min ?? min($all), $chart->max ?? max($all)];
        $words = [];
        foreach ($points->series as $s => $series) {
            $last = $series->known() === [] ? null : $series->known()[self::last($series)];
            $words[$s] = $last === null ? '' : match ($chart->valueLabels) {
                ValueLabels::None => '',
                ValueLabels::Value => $canvas->number($last),
                ValueLabels::Share => $canvas->percent($series->sum() > 0 ? $last / $series->sum() : 0.0),
            };
        }
        $beside = max([0.0, ...array_map(fn (string $one): float => $canvas->measure($one, weight: 600), $words)]);
        $half = max($chart->lineWidth, $chart->dots) / 2;
        $plot = new Box($room->x + $half, $room->y + $half, max(1.0, $room->width - 2 * $half - ($beside > 0 ? $beside + self::APART : 0.0)), max(1.0, $room->height - 2 * $half));
        $place = fn (int $i, float $value): Point => new Point(
            $plot->x + ($points->count() > 1 ? $plot->width * $i / ($points->count() - 1) : $plot->width / 2),
            $plot->bottom() - ($high > $low ? max(0.0, min(1.0, ($value - $low) / ($high - $low))) : 0.5) * $plot->height,
        );
        foreach (array_reverse($points->series, true) as $s => $series) {
            $canvas->section($series->name);
            foreach (self::runs($series) as $n => $run) {
                $at = array_map($place, array_keys($run), $run);
                $paint = $canvas->paint($s);
                if (count($at) > 1) {
                    $foot = ' L'.$at[count($at) - 1]->x.' '.$plot->bottom().' L'.$at[0]->x.' '.$plot->bottom().' Z';
                    $canvas->area("a{$s}x{$n}", "{$series->name}, area", Line::through($at, $chart->curve).$foot, $paint->with(opacity: $paint->opacity * $chart->areaOpacity));
                }
                Lines::line($canvas, "i{$s}x{$n}", $series->name, $at, $paint);
                $last = array_key_last($run) === self::last($series) ? $at[count($at) - 1] : null;
                if ($last !== null && $chart->dots > 0) {
                    $canvas->dot("d{$s}", "{$series->name}, last", $last, $chart->dots, $canvas->paint($s, $points->colours[self::last($series)] ?? null));
                }
                if ($last !== null) {
                    $canvas->words("v{$s}", $words[$s], new Point($plot->right() + $half + self::APART, max($canvas->lineHeight() / 2, min($room->bottom() - $canvas->lineHeight() / 2, $last->y))), TextAlign::Left, weight: 600);
                }
            }
        }
        if ($chart->goal !== null && $values !== []) {
            $canvas->section('Goal');
            $y = $place(0, $chart->goal)->y;
            $canvas->line('goal', 'Goal', "M{$plot->x} {$y}H{$plot->right()}", Fill::solid($chart->ink), 1.0, [3.0, 3.0]);
        }
    }

    private static function last(Series $series): int
    {
        return (int) array_key_last($series->known());
    }

    /** @return list<non-empty-array<int, float>> values that follow one another, by the numbers of their points */
    private static function runs(Series $series): array
    {
        $runs = [];
        $run = [];
        foreach ([...$series->values, null] as $i => $value) {
            if ($value !== null) {
                $run[$i] = $value;
            } elseif ($run !== []) {
                $runs[] = $run;
                $run = [];
            }
        }

        return $runs;
    }
}
