<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class TextField implements Interactive
{
    public static function key(): string
    {
        return 'text-field';
    }

    public function name(): string
    {
        return 'Text field';
    }

    public function tags(): string
    {
        return 'input form entry name e-mail';
    }

    public function size(): array
    {
        return [320, 72];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Label', hint: 'Hint');
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Hint, WidgetField::Text, WidgetField::Icon, ...WidgetField::RULES];
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
        $left = $content->icon === '' ? $edge : $edge + 20 + $sketch->space(8);
        $sketch->icon($content->icon, $edge, $top + ($sketch->height - $top - 20) / 2, 20, Tone::Soft);
        Field::text($sketch, $content, $left, $top, $sketch->width - $left - $edge, $sketch->height - $top);
    }
}
