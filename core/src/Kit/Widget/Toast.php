<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class Toast implements WidgetKind
{
    public static function key(): string
    {
        return 'toast';
    }

    public function name(): string
    {
        return 'Toast';
    }

    public function tags(): string
    {
        return 'message snack bar notice';
    }

    public function size(): array
    {
        return [342, 52];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'The wheel is yours', text: 'Undo');
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Text];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Ink, 10);
        $action = $content->text === '' ? 0 : min($sketch->width / 2, $sketch->measure($content->text, 14, 600) + 4);
        $edge = $sketch->space(16);
        $sketch->words($content->label, $edge, 0, $sketch->width - 2 * $edge - $sketch->space(8) - $action, $sketch->height, 14, 400, Tone::Paper);
        $sketch->words($content->text, $sketch->width - $edge - $action, 0, $action, $sketch->height, 14, 600, Tone::Tint, TextAlign::Right);
    }
}
