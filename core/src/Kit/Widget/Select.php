<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Live;
use Kindred\Kit\Opening;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class Select implements Opening
{
    public static function key(): string
    {
        return 'select';
    }

    public function name(): string
    {
        return 'Select';
    }

    public function tags(): string
    {
        return 'drop-down choice pick combo';
    }

    public function size(): array
    {
        return [320, 72];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Choose', hint: 'Nothing chosen', items: [new Item('First', on: true), new Item('Second'), new Item('Third')]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Hint, WidgetField::Items, WidgetField::Required];
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function opened(Layer $layer, Widget $content): Layer
    {
        return Menu::opening($layer, $content);
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $top = Field::label($sketch, $content);
        $edge = $sketch->space(14);
        Field::frame($sketch, $top, $sketch->height - $top);
        $chosen = $content->items[$content->chosen()] ?? null;
        $sketch->area(Press::Open, 0, $top, $sketch->width, $sketch->height - $top, label: $content->label);
        $sketch->live(Live::Value, fn () => $sketch->words($chosen->label ?? $content->hint, $edge, $top, $sketch->width - 2 * $edge - 22, $sketch->height - $top, 15, 400, $chosen === null ? Tone::Soft : Tone::Ink));
        $sketch->icon('chevron-down', $sketch->width - 18 - $edge, $top + ($sketch->height - $top - 18) / 2, 18, Tone::Soft);
    }
}
