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

final class CheckBox implements Interactive, Listing
{
    use ListsChoices;

    public static function key(): string
    {
        return 'check-boxes';
    }

    public function name(): string
    {
        return 'Check boxes';
    }

    public function tags(): string
    {
        return 'tick several choice consent';
    }

    public function size(): array
    {
        return [320, 108];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), items: [new Item('First', on: true), new Item('Second'), new Item('Third')]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Items, WidgetField::Required];
    }

    public function signal(): Kind
    {
        return Kind::Several;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        Choices::draw($sketch, $content, function (float $x, float $y, bool $on) use ($sketch): void {
            $sketch->box($x, $y, 20, 20, $on ? Tone::Accent : Tone::Paper, 5, $on ? null : Tone::Edge, 1.5);
            $sketch->icon($on ? 'check' : '', $x + 2, $y + 2, 16, Tone::OnAccent, 3);
        });
    }
}
