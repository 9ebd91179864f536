<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

final class ScrollBar implements WidgetKind
{
    public static function key(): string
    {
        return 'scroll-bar';
    }

    public function name(): string
    {
        return 'Scroll bar';
    }

    public function tags(): string
    {
        return 'scroll thumb track';
    }

    public function size(): array
    {
        return [12, 200];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), value: 20);
    }

    public function fields(): array
    {
        return [WidgetField::Value, WidgetField::Min, WidgetField::Max];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $down = $sketch->height >= $sketch->width;
        $length = $down ? $sketch->height : $sketch->width;
        $thick = $down ? $sketch->width : $sketch->height;
        $thumb = max(min($length, 24), $length * 0.3);
        $at = ($length - $thumb) * $content->share();
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Ground, $thick / 2);
        $sketch->box($down ? 2 : $at, $down ? $at : 2, $down ? $thick - 4 : $thumb, $down ? $thumb : $thick - 4, Tone::Soft, $thick / 2);
    }
}
