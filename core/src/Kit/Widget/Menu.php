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

final class Menu implements WidgetKind
{
    public static function key(): string
    {
        return 'menu';
    }

    public function name(): string
    {
        return 'Menu';
    }

    public function tags(): string
    {
        return 'pop-up context entries commands';
    }

    public function size(): array
    {
        return [220, 184];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('Rename', icon: 'pencil', key: 'F2'), new Item('Duplicate', icon: 'copy', key: 'Ctrl D'), new Item('', separator: true), new Item('Delete', icon: 'trash-2')]);
    }

    public function fields(): array
    {
        return [WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 10, Tone::Edge);
        $separators = count(array_filter($content->items, fn (Item $item): bool => $item->separator));
        $each = ($sketch->height - 16 - 9 * $separators) / max(1, count($content->items) - $separators);
        $top = 8.0;
        foreach ($content->items as $item) {
            if ($item->separator) {
                $sketch->rule(0, $top + 4, $sketch->width);
                $top += 9;

                continue;
            }
            if ($item->on) {
                $sketch->box(4, $top, $sketch->width - 8, $each, Tone::Tint, 6);
            }
            $sketch->icon($item->icon, 14, $top + ($each - 18) / 2, 18, Tone::Soft);
            $left = $item->icon === '' ? 14 : 42;
            $key = $item->key === '' ? 0 : $sketch->measure($item->key, 12) + 4;
            $sketch->words($item->label, $left, $top, $sketch->width - $left - $key - 18, $each, 14);
            $sketch->words($item->key, $sketch->width - $key - 14, $top, $key, $each, 12, 400, Tone::Soft, TextAlign::Right);
            $top += $each;
        }
    }
}
