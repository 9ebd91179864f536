<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Listing;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class Rows implements Interactive, Listing
{
    public static function key(): string
    {
        return 'list';
    }

    public function name(): string
    {
        return 'List';
    }

    public function tags(): string
    {
        return 'rows entries feed table view';
    }

    public function size(): array
    {
        return [390, 192];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('Wheel 4', cells: ['Today, 18:00']), new Item('Trimming evening', cells: ['Wednesday, 19:00']), new Item('Two bowls to collect', cells: ['Shelf C'])]);
    }

    public function fields(): array
    {
        return [WidgetField::Items, WidgetField::Required];
    }

    public function head(Widget $content): float
    {
        return 0;
    }

    public function rows(Widget $content): float
    {
        return count($content->items);
    }

    public function row(): float
    {
        return 64;
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper);
        $each = $sketch->height / max(1, count($content->items));
        foreach ($content->items as $i => $item) {
            if ($each * ($i + 1) > $sketch->height + 1 || $each < 12) {
                break;
            }
            $sketch->item($i, $item->label, 0, $i * $each, $sketch->width, $each, function () use ($sketch, $item, $i, $each): void {
                $edge = $sketch->space(16);
                $left = $item->icon === '' ? $edge : 2 * $edge + 20;
                $sketch->icon($item->icon, $edge, $i * $each + ($each - 20) / 2, 20, Tone::Accent);
                Row::words($sketch, $item->label, $each < 40 ? '' : $item->cells[0] ?? '', $left, $i * $each, $sketch->width - $left - 18 - $edge - $sketch->space(10), $each);
                $sketch->icon($item->on ? 'check' : '', $sketch->width - 18 - $edge, $i * $each + ($each - 18) / 2, 18, Tone::Accent);
                $sketch->rule($edge, ($i + 1) * $each - 1, $sketch->width - $edge);
            });
        }
        $sketch->warn();
    }
}
