<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Document\Chart\ValueLabels;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Type\TextAlign;

/**
 * The points of a series as shares of a ring, or of a disc where it has no hole; of each further series as a ring inside that.
 * What is less than nothing has no share.
 *
 * @phpstan-type Piece array{ring: int, point: int, from: float, to: float, apart: float, words: string}
 */
final class Ring implements Plotted
{
    private const DARK = '#1e2223';

    private const LIGHT = '#ffffff';

    /** Between a ring and the words around it, px. */
    private const APART = 6.0;

    public function draw(Canvas $canvas, Points $points, Box $room): void
    {
        $chart = $canvas->chart;
        $turns = Turns::of($chart, $room, count($points->series));
        $pieces = $this->pieces($canvas, $points);
        // Where not all words of the outermost ring have room in it, they stand around it.
        $outermost = array_filter($pieces, fn (array $piece): bool => $piece['ring'] === 0 && $piece['words'] !== '');
        $around = array_filter($outermost, fn (array $piece): bool => ! $this->fits($canvas, $turns, $piece)) !== [];
        if ($around) {
            $across = min($room->width / 3, max(0.0, ...array_map(fn (array $piece): float => $canvas->measure($piece['words']), array_values($outermost))) + self::APART);
            $down = min($room->height / 3, $canvas->lineHeight() + self::APART / 2);
            $turns = Turns::of($chart, new Box($room->x + $across, $room->y + $down, $room->width - 2 * $across, $room->height - 2 * $down), count($points->series));
        }
        /** @var list<Box> $taken */
        $taken = [];
        foreach ($pieces as $piece) {
            ['ring' => $ring, 'point' => $i, 'from' => $from, 'to' => $to, 'words' => $words, 'apart' => $apart] = $piece;
            $canvas->section($points->series[$ring]->name);
            $paint = $canvas->paint($i, $points->colours[$i]);
            [$inner, $outer] = $turns->radii($ring);
            $canvas->area("r{$ring}{$points->ids[$i]}", trim("{$points->series[$ring]->name} {$points->labels[$i]}"), $turns->piece($ring, $from, $to, $apart), $paint, min($chart->rounding, ($outer - $inner) / 2));
            if ($words === '') {
                continue;
            }
            if ($ring === 0 && $around) {
                [$at, $align] = $this->beside($canvas, $turns, $piece);
                $width = $canvas->measure($words);
                $box = new Box($at->x - $width * $align->share(), $at->y - $canvas->lineHeight() / 2, $width, $canvas->lineHeight());
                // Of words that would lie on each other the first are shown.
                if (array_filter($taken, $box->overlaps(...)) === []) {
                    $taken[] = $box;
                    $canvas->words("v{$ring}{$points->ids[$i]}", $words, $at, $align);
                }
            } elseif ($this->fits($canvas, $turns, $piece)) {
                $canvas->words("v{$ring}{$points->ids[$i]}", $words, $turns->place(($from + $to) / 2, $this->middle($turns, $ring)), TextAlign::Center, colour: self::over($paint->colour()));
            }
        }
    }

    /** @return list<Piece> */
    private function pieces(Canvas $canvas, Points $points): array
    {
        $chart = $canvas->chart;
        $pieces = [];
        foreach ($points->series as $ring => $series) {
            $sum = $series->sum();
            $angle = $chart->startAngle;
            $shares = array_filter($series->values, fn (?float $value): bool => $value !== null && $value > 0);
            foreach ($shares as $i => $value) {
                $next = $angle + $value / $sum * $chart->sweep;
                $pieces[] = ['ring' => $ring, 'point' => $i, 'from' => $angle, 'to' => $next, 'apart' => count($shares) > 1 ? $chart->spacing : 0.0, 'words' => match ($chart->valueLabels) {
                    ValueLabels::None => '',
                    ValueLabels::Value => $canvas->number($value),
                    ValueLabels::Share => $canvas->percent($value / $sum),
                }];
                $angle = $next;
            }
        }

        return $pieces;
    }

    /** How far from the middle the words of a ring stand in it, px. */
    private function middle(Turns $turns, int $ring): float
    {
        [$inner, $outer] = $turns->radii($ring);

        return $inner > 0 ? ($inner + $outer) / 2 : $outer * 0.62;
    }

    /** @param  Piece  $piece */
    private function fits(Canvas $canvas, Turns $turns, array $piece): bool
    {
        [$inner, $outer] = $turns->radii($piece['ring']);
        $width = $canvas->measure($piece['words']);
        $free = [$inner > 0 ? $outer - $inner : $outer * 0.7, $this->middle($turns, $piece['ring']) * deg2rad(min(180.0, $piece['to'] - $piece['from']))];

        return $width <= max($free) && $canvas->lineHeight() <= min($free) && $width <= ($inner > 0 ? $free[0] : INF) + 2;
    }

    /**
     * Where words stand around the outermost ring: beside the middle of their piece, turned away from the ring.
     *
     * @param  Piece  $piece
     * @return array{Point, TextAlign}
     */
    private function beside(Canvas $canvas, Turns $turns, array $piece): array
    {
        $angle = ($piece['from'] + $piece['to']) / 2;
        $at = $turns->place($angle, $turns->radii(0)[1] + self::APART);
        [$right, $down] = [sin(deg2rad($angle)), -cos(deg2rad($angle))];

        return [
            new Point($at->x, $at->y + $down * $canvas->lineHeight() / 2),
            abs($right) < 0.25 ? TextAlign::Center : ($right > 0 ? TextAlign::Left : TextAlign::Right),
        ];
    }

    /** The one of dark and light that stands out more from a colour. */
    private static function over(Colour $colour): Colour
    {
        [$dark, $light] = [Colour::parse(self::DARK), Colour::parse(self::LIGHT)];

        return $colour->contrastRatio($dark) >= $colour->contrastRatio($light) ? $dark : $light;
    }
}
