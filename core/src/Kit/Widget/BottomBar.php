<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Bar;
use Kindred\Kit\Interactive;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

final class BottomBar implements Bar, Interactive
{
    public static function key(): string
    {
        return 'bottom-bar';
    }

    public function name(): string
    {
        return 'Bottom bar';
    }

    public function tags(): string
    {
        return 'tab bar navigation footer';
    }

    public function atFoot(): bool
    {
        return true;
    }

    public function size(): array
    {
        return [390, 64];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('Home', icon: 'house', on: true), new Item('Search', icon: 'search'), new Item('Saved', icon: 'heart'), new Item('Profile', icon: 'user')]);
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
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper);
        $sketch->rule(0, 0, $sketch->width);
        $each = $sketch->width / max(1, count($content->items));
        foreach ($content->items as $i => $item) {
            $sketch->item($i, $item->label, $i * $each, 0, $each, $sketch->height, function () use ($sketch, $item, $i, $each): void {
                $tone = $item->on ? Tone::Accent : Tone::Soft;
                $top = ($sketch->height - 42) / 2;
                $sketch->icon($item->icon === '' ? 'circle' : $item->icon, $i * $each + $each / 2 - 12, $top, 24, $tone);
                $sketch->words($item->label, $i * $each, $top + 26, $each, 16, 11, $item->on ? 600 : 500, $tone, TextAlign::Center);
            });
        }
    }
}
