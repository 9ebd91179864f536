<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\Series;
use Kindred\Document\Chart\Together;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\TextAlign;

/**
 * The two axes of bars, lines and areas: points along one, the scale along the other, their labels and lines.
 *
 * Places along the axes are given as `along`, in px from where the first point begins, and as a share of the scale.
 */
final readonly class Axes
{
    /** Between labels and what they are of, px. */
    private const APART = 8.0;

    /** Of the room at most for labels beside it. */
    private const MAX = 0.4;

    /** A line at nought, between that of the grid and that of the words. */
    private const BASE = 0.55;

    private const GOAL_DASH = [5.0, 4.0];

    /** Places where nothing of a series is drawn any more one by one. */
    public const MANY = 400;

    /** @param  list<array{float, string}>  $ticks  with what is written at them */
    private function __construct(private Canvas $canvas, public Points $points, public Scale $scale, private array $ticks, public Box $plot, private bool $across, private bool $edges, private Together $together)
    {
    }

    /**
     * @param  list<float>  $values  that the scale is for
     * @param  bool  $edges  whether the first and the last point lie at the edges, and not each in the middle of its own room
     * @param  Together  $together  of shares, which the values are of one, the ends of the scale and goals are said in percent
     */
    public static function of(Canvas $canvas, Points $points, array $values, Box $room, bool $across, bool $edges, Together $together): self
    {
        $chart = $canvas->chart;
        $inPercent = $together === Together::Shares;
        $goals = array_filter([...$points->goals, $chart->goal], fn (?float $goal): bool => $goal !== null);
        $scale = $inPercent
            ? Scale::of([0.0, 1.0], true, $chart->min === null ? 0.0 : $chart->min / 100, $chart->max === null ? 1.0 : max($chart->max / 100, ($chart->min ?? 0) / 100 + 0.001), max(1, $chart->steps))
            : Scale::of([...$values, ...($values === [] ? [] : array_values($goals))], $chart->form->isFromNought(), $chart->min, $chart->max, $chart->steps, $chart->logarithmic);
        $line = $canvas->lineHeight();
        $beside = 0.0;
        $ticks = $chart->steps > 0 ? array_map(fn (float $tick): array => [$tick, self::tick($canvas, $scale, $tick, $inPercent)], $scale->ticks) : [];
        $labels = match (true) {
            $across => $chart->pointLabels ? $points->labels : [],
            default => $chart->scaleLabels ? array_column($ticks, 1) : [],
        };
        foreach ($labels as $label) {
            $beside = max($beside, $canvas->measure(mb_substr($label, 0, 60)));
        }
        $beside = $beside > 0 ? min($beside, $room->width * self::MAX) + self::APART : 0.0;
        $below = ($across ? $chart->scaleLabels && $chart->steps > 0 : $chart->pointLabels && $points->isLabelled()) ? $line + self::APART / 2 : 0.0;
        $shown = $chart->valueLabels !== ValueLabels::None;
        $above = $shown && ! $across ? $line : ($chart->scaleLabels && ! $across && $chart->steps > 0 ? $line / 2 : 0.0);
        $after = match (true) {
            $shown && $across => max(0.0, ...array_map(fn (float $value): float => $canvas->measure($canvas->number($value)), [0.0, ...($values === [] ? [] : [min($values), max($values)])])) + self::APART / 2,
            $across && $below > 0 && $ticks !== [] => $canvas->measure($ticks[count($ticks) - 1][1]) / 2,
            default => 0.0,
        };
        $half = $edges ? max($chart->lineWidth, $chart->dots) / 2 : 0.0;
        $plot = new Box($room->x + $beside + $half, $room->y + max($above, $half), max(1.0, $room->width - $beside - $after - 2 * $half), max(1.0, $room->height - $below - max($above, $half)));
        $axes = new self($canvas, $points, $scale, $ticks, $plot, $across, $edges, $together);
        $axes->grid();
        $axes->labels();

        return $axes;
    }

    /** How much room each point has along its axis, px. */
    public function band(): float
    {
        $length = $this->across ? $this->plot->height : $this->plot->width;

        return $this->edges ? $length / max(1, $this->points->count() - 1) : $length / max(1, $this->points->count());
    }

    /** Where the middle of a point lies along its axis, px. */
    public function middle(int $point): float
    {
        return match (true) {
            ! $this->edges => $this->band() * ($point + 0.5),
            $this->points->count() === 1 => ($this->across ? $this->plot->height : $this->plot->width) / 2,
            default => $this->band() * $point,
        };
    }

    /** Where a place lies, px from the corner of the chart. */
    public function place(float $along, float $share): Point
    {
        return $this->across
            ? new Point($this->plot->x + $share * $this->plot->width, $this->plot->y + $along)
            : new Point($this->plot->x + $along, $this->plot->bottom() - $share * $this->plot->height);
    }

    /** What lies between two shares of the scale, so wide along the axis of the points. */
    public function between(float $along, float $width, float $from, float $to): Box
    {
        [$one, $other] = [$this->place($along, $from), $this->place($along + $width, $to)];

        return new Box(min($one->x, $other->x), min($one->y, $other->y), abs($one->x - $other->x), abs($one->y - $other->y));
    }

    /** What is aimed at: at each point where a column says it, otherwise all along. */
    public function goals(): void
    {
        $this->canvas->section('Goal');
        $drawn = '';
        $end = $this->across ? $this->plot->height : $this->plot->width;
        foreach ($this->points->goals as $i => $goal) {
            $share = $this->aimed($goal);
            if ($share !== null) {
                $half = $this->edges ? 6.0 : $this->band() / 2;
                $drawn .= self::rule($this->place(max(0.0, $this->middle($i) - $half), $share), $this->place(min($end, $this->middle($i) + $half), $share));
            }
        }
        $this->canvas->mark('goals', 'Goals', $drawn, 1.5);
        $goal = $drawn === '' ? $this->canvas->chart->goal : null;
        $share = $this->aimed($goal);
        if ($goal === null || $share === null) {
            return;
        }
        $this->canvas->mark('goal', 'Goal', self::rule($this->place(0, $share), $this->place($end, $share)), 1.5, self::GOAL_DASH);
        $line = $this->canvas->lineHeight();
        $words = 'Goal '.($this->together === Together::Shares ? $this->canvas->percent($goal / 100) : $this->canvas->number($goal));
        // At the end where less is drawn; where there is no room above the line, its words stand below it.
        $left = $this->together !== Together::Shares && $this->reached($this->points->count() - 1) > $goal && $this->reached(0) < $goal;
        $at = $this->place($left ? 0 : $end, $share);
        $y = $at->y - $line / 2 - 2 < $line / 2 ? $at->y + $line / 2 + 2 : $at->y - $line / 2 - 2;
        $this->across
            ? $this->canvas->words('goalwords', $words, new Point($at->x + 4, $this->plot->y + $line / 2), weight: 600)
            : $this->canvas->words('goalwords', $words, new Point($at->x + ($left ? 2 : 0), $y), $left ? TextAlign::Left : TextAlign::Right, weight: 600);
    }

    /** Where on the scale a goal lies; null where it lies beyond its ends. */
    private function aimed(?float $goal): ?float
    {
        $share = $goal === null ? null : $this->scale->share($this->together === Together::Shares ? $goal / 100 : $goal);

        return $share !== null && $share >= 0 && $share <= 1 ? $share : null;
    }

    /** How far what is drawn at a point reaches up. */
    private function reached(int $point): float
    {
        $values = array_map(fn (Series $one): float => $one->values[$point] ?? 0.0, $this->points->series);

        return $values === [] ? 0.0 : ($this->together === Together::Beside ? max($values) : array_sum($values));
    }

    /** A value written at the end of what shows it. */
    public function value(string $key, string $words, float $along, float $share, bool $below = false): void
    {
        $at = $this->place($along, $share);
        $line = $this->canvas->lineHeight();
        $this->across
            ? $this->canvas->words($key, $words, new Point($at->x + ($below ? -self::APART : self::APART) / 2, $at->y), $below ? TextAlign::Right : TextAlign::Left)
            : $this->canvas->words($key, $words, new Point($at->x, $at->y + ($below ? $line : -$line) / 2), TextAlign::Center);
    }

    private function grid(): void
    {
        $chart = $this->canvas->chart;
        $this->canvas->section('Scale');
        // As many labels as have room beside each other.
        $widest = max([1.0, ...array_map(fn (array $tick): float => $this->canvas->measure($tick[1]) + self::APART, $this->across ? $this->ticks : [])]);
        $room = ($this->across ? $widest / $this->plot->width : $this->canvas->lineHeight() / $this->plot->height) * max(0, count($this->ticks) - 1);
        $every = max(1, (int) ceil($room - 0.001));
        foreach ($this->ticks as $i => [$tick, $words]) {
            $share = $this->scale->share($tick);
            if ($share === null || $share < -1e-9 || $share > 1 + 1e-9) {
                continue;
            }
            $from = $this->place(0, $share);
            if ($chart->gridLines) {
                $this->canvas->rule("g{$i}", "Line at {$words}", $this->across ? new Point($from->x, $this->plot->y) : $from, $this->across ? $this->plot->height : $this->plot->width, $this->across, $chart->grid);
            }
            if ($chart->scaleLabels && $i % $every === 0) {
                $this->across
                    ? $this->canvas->words("s{$i}", $words, new Point($from->x, $this->plot->bottom() + self::APART / 2 + $this->canvas->lineHeight() / 2), TextAlign::Center)
                    : $this->canvas->words("s{$i}", $words, new Point($this->plot->x - self::APART, $from->y), TextAlign::Right);
            }
        }
        if ($chart->gridLines) {
            $at = $this->place(0, $this->scale->base());
            $this->canvas->rule('base', 'Axis', $this->across ? new Point($at->x, $this->plot->y) : $at, $this->across ? $this->plot->height : $this->plot->width, $this->across, $chart->ink->withAlpha($chart->ink->alpha * self::BASE));
        }
    }

    /** What points are called: as many as have room beside each other. */
    private function labels(): void
    {
        if (! $this->canvas->chart->pointLabels) {
            return;
        }
        $this->canvas->section('Labels');
        $line = $this->canvas->lineHeight();
        $room = $this->across ? null : max($this->band() * 2, $this->plot->width * self::MAX);
        $widest = $line;
        foreach ($this->across ? [] : $this->points->labels as $label) {
            $widest = max($widest, min((float) $room, $this->canvas->measure($label) + self::APART));
        }
        $every = max(1, (int) ceil($widest / max(0.001, $this->band()) - 0.001));
        foreach ($this->points->labels as $i => $label) {
            if ($i % $every !== 0) {
                continue;
            }
            $at = $this->place($this->middle($i), 0);
            $this->across
                ? $this->canvas->words("l{$this->points->ids[$i]}", $label, new Point($this->plot->x - self::APART, $at->y), TextAlign::Right, room: max(1.0, $this->plot->x - self::APART))
                : $this->canvas->words("l{$this->points->ids[$i]}", $label, new Point($at->x, $this->plot->bottom() + self::APART / 2 + $line / 2), TextAlign::Center, room: $room === null ? null : max(1.0, $room - self::APART / 2));
        }
    }

    private static function tick(Canvas $canvas, Scale $scale, float $tick, bool $inPercent): string
    {
        return $inPercent ? $canvas->percent($tick) : $canvas->number($tick, $scale->logarithmic ? max(0, -(int) floor(log10($tick) + 1e-9)) : $scale->decimals());
    }

    private static function rule(Point $from, Point $to): string
    {
        return "M{$from->x} {$from->y}L{$to->x} {$to->y}";
    }
}
