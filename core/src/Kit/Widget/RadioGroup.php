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

final class RadioGroup implements Interactive, Listing
{
    use ListsChoices;

    public static function key(): string
    {
        return 'radio-group';
    }

    public function name(): string
    {
        return 'Radio group';
    }

    public function tags(): string
    {
        return 'one of several choice option';
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
        return Kind::One;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        Choices::draw($sketch, $content, function (float $x, float $y, bool $on) use ($sketch): void {
            $sketch->ellipse($x, $y, 20, 20, Tone::Paper, $on ? Tone::Accent : Tone::Edge, $on ? 2 : 1.5);
            if ($on) {
                $sketch->ellipse($x + 5, $y + 5, 10, 10, Tone::Accent);
            }
        });
    }
}
