<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer\Widget;

/** A widget that shows one of so many pages, by its value from 1 to its maximum, and lets them be chosen. */
interface Paged extends Interactive
{
    /** The same with its pages as entries, of which the one is on that its value says. */
    public function paged(Widget $content): Widget;
}
