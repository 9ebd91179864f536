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

/** Items are its rows: a label, then the cells beside it. A row that is on is chosen. */
final class Table implements Interactive, Listing
{
    public static function key(): string
    {
        return 'table';
    }

    public function name(): string
    {
        return 'Table';
    }

    public function tags(): string
    {
        return 'grid data rows columns spreadsheet';
    }

    public function size(): array
    {
        return [390, 200];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), columns: ['Firing', 'Opens', 'Room'], items: [new Item('Bisque', cells: ['Thursday', '12 pieces'], on: true), new Item('Glaze', cells: ['Saturday', '4 pieces']), new Item('Salt', cells: ['Monday', 'full'])]);
    }

    public function fields(): array
    {
        return [WidgetField::Columns, WidgetField::Items, WidgetField::Required];
    }

    public function head(Widget $content): float
    {
        return 0;
    }

    public function rows(Widget $content): float
    {
        return count($content->items) + ($content->columns === [] ? 0 : 1);
    }

    public function row(): float
    {
        return 50;
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $count = max(1, count($content->columns), ...array_map(fn (Item $item): int => 1 + count($item->cells), $content->items));
        $each = $sketch->width / $count;
        $edge = $sketch->space(10);
        $room = $each - $edge - $sketch->space(6);
        $lines = count($content->items) + ($content->columns === [] ? 0 : 1);
        $height = max(20, $sketch->height / max(1, $lines));
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 0, Tone::Edge);
        $top = 0.0;
        if ($content->columns !== []) {
            $sketch->box(0, 0, $sketch->width, min($height, $sketch->height), Tone::Ground);
            foreach ($content->columns as $i => $heading) {
                $sketch->words($heading, $i * $each + $edge, 0, $room, $height, 13, 600, Tone::Soft);
            }
            $top = $height;
        }
        foreach ($content->items as $number => $item) {
            if ($top + $height > $sketch->height + 0.5) {
                break;
            }
            $sketch->item($number, $item->label, 0, $top, $sketch->width, $height, function () use ($sketch, $item, $top, $height, $each, $edge, $room): void {
                if ($item->on) {
                    $sketch->box(1, $top, $sketch->width - 2, $height, Tone::Tint);
                }
                foreach ([$item->label, ...$item->cells] as $i => $cell) {
                    $sketch->words($cell, $i * $each + $edge, $top, $room, $height, 14, $i === 0 ? 500 : 400);
                }
                $sketch->rule(0, $top, $sketch->width);
            });
            $top += $height;
        }
        $sketch->warn();
    }
}
