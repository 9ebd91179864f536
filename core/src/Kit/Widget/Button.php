<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

final class Button implements WidgetKind
{
    public static function key(): string
    {
        return 'button';
    }

    public function name(): string
    {
        return 'Button';
    }

    public function tags(): string
    {
        return 'push press action submit';
    }

    public function size(): array
    {
        return [160, 48];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Button');
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Icon];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Accent, min(10, $sketch->height / 4));
        $icon = $content->icon === '' ? 0 : 20 + $sketch->space(8);
        $words = min($sketch->measure($content->label, 16, 600), max(0, $sketch->width - $sketch->space(24) - $icon));
        $left = ($sketch->width - $words - $icon) / 2;
        $sketch->icon($content->icon, $left, ($sketch->height - 20) / 2, 20, Tone::OnAccent);
        $sketch->words($content->label, $left + $icon, 0, $words + 1, $sketch->height, 16, 600, Tone::OnAccent);
    }
}
