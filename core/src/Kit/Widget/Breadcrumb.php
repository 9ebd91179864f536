<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

final class Breadcrumb implements WidgetKind
{
    public static function key(): string
    {
        return 'breadcrumb';
    }

    public function name(): string
    {
        return 'Breadcrumb';
    }

    public function tags(): string
    {
        return 'path trail location';
    }

    public function size(): array
    {
        return [320, 32];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('Shelf'), new Item('Glazes'), new Item('Celadon', on: true)]);
    }

    public function fields(): array
    {
        return [WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $x = 0.0;
        foreach ($content->items as $i => $item) {
            if ($i > 0) {
                $sketch->icon('chevron-right', $x + $sketch->space(4), ($sketch->height - 14) / 2, 14, Tone::Soft);
                $x += 14 + 2 * $sketch->space(4);
            }
            $width = min($sketch->measure($item->label, 14, $item->on ? 600 : 400) + 1, max(0, $sketch->width - $x));
            $sketch->words($item->label, $x, 0, $width, $sketch->height, 14, $item->on ? 600 : 400, $item->on ? Tone::Ink : Tone::Soft);
            $x += $width;
        }
    }
}
