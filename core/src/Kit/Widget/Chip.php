<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

final class Chip implements Interactive
{
    public static function key(): string
    {
        return 'chip';
    }

    public function name(): string
    {
        return 'Chip';
    }

    public function tags(): string
    {
        return 'filter tag pill token';
    }

    public function size(): array
    {
        return [104, 34];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Glazes', on: true);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Icon, WidgetField::On];
    }

    public function signal(): Kind
    {
        return Kind::On;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->area(Press::Toggle, 0, 0, $sketch->width, $sketch->height, label: $content->label);
        $sketch->box(0, 0, $sketch->width, $sketch->height, $content->on ? Tone::Tint : Tone::Paper, $sketch->height / 2, $content->on ? Tone::Accent : Tone::Edge);
        $icon = $content->icon === '' ? 0 : 16 + $sketch->space(6);
        $edge = $sketch->space(12);
        $sketch->icon($content->icon, $edge, ($sketch->height - 16) / 2, 16, $content->on ? Tone::Accent : Tone::Soft);
        $sketch->words($content->label, $edge + $icon, 0, $sketch->width - 2 * $edge - $icon, $sketch->height, 14, $content->on ? 600 : 400, $content->on ? Tone::Accent : Tone::Ink, TextAlign::Center);
    }
}
