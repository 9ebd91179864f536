<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Type\TextAlign;

/** The points of a series as shares of a ring, or of a disc where it has no hole; of each further series as a ring inside that. What is less than nothing has no share. */
final class Ring implements Plotted
{
    private const DARK = '#1e2223';

    private const LIGHT = '#ffffff';

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $turns = Turns::of($chart, $room, count($points->series));
        foreach ($points->series as $ring => $series) {
            $canvas->section($series->name);
            $sum = $series->sum();
            $angle = $chart->startAngle;
            $shares = array_filter($series->values, fn (?float $value): bool => $value !== null && $value > 0);
            $apart = count($shares) > 1 || $chart->sweep < 360 ? $chart->spacing : 0.0;
            [$inner, $outer] = $turns->radii($ring);
            foreach ($shares as $i => $value) {
                $next = $angle + $value / $sum * $chart->sweep;
                $paint = $canvas->paint($i, $points->colours[$i]);
                $canvas->area("r{$ring}{$points->ids[$i]}", trim("{$series->name} {$points->labels[$i]}"), $turns->piece($ring, $angle, $next, count($shares) > 1 ? $apart : 0.0), $paint, min($chart->rounding, ($outer - $inner) / 2));
                $words = match ($chart->valueLabels) {
                    ValueLabels::None => '',
                    ValueLabels::Value => $canvas->number($value),
                    ValueLabels::Share => $canvas->percent($value / $sum),
                };
                // Words stand where there is room for them.
                $middle = $inner > 0 ? ($inner + $outer) / 2 : $outer * 0.62;
                $free = [$inner > 0 ? $outer - $inner : $outer * 0.7, $middle * deg2rad(min(180.0, $next - $angle))];
                if ($words !== '' && $canvas->measure($words) <= max($free) && $canvas->lineHeight() <= min($free) && $canvas->measure($words) <= ($inner > 0 ? $free[0] : INF) + 2) {
                    $canvas->words("v{$ring}{$points->ids[$i]}", $words, $turns->place(($angle + $next) / 2, $middle), TextAlign::Center, colour: self::over($paint->colour()));
                }
                $angle = $next;
            }
        }
    }

    /** The one of dark and light that stands out more from a colour. */
    private static function over(Colour $colour): Colour
    {
        [$dark, $light] = [Colour::parse(self::DARK), Colour::parse(self::LIGHT)];

        return $colour->contrastRatio($dark) >= $colour->contrastRatio($light) ? $dark : $light;
    }
}
