<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** What a layer keeps along an axis on which it holds to neither edge of its parent. */
enum Unpinned: string
{
    case Middle = 'middle';
    case Proportion = 'proportion';
}
