<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** How several series stand at one point: beside each other, on top of each other, or so as shares of their sum. */
enum Together: string
{
    case Beside = 'beside';
    case Stacked = 'stacked';
    case Shares = 'shares';
}
