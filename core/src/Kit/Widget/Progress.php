<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class Progress implements WidgetKind
{
    public static function key(): string
    {
        return 'progress';
    }

    public function name(): string
    {
        return 'Progress';
    }

    public function tags(): string
    {
        return 'loading bar percent busy';
    }

    public function size(): array
    {
        return [320, 28];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Firing', value: 60);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Value, WidgetField::Min, WidgetField::Max];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $words = $content->label === '' ? 0 : $sketch->height - 10;
        $sketch->words($content->label, 0, 0, $sketch->width - 52, $words, 13, 500);
        $sketch->words($words === 0 ? '' : round($content->share() * 100).' %', $sketch->width - 52, 0, 52, $words, 13, 400, Tone::Soft, TextAlign::Right);
        $bar = max(2, min(6, $sketch->height - $words));
        $sketch->box(0, $sketch->height - $bar, $sketch->width, $bar, Tone::Shade, $bar / 2);
        $sketch->box(0, $sketch->height - $bar, $sketch->width * $content->share(), $bar, Tone::Accent, $bar / 2);
    }
}
