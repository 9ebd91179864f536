<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** Where it is said which colour is what. */
enum Legend: string
{
    case None = 'none';
    case Top = 'top';
    case Bottom = 'bottom';
    case Right = 'right';
}
