<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Paged;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class PageDots implements Paged
{
    public static function key(): string
    {
        return 'page-dots';
    }

    public function name(): string
    {
        return 'Page dots';
    }

    public function tags(): string
    {
        return 'carousel pager indicator';
    }

    public function size(): array
    {
        return [96, 16];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), value: 1, min: 1, max: 4);
    }

    public function fields(): array
    {
        return [WidgetField::Value, WidgetField::Max];
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function paged(Widget $content): Widget
    {
        return $content->with(items: array_map(fn (int $page): Item => new Item("Page {$page}", on: $page === (int) $content->value), range(1, self::count($content))));
    }

    private static function count(Widget $content): int
    {
        return (int) max(1, min(30, $content->max));
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $items = ($content->items === [] ? $this->paged($content) : $content)->items;
        $count = count($items);
        $each = min(20, $sketch->width / $count);
        $side = min(8, $each * 0.6, $sketch->height);
        $left = ($sketch->width - $each * $count) / 2;
        foreach ($items as $i => $item) {
            $sketch->item($i, $item->label, $left + $i * $each, 0, $each, $sketch->height, fn () => $sketch->ellipse($left + $i * $each + ($each - $side) / 2, ($sketch->height - $side) / 2, $side, $side, $item->on ? Tone::Accent : Tone::Edge));
        }
    }
}
