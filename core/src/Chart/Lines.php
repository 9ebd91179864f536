<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Chart\Curve;
use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Together;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;

/**
 * Lines through the points of each series, and the areas under them, down to nought or to the series below. A line is broken where there
 * is no value; a point that stands alone is a dot.
 */
final class Lines implements Plotted
{
    /** Of the width of a line, how wide a point is that stands alone. */
    private const ALONE = 2.0;

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $areas = $chart->form === ChartForm::Areas;
        $together = $areas ? $chart->together : Together::Beside;
        $stack = Stack::of($points, $together);
        $axes = Axes::of($canvas, $points, $stack->values(), $room, false, true, $together);
        $values = [];
        $written = $chart->valueLabels !== ValueLabels::None && $points->count() * count($points->series) <= Axes::MANY;
        // The first series lies in front of the others.
        foreach (array_reverse($points->series, true) as $s => $series) {
            $canvas->section($series->name);
            $runs = self::runs($axes, $stack->spans[$s] ?? []);
            $sum = $series->sum();
            foreach ($runs as $n => $run) {
                $tops = array_column($run, 'top');
                if ($areas) {
                    $paint = $canvas->paint($s);
                    $d = count($run) < 2 ? '' : Line::through($tops, $chart->curve).Line::back(array_column($run, 'foot'), $chart->curve).'Z';
                    $canvas->area("a{$s}x{$n}", "{$series->name}, area", $d, $paint->with(opacity: $paint->opacity * $chart->areaOpacity));
                }
                self::line($canvas, "i{$s}x{$n}", $series->name, $tops, $canvas->paint($s));
                foreach ($written ? $run : [] as ['point' => $i, 'top' => $top]) {
                    $value = (float) $series->values[$i];
                    $values[] = ["v{$s}{$points->ids[$i]}", $chart->valueLabels === ValueLabels::Share ? $canvas->percent($sum > 0 ? $value / $sum : 0.0) : $canvas->number($value), $top];
                }
            }
            self::dots($canvas, $points, $s, $runs);
        }
        $canvas->section('Values');
        $taken = [];
        // Words that would lie on others are left out; those of the first series come first.
        foreach (array_reverse($values) as [$key, $words, $top]) {
            [$width, $height] = [$canvas->measure($words), $canvas->lineHeight()];
            $box = new Box($top->x - $width / 2, $top->y - $height - $chart->dots / 2, $width, $height);
            if ($width <= $axes->band() && array_filter($taken, fn (Box $one): bool => $one->x < $box->right() && $box->x < $one->right() && $one->y < $box->bottom() && $box->y < $one->bottom()) === []) {
                $canvas->words($key, $words, $box->centre(), TextAlign::Center);
                $taken[] = $box;
            }
        }
        $axes->goals();
    }

    /** @param  list<Point>  $points */
    public static function line(Canvas $canvas, string $key, string $name, array $points, Fill $paint): void
    {
        $width = $canvas->chart->lineWidth;
        if ($width <= 0) {
            return;
        }
        count($points) === 1
            ? $canvas->dot($key, $name, $points[0], $width * self::ALONE, $paint)
            : $canvas->line($key, $name, Line::through($points, $canvas->chart->curve), $paint, $width);
    }

    /**
     * The points of a series that follow one another without one that is missing.
     *
     * @param  list<array{float, float}|null>  $spans
     * @return list<non-empty-list<array{point: int, top: Point, foot: Point}>>
     */
    private static function runs(Axes $axes, array $spans): array
    {
        $runs = $run = [];
        foreach ([...$spans, null] as $i => $span) {
            $top = $span === null ? null : $axes->scale->held($span[1]);
            if ($span !== null && $top !== null) {
                $foot = $span[0] === 0.0 ? $axes->scale->base() : $axes->scale->held($span[0]) ?? 0.0;
                $run[] = ['point' => $i, 'top' => $axes->place($axes->middle($i), $top), 'foot' => $axes->place($axes->middle($i), $foot)];
            } elseif ($run !== []) {
                $runs[] = $run;
                $run = [];
            }
        }

        return $runs;
    }

    /** @param  list<non-empty-list<array{point: int, top: Point, foot: Point}>>  $runs */
    private static function dots(Canvas $canvas, Points $points, int $series, array $runs): void
    {
        $width = $canvas->chart->dots;
        $all = array_merge([], ...$runs);
        if ($width <= 0) {
            return;
        }
        $drawn = '';
        foreach ($all as ['point' => $i, 'top' => $at]) {
            if (count($all) * count($points->series) > Axes::MANY) {
                // What has no length is as wide and as high as its stroke is.
                $drawn .= Line::through([$at, new Point($at->x + 0.01, $at->y)], Curve::Straight);
            } else {
                $canvas->dot("d{$series}{$points->ids[$i]}", trim("{$points->series[$series]->name} {$points->labels[$i]}"), $at, $width, $canvas->paint($series, $points->colours[$i]));
            }
        }
        $canvas->line("d{$series}", "{$points->series[$series]->name}, dots", $drawn, $canvas->paint($series), $width);
    }
}
