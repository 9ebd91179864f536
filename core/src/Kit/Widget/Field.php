<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Live;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Type\TextAlign;

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

    /** A label in one line; a long one is cut where an error message stands beside it. */
    public static function heading(Sketch $sketch, string $label, float $height): void
    {
        $wrong = $sketch->wrong() && $height > 0;
        $room = $wrong ? min($sketch->measure($label, 13, 500), $sketch->width * 0.4) : $sketch->width;
        $sketch->words($label, 0, 0, $room, $height, 13, 500, Tone::Soft);
        if ($wrong) {
            $sketch->live(Live::Message, fn () => $sketch->words('', $room + 8, 0, $sketch->width - $room - 8, $height, 13, 600, Tone::Warning, TextAlign::Right));
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
