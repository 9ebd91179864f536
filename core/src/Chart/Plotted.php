<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Chart\Points;
use Kindred\Geometry\Box;

/** One form of charts. A new one is a case of `ChartForm`, a class that is this, and a line in `Plotter`. */
interface Plotted
{
    /** @param  Box  $room  what the legend has left of the chart */
    public function draw(Canvas $canvas, Points $points, Box $room): void;
}
