<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

final class Dialog implements WidgetKind
{
    public static function key(): string
    {
        return 'dialog';
    }

    public function name(): string
    {
        return 'Dialog';
    }

    public function tags(): string
    {
        return 'modal alert confirm question';
    }

    public function size(): array
    {
        return [320, 196];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Cancel the booking?', text: 'Wheel 4 becomes free for others. You get the price back.', items: [new Item('Keep it'), new Item('Cancel it', on: true)]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Text, WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 16, Tone::Edge);
        $edge = $sketch->space(20);
        $top = $sketch->space(18);
        $foot = $sketch->height - 44 - $sketch->space(16);
        $sketch->words($content->label, $edge, $top, $sketch->width - 2 * $edge, 26, 18, 600);
        $top += 26 + $sketch->space(8);
        $sketch->paragraph($content->text, $edge, $top, $sketch->width - 2 * $edge, $foot - $top - $sketch->space(16), 14, 400, Tone::Soft);
        Row::buttons($sketch, $content->items, $edge, $foot, $sketch->width - 2 * $edge, 44);
    }
}
