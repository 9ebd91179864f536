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

final class SegmentedChoice implements Interactive
{
    public static function key(): string
    {
        return 'segmented-choice';
    }

    public function name(): string
    {
        return 'Segmented choice';
    }

    public function tags(): string
    {
        return 'one of few toggle group';
    }

    public function size(): array
    {
        return [320, 40];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('Day'), new Item('Week', on: true), new Item('Month')]);
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
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Shade, 9);
        $each = ($sketch->width - 4) / max(1, count($content->items));
        foreach ($content->items as $i => $item) {
            $sketch->item($i, $item->label, 2 + $i * $each, 0, $each, $sketch->height, function () use ($sketch, $item, $i, $each): void {
                if ($item->on) {
                    $sketch->box(2 + $i * $each, 2, $each, $sketch->height - 4, Tone::Paper, 7);
                }
                $sketch->words($item->label, 6 + $i * $each, 0, $each - 8, $sketch->height, 14, $item->on ? 600 : 400, Tone::Ink, TextAlign::Center);
            });
        }
    }
}
