<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer\Widget;

/** A kind whose entries lie below each other, so that more of them make it higher. */
interface Listing extends WidgetKind
{
    /** What stands above the entries whatever they are, px. */
    public function head(Widget $content): float;

    /** How many rows the entries take up. */
    public function rows(Widget $content): float;

    /** How high a row is as it is placed, px. */
    public function row(): float;
}
