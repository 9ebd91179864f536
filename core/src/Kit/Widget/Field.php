<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;

/** What fields for text have in common: the label above, the frame, the text or the hint in it. */
final class Field
{
    /** Draws the label; returns where the frame begins, px from the top. */
    public static function label(Sketch $sketch, Widget $content): float
    {
        $height = $content->label === '' ? 0.0 : min(24.0, $sketch->height * 0.34);
        $sketch->words($content->label, 0, 0, $sketch->width, $height - 4, 13, 500, Tone::Soft);

        return $height;
    }

    public static function frame(Sketch $sketch, float $top, float $height): void
    {
        $sketch->box(0, $top, $sketch->width, $height, Tone::Paper, 8, Tone::Edge);
    }

    public static function text(Sketch $sketch, Widget $content, float $x, float $y, float $width, float $height): void
    {
        $empty = $content->text === '';
        $sketch->words($empty ? $content->hint : $content->text, $x, $y, $width, $height, 15, 400, $empty ? Tone::Soft : Tone::Ink);
    }
}
