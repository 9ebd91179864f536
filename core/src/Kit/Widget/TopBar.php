<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Bar;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;

final class TopBar implements Bar
{
    public static function key(): string
    {
        return 'top-bar';
    }

    public function name(): string
    {
        return 'Top bar';
    }

    public function tags(): string
    {
        return 'app bar header title navigation back';
    }

    public function atFoot(): bool
    {
        return false;
    }

    public function size(): array
    {
        return [390, 56];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Title', icon: 'arrow-left', items: [new Item('Search', icon: 'search'), new Item('More', icon: 'ellipsis')]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Icon, WidgetField::Items];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper);
        $sketch->rule(0, $sketch->height - 1, $sketch->width);
        $m = ($sketch->height - 24) / 2;
        $edge = $sketch->space(16);
        $sketch->icon($content->icon, $edge, $m, 24);
        $right = $sketch->width - $edge;
        foreach (array_reverse(array_slice($content->items, 0, 4)) as $item) {
            $sketch->icon($item->icon === '' ? 'circle' : $item->icon, $right - 24, $m, 24);
            $right -= 24 + $edge;
        }
        $left = $content->icon === '' ? $edge : 2 * $edge + 24;
        $sketch->words($content->label, $left, 0, $right - $left, $sketch->height, 18, 600);
    }
}
