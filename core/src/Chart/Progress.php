<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;

/** How far each point of the first series is on its way from the minimum to its goal: a bar below its label, how far beside that. Without a goal it is the maximum of the scale. */
final class Progress implements Plotted
{
    /** Between words and the bar below them, px. */
    private const APART = 4.0;

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $series = $points->series[0] ?? null;
        $values = $series?->known() ?? [];
        $scale = Scale::of(array_values($values), true, $chart->min, $chart->max, $chart->steps);
        $row = $room->height / max(1, count($values));
        $worded = $chart->valueLabels !== ValueLabels::None || ($chart->pointLabels && $points->isLabelled());
        $line = $worded ? min($row, $canvas->lineHeight() + self::APART) : 0.0;
        $max = max(1.0, ($row - $line) * (count($values) > 1 ? 1 - $chart->gap : 1.0));
        $thick = min($max, $chart->thickness ?? $max);
        foreach (array_keys($values) as $n => $i) {
            $value = $values[$i];
            $goal = $points->goals[$i] ?? $chart->goal;
            [$from, $to] = [$chart->min ?? min(0.0, $value), $goal ?? $scale->max];
            $share = $to === $from ? 0.0 : ($value - $from) / ($to - $from);
            $canvas->section(trim("{$series?->name} {$points->labels[$i]}"));
            $top = $room->y + $n * $row;
            $written = match ($chart->valueLabels) {
                ValueLabels::None => '',
                ValueLabels::Value => $goal === null ? $canvas->number($value) : "{$canvas->number($value)} of {$canvas->number($goal)}",
                ValueLabels::Share => $canvas->percent($share),
            };
            $beside = $written === '' ? 0.0 : $canvas->measure($written, weight: 600) + 2 * self::APART;
            $middle = $top + ($line - self::APART) / 2;
            if ($chart->pointLabels) {
                $canvas->words("l{$points->ids[$i]}", $points->labels[$i], new Point($room->x, $middle), room: max(1.0, $room->width - $beside));
            }
            $canvas->words("v{$points->ids[$i]}", $written, new Point($room->right(), $middle), TextAlign::Right, weight: 600);
            $track = new Box($room->x, $top + $line, $room->width, $thick);
            $corners = Corners::all(min($chart->rounding, $thick / 2));
            $canvas->rectangle("t{$points->ids[$i]}", 'Track', $track, Fill::solid($chart->grid), $corners);
            $canvas->rectangle("b{$points->ids[$i]}", trim("{$series?->name} {$points->labels[$i]}"), new Box($track->x, $track->y, $track->width * max(0.0, min(1.0, $share)), $thick), $canvas->paint($n, $points->colours[$i]), $corners);
        }
    }
}
