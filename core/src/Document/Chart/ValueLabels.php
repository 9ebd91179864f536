<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** What is written at points: nothing, how much each is, or what share that is of all of its series, or of what is aimed at. */
enum ValueLabels: string
{
    case None = 'none';
    case Value = 'value';
    case Share = 'share';
}
