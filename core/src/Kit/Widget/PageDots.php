<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

final class PageDots implements WidgetKind
{
    public static function key(): string
    {
        return 'page-dots';
    }

    public function name(): string
    {
        return 'Page dots';
    }

    public function tags(): string
    {
        return 'carousel pager indicator';
    }

    public function size(): array
    {
        return [96, 16];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), value: 1, min: 1, max: 4);
    }

    public function fields(): array
    {
        return [WidgetField::Value, WidgetField::Max];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $count = (int) max(1, min(30, $content->max));
        $each = min(20, $sketch->width / $count);
        $side = min(8, $each * 0.6, $sketch->height);
        $left = ($sketch->width - $each * $count) / 2;
        for ($i = 0; $i < $count; $i++) {
            $sketch->ellipse($left + $i * $each + ($each - $side) / 2, ($sketch->height - $side) / 2, $side, $side, $i === (int) $content->value - 1 ? Tone::Accent : Tone::Edge);
        }
    }
}
