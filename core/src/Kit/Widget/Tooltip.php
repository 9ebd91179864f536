<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class Tooltip implements WidgetKind
{
    public static function key(): string
    {
        return 'tooltip';
    }

    public function name(): string
    {
        return 'Tooltip';
    }

    public function tags(): string
    {
        return 'hint help bubble';
    }

    public function size(): array
    {
        return [168, 44];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Opens at 06:30');
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $body = max(8, $sketch->height - 8);
        $sketch->box(0, 0, $sketch->width, $body, Tone::Ink, 6);
        $sketch->path('M0 0H16L8 8Z', $sketch->width / 2 - 8, $body, 16, 8, Tone::Ink);
        $edge = $sketch->space(10);
        $sketch->words($content->label, $edge, 0, $sketch->width - 2 * $edge, $body, 13, 500, Tone::Paper, TextAlign::Center);
    }
}
