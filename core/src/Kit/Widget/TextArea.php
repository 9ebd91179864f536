<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Live;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class TextArea implements Interactive
{
    public static function key(): string
    {
        return 'text-area';
    }

    public function name(): string
    {
        return 'Text area';
    }

    public function tags(): string
    {
        return 'input multi-line message comment';
    }

    public function size(): array
    {
        return [320, 136];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Message', hint: 'Write a few lines');
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Hint, WidgetField::Text, WidgetField::Required, WidgetField::Equals];
    }

    public function signal(): Kind
    {
        return Kind::Text;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $top = Field::label($sketch, $content);
        Field::frame($sketch, $top, $sketch->height - $top);
        $edge = $sketch->space(14);
        $sketch->live(Live::Lines, fn () => $sketch->paragraph($content->text === '' ? $content->hint : $content->text, $edge, $top + $sketch->space(11), $sketch->width - 2 * $edge, $sketch->height - $top - $sketch->space(20), 15, 400, $content->text === '' ? Tone::Soft : Tone::Ink));
        $sketch->path('M0 10L10 0M5 10L10 5', $sketch->width - 14, $sketch->height - 14, 10, 10, null, Tone::Edge);
    }
}
