<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Layer\Chart;
use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

/**
 * Rings about one middle, one inside the other: as large as fits, where only a part of a turn is swept that part alone. Angles are in degrees,
 * clockwise from the top.
 */
final readonly class Turns
{
    private function __construct(public Point $middle, private float $radius, private float $width, private int $many, private float $gap)
    {
    }

    /** @param  int  $many  rings */
    public static function of(Chart $chart, Box $room, int $many): self
    {
        // What is swept of a circle of radius 1 about 0, 0, with its middle in it.
        $left = $right = $top = $bottom = 0.0;
        foreach ([$chart->startAngle, $chart->startAngle + $chart->sweep, ...array_map(fn (int $quarter): float => $quarter * 90.0, range(-8, 8))] as $angle) {
            if ($angle >= $chart->startAngle - 1e-9 && $angle <= $chart->startAngle + $chart->sweep + 1e-9) {
                [$x, $y] = [sin(deg2rad($angle)), -cos(deg2rad($angle))];
                [$left, $right, $top, $bottom] = [min($left, $x), max($right, $x), min($top, $y), max($bottom, $y)];
            }
        }
        $radius = max(1.0, min($room->width / ($right - $left), $room->height / ($bottom - $top)));
        $middle = new Point($room->x + $room->width / 2 - $radius * ($left + $right) / 2, $room->y + $room->height / 2 - $radius * ($top + $bottom) / 2);
        $many = max(1, $many);

        // A ring and the gap below it, which the innermost one has not.
        return new self($middle, $radius, $radius * (1 - $chart->hole) / ($many > 1 ? $many - $chart->gap : 1), $many, $many > 1 ? $chart->gap : 0.0);
    }

    /** @return array{float, float} the inner and the outer radius of a ring, the outermost first, px */
    public function radii(int $ring): array
    {
        $outer = $this->radius - $ring * $this->width;

        return [max(0.0, $outer - $this->width * (1 - $this->gap)), $outer];
    }

    public function hole(): float
    {
        return $this->radii($this->many - 1)[0];
    }

    public function place(float $angle, float $radius): Point
    {
        return new Point($this->middle->x + $radius * sin(deg2rad($angle)), $this->middle->y - $radius * cos(deg2rad($angle)));
    }

    /**
     * A piece of a ring as path data, empty where nothing is left of it. Pieces beside each other are so far apart along all of their edges.
     *
     * @param  float  $apart  px
     */
    public function piece(int $ring, float $from, float $to, float $apart = 0.0): string
    {
        [$inner, $outer] = $this->radii($ring);
        if ($to - $from >= 360 - 1e-9 && $apart <= 0) {
            $hole = $inner > 0 ? Outline::arc($this->middle, $inner, $inner, $from, -360).'Z' : '';

            return PathData::parse(Outline::arc($this->middle, $outer, $outer, $from, 360)."Z{$hole}")->text();
        }
        $half = $apart / 2;
        $pad = fn (float $radius): float => $radius > $half ? rad2deg(asin($half / $radius)) : 90.0;
        [$start, $end] = [$from + $pad($outer), $to - $pad($outer)];
        if ($end - $start <= 0.01) {
            return '';
        }
        $arc = Outline::arc($this->middle, $outer, $outer, $start, $end - $start);
        [$back, $first] = [$to - $pad($inner), $from + $pad($inner)];
        if ($inner > 0 && $back - $first > 0.01) {
            return PathData::parse($arc.'L'.substr(Outline::arc($this->middle, $inner, $inner, $back, $first - $back), 1).'Z')->text();
        }
        // Its edges meet before they come to the hole, or in the middle.
        $turn = deg2rad(($to - $from) / 2);
        $tip = $this->place(($from + $to) / 2, $half <= 0 ? $inner : min($outer, max($inner, $half / max(0.001, sin(min($turn, M_PI / 2))))));

        return PathData::parse("{$arc}L{$tip->x} {$tip->y}Z")->text();
    }
}
