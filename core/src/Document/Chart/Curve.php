<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** How a line goes from point to point: straight, in a curve that has no highs and lows but those of the points, or in steps halfway between them. */
enum Curve: string
{
    case Straight = 'straight';
    case Smooth = 'smooth';
    case Steps = 'steps';
}
