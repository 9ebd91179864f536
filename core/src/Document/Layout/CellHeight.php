<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

/** How high the rows of an array are: each as its tallest cell (`grid-auto-rows: auto`), or all as the tallest of all (`1fr`). */
enum CellHeight: string
{
    case Content = 'content';
    case Equal = 'equal';
}
