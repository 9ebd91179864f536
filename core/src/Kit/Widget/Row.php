<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Widget\Item;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Type\TextAlign;

/** Rows of words and of buttons. */
final class Row
{
    /** A label with a smaller line below it. */
    public static function words(Sketch $sketch, string $label, string $text, float $x, float $y, float $width, float $height): void
    {
        if ($text === '' || $height < 40) {
            $sketch->words($label, $x, $y, $width, $height, 16, 500);

            return;
        }
        $sketch->words($label, $x, $y + $height / 2 - 22, $width, 22, 16, 500);
        $sketch->words($text, $x, $y + $height / 2 + 1, $width, 18, 13, 400, Tone::Soft);
    }

    /** @param  list<Item>  $items  what is on is the main one */
    public static function buttons(Sketch $sketch, array $items, float $x, float $y, float $width, float $height): void
    {
        $gap = $sketch->space(10);
        $each = ($width - $gap * max(0, count($items) - 1)) / max(1, count($items));
        foreach ($items as $i => $item) {
            $left = $x + $i * ($each + $gap);
            $sketch->box($left, $y, $each, $height, $item->on ? Tone::Accent : Tone::Paper, 9, $item->on ? null : Tone::Edge);
            $sketch->words($item->label, $left + 6, $y, $each - 12, $height, 15, 600, $item->on ? Tone::OnAccent : Tone::Ink, TextAlign::Center);
        }
    }
}
