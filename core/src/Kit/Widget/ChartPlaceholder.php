<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

/** Bars by the first cell beside each label, read as a number. */
final class ChartPlaceholder implements WidgetKind
{
    public static function key(): string
    {
        return 'chart-placeholder';
    }

    public function name(): string
    {
        return 'Chart placeholder';
    }

    public function tags(): string
    {
        return 'graph bars statistics';
    }

    public function size(): array
    {
        return [342, 200];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Pieces a month', items: [new Item('Jan', cells: ['12']), new Item('Feb', cells: ['19']), new Item('Mar', cells: ['8']), new Item('Apr', cells: ['23']), new Item('May', cells: ['16'])]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->words($content->label, 0, 0, $sketch->width, min(24, $sketch->height / 4), 14, 600);
        $top = $content->label === '' ? 0 : min(32, $sketch->height / 3);
        $foot = $sketch->height - 20;
        $values = array_map(fn (Item $item): float => (float) ($item->cells[0] ?? 0), $content->items);
        $max = max(1.0, ...$values);
        $each = $sketch->width / max(1, count($values));
        foreach ($content->items as $i => $item) {
            $height = max(0, $foot - $top) * max(0, $values[$i]) / $max;
            $sketch->box($i * $each + $each * 0.18, $foot - $height, $each * 0.64, $height, $item->on ? Tone::Accent : Tone::Edge, 3);
            $sketch->words($item->label, $i * $each, $foot + 2, $each, 18, 11, 400, Tone::Soft, TextAlign::Center);
        }
        $sketch->rule(0, $foot, $sketch->width, false, Tone::Soft);
    }
}
