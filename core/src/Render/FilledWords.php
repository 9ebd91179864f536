<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Layer\Widget;

/** Fills the placeholders in words with what they show while nothing is played. */
interface FilledWords
{
    public function words(string $words): string;

    /** A widget with all of its words so. */
    public function widget(Widget $widget): Widget;
}
