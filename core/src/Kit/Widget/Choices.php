<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Sketch;

/** Choices below each other, each with its mark. */
final class Choices
{
    /** The line of the label, px. */
    public static function head(Widget $content): float
    {
        return $content->label === '' ? 0.0 : 26.0;
    }

    /** @param  \Closure(float, float, bool): void  $mark  draws a mark of 20 px at a place, on or off */
    public static function draw(Sketch $sketch, Widget $content, \Closure $mark): void
    {
        $top = self::head($content);
        Field::heading($sketch, $content->label, $top);
        $each = ($sketch->height - $top) / max(1, count($content->items));
        foreach ($content->items as $i => $item) {
            if ($each < 14 && ($i + 1) * 22 > $sketch->height - $top) {
                break;
            }
            $height = max(22.0, $each);
            $y = $top + $i * $height;
            $sketch->item($i, $item->label, 0, $y, $sketch->width, $height, function () use ($sketch, $mark, $item, $y, $height): void {
                $mark(0, $y + ($height - 20) / 2, $item->on);
                $left = 20 + $sketch->space(10);
                $sketch->words($item->label, $left, $y, $sketch->width - $left, $height, 16);
            });
        }
        if ($top === 0.0) {
            $sketch->warn();
        }
    }
}
