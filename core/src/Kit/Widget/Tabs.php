<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

final class Tabs implements Interactive
{
    public static function key(): string
    {
        return 'tabs';
    }

    public function name(): string
    {
        return 'Tabs';
    }

    public function tags(): string
    {
        return 'sections switch views';
    }

    public function size(): array
    {
        return [390, 48];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('First', on: true), new Item('Second'), new Item('Third')]);
    }

    public function fields(): array
    {
        return [WidgetField::Items];
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->rule(0, $sketch->height - 1, $sketch->width);
        $each = $sketch->width / max(1, count($content->items));
        foreach ($content->items as $i => $item) {
            $sketch->item($i, $item->label, $i * $each, 0, $each, $sketch->height, function () use ($sketch, $item, $i, $each): void {
                $sketch->words($item->label, $i * $each + 4, 0, $each - 8, $sketch->height - 2, 15, $item->on ? 600 : 400, $item->on ? Tone::Accent : Tone::Soft, TextAlign::Center);
                if ($item->on) {
                    $sketch->box($i * $each + 8, $sketch->height - 3, $each - 16, 3, Tone::Accent, 1.5);
                }
            });
        }
    }
}
