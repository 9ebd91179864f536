<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;

/** How high choices below each other are (see `Listing`). */
trait ListsChoices
{
    public function head(Widget $content): float
    {
        return Choices::head($content);
    }

    public function rows(Widget $content): float
    {
        return count($content->items);
    }

    public function row(): float
    {
        return 36;
    }
}
