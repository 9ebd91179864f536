<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Live;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;

/** What fields for text have in common: the label above, the frame, the text or the hint in it. */
final class Field
{
    /** Draws the label; returns where the frame begins, px from the top. */
    public static function label(Sketch $sketch, Widget $content): float
    {
        $height = $content->label === '' ? 0.0 : min(24.0, $sketch->height * 0.34);
        self::heading($sketch, $content->label, $height - 4);

        return $height;
    }

    /** A label in a line; what is wrong with the value stands in its place. */
    public static function heading(Sketch $sketch, string $label, float $height): void
    {
        if ($sketch->wrong() && $height > 0) {
            $sketch->live(Live::Message, fn () => $sketch->words('', 0, 0, $sketch->width, $height, 13, 600, Tone::Warning));
        } else {
            $sketch->words($label, 0, 0, $sketch->width, $height, 13, 500, Tone::Soft);
        }
    }

    public static function frame(Sketch $sketch, float $top, float $height): void
    {
        $sketch->box(0, $top, $sketch->width, $height, Tone::Paper, 8, $sketch->wrong() ? Tone::Warning : Tone::Edge, $sketch->wrong() ? 2 : 1);
    }

    public static function text(Sketch $sketch, Widget $content, float $x, float $y, float $width, float $height): void
    {
        $empty = $content->text === '';
        $sketch->live(Live::Entry, fn () => $sketch->words($empty ? $content->hint : $content->text, $x, $y, $width, $height, 15, 400, $empty ? Tone::Soft : Tone::Ink));
    }
}
