<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Style\Corners;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

/** With a picture where it is on. */
final class Card implements WidgetKind
{
    public static function key(): string
    {
        return 'card';
    }

    public function name(): string
    {
        return 'Card';
    }

    public function tags(): string
    {
        return 'tile panel picture teaser';
    }

    public function size(): array
    {
        return [342, 260];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Glaze of the week', text: 'A satin celadon that breaks over texture.', on: true);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Text, WidgetField::On];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 14, Tone::Edge);
        $picture = $content->on ? max(0, $sketch->height - 96) : 0;
        if ($picture > 0) {
            $sketch->photo(1, 1, $sketch->width - 2, $picture, Corners::all(13));
        }
        $edge = $sketch->space(16);
        $top = $picture + $sketch->space(12);
        $sketch->words($content->label, $edge, $top, $sketch->width - 2 * $edge, 24, 17, 600);
        $top += 24 + $sketch->space(4);
        $sketch->paragraph($content->text, $edge, $top, $sketch->width - 2 * $edge, $sketch->height - $top - $sketch->space(10), 14, 400, Tone::Soft);
    }
}
