<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Bar;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;

final class BottomSheet implements Bar
{
    public static function key(): string
    {
        return 'bottom-sheet';
    }

    public function name(): string
    {
        return 'Bottom sheet';
    }

    public function tags(): string
    {
        return 'drawer panel actions';
    }

    public function atFoot(): bool
    {
        return true;
    }

    public function size(): array
    {
        return [390, 300];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Sort by', items: [new Item('Newest', on: true), new Item('Price'), new Item('Name')]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->path('M0 20C0 9 9 0 20 0H'.($sketch->width - 20).'C'.($sketch->width - 9)." 0 {$sketch->width} 9 {$sketch->width} 20V{$sketch->height}H0Z", 0, 0, $sketch->width, $sketch->height, Tone::Paper, Tone::Edge);
        $sketch->box($sketch->width / 2 - 20, 10, 40, 4, Tone::Edge, 2);
        $edge = $sketch->space(20);
        $head = $sketch->space(24);
        $top = $head + 32 + $sketch->space(8);
        $sketch->words($content->label, $edge, $head, $sketch->width - 2 * $edge, 32, 18, 600);
        $each = min(24 + $sketch->space(32), ($sketch->height - $top - 8) / max(1, count($content->items)));
        foreach ($content->items as $i => $item) {
            $sketch->words($item->label, $edge, $top + $i * $each, $sketch->width - 2 * $edge - 20 - $sketch->space(4), $each, 16, $item->on ? 600 : 400);
            $sketch->icon($item->on ? 'check' : '', $sketch->width - 20 - $edge, $top + $i * $each + ($each - 20) / 2, 20, Tone::Accent);
        }
    }
}
