<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class Badge implements WidgetKind
{
    public static function key(): string
    {
        return 'badge';
    }

    public function name(): string
    {
        return 'Badge';
    }

    public function tags(): string
    {
        return 'count notification number dot';
    }

    public function size(): array
    {
        return [24, 20];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: '3');
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Warning, $sketch->height / 2);
        $sketch->words($content->label, 2, 0, $sketch->width - 4, $sketch->height, min(12, $sketch->height * 0.65), 700, Tone::Paper, TextAlign::Center);
    }
}
