<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;

/** How far the points of the first series are along a scale that is bent to an arc, one arc inside the other; what is written of one alone stands in the middle. */
final class Gauge implements Plotted
{
    /** Length of a tick outside the arc, and the room between it and its label, px. */
    private const TICK = 5.0;

    private const APART = 4.0;

    /** Of the size of labels, that of the value in the middle at most; of the hole, how wide it is at most. */
    private const LARGE = 2.6;

    private const ROOM = 1.5;

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $series = $points->series[0] ?? null;
        $values = $series?->known() ?? [];
        $goals = array_filter([...$points->goals, $chart->goal], fn (?float $goal): bool => $goal !== null);
        $scale = Scale::of([...array_values($values), ...array_values($goals)], true, $chart->min, $chart->max, $chart->steps, $chart->logarithmic);
        $ticks = $chart->steps > 0 ? array_map(fn (float $tick): array => [$tick, $canvas->number($tick, $scale->decimals())], $scale->ticks) : [];
        // Where it ends is said, too.
        if ($ticks !== [] && $scale->max - $ticks[count($ticks) - 1][0] >= $scale->step / 2) {
            $ticks[] = [$scale->max, $canvas->number($scale->max)];
        }
        $labels = $chart->scaleLabels ? array_map(fn (array $tick): float => $canvas->measure($tick[1]), $ticks) : [];
        $across = ($chart->gridLines && $ticks !== [] ? self::TICK : 0.0) + ($labels === [] ? 0.0 : max($labels) + self::APART);
        $down = ($chart->gridLines && $ticks !== [] ? self::TICK : 0.0) + ($labels === [] ? 0.0 : $canvas->lineHeight() + self::APART / 2);
        $inner = new Box($room->x + min($across, $room->width / 3), $room->y + min($down, $room->height / 3), $room->width - 2 * min($across, $room->width / 3), $room->height - 2 * min($down, $room->height / 3));
        $turns = Turns::of($chart, $inner, count($values));
        $angle = fn (float $share): float => $chart->startAngle + $share * $chart->sweep;
        foreach (array_keys($values) as $ring => $i) {
            $value = $values[$i];
            $canvas->section(trim("{$series?->name} {$points->labels[$i]}"));
            [$hole, $outer] = $turns->radii($ring);
            $rounding = min($chart->rounding, ($outer - $hole) / 2);
            $canvas->area("t{$points->ids[$i]}", 'Track', $turns->piece($ring, $angle(0), $angle(1)), Fill::solid($chart->grid), $rounding);
            [$from, $to] = [$scale->base(), $scale->held($value) ?? 0.0];
            $canvas->area("r{$points->ids[$i]}", trim("{$series?->name} {$points->labels[$i]}"), abs($to - $from) < 1e-6 ? '' : $turns->piece($ring, $angle(min($from, $to)), $angle(max($from, $to))), $canvas->paint($ring, $points->colours[$i]), $rounding);
            $goal = $points->goals[$i] ?? $chart->goal;
            $at = $goal === null ? null : $scale->share($goal);
            if ($at !== null && $at >= 0 && $at <= 1) {
                [$low, $high] = [$turns->place($angle($at), max(0.0, $hole - 2)), $turns->place($angle($at), $outer + 2)];
                $canvas->mark("g{$points->ids[$i]}", 'Goal', "M{$low->x} {$low->y}L{$high->x} {$high->y}", 2.0);
            }
        }
        $this->ticks($canvas, $turns, $scale, $ticks, $angle);
        if (count($values) === 1) {
            $this->middle($canvas, $points, $turns, array_key_first($values), reset($values), $scale);
        }
    }

    /**
     * @param  list<array{float, string}>  $ticks
     * @param  \Closure(float): float  $angle
     */
    private function ticks(Canvas $canvas, Turns $turns, Scale $scale, array $ticks, \Closure $angle): void
    {
        $chart = $canvas->chart;
        $canvas->section('Scale');
        $outer = $turns->radii(0)[1];
        foreach ($ticks as $n => [$tick, $words]) {
            $share = $scale->share($tick);
            // All round, the end of the scale lies on its beginning.
            if ($share === null || $share < -1e-9 || $share > 1 + 1e-9 || ($chart->sweep >= 360 && $share > 1 - 1e-9)) {
                continue;
            }
            $length = $chart->gridLines ? self::TICK : 0.0;
            if ($chart->gridLines) {
                [$from, $to] = [$turns->place($angle($share), $outer + 2), $turns->place($angle($share), $outer + $length)];
                $canvas->line("s{$n}", "Tick at {$words}", "M{$from->x} {$from->y}L{$to->x} {$to->y}", Fill::solid($chart->ink), 1.0);
            }
            if ($chart->scaleLabels) {
                $turn = deg2rad($angle($share));
                $reach = $outer + $length + self::APART + abs(sin($turn)) * $canvas->measure($words) / 2 + abs(cos($turn)) * $canvas->lineHeight() / 2 - 1;
                $canvas->words("l{$n}", $words, $turns->place($angle($share), $reach), TextAlign::Center);
            }
        }
    }

    /** The one value in large figures, with what it is called below it. */
    private function middle(Canvas $canvas, Points $points, Turns $turns, int $point, float $value, Scale $scale): void
    {
        $chart = $canvas->chart;
        $canvas->section('Value');
        $goal = $points->goals[$point] ?? $chart->goal;
        $words = match ($chart->valueLabels) {
            ValueLabels::None => '',
            ValueLabels::Value => $canvas->number($value),
            ValueLabels::Share => $canvas->percent($goal !== null && $goal !== 0.0 ? $value / $goal : $scale->share($value) ?? 0.0),
        };
        $label = $chart->pointLabels ? $points->labels[$point] : '';
        $hole = $turns->hole();
        $plain = max(1.0, $canvas->measure($words, weight: 600));
        $large = max(0.5, min(self::LARGE, $hole * self::ROOM / $plain));
        $height = $words === '' ? 0.0 : $canvas->lineHeight() * $large;
        // Together they stand in the middle.
        $top = $turns->middle->y - ($height + ($label === '' ? 0.0 : $canvas->lineHeight())) / 2;
        $canvas->words('value', $words, new Point($turns->middle->x, $top + $height / 2), TextAlign::Center, $large, weight: 600);
        $canvas->words('label', $label, new Point($turns->middle->x, $top + $height + $canvas->lineHeight() / 2), TextAlign::Center, room: max(1.0, $hole * self::ROOM));
    }
}
