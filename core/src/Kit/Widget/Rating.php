<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class Rating implements Interactive
{
    public static function key(): string
    {
        return 'rating';
    }

    public function name(): string
    {
        return 'Rating';
    }

    public function tags(): string
    {
        return 'stars score review';
    }

    public function size(): array
    {
        return [144, 28];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), value: 4, max: 5);
    }

    public function fields(): array
    {
        return [WidgetField::Value, WidgetField::Max];
    }

    public function signal(): Kind
    {
        return Kind::Number;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $count = (int) max(1, min(10, $content->max));
        $each = $sketch->width / $count;
        $side = min($each * 0.9, $sketch->height);
        for ($i = 0; $i < $count; $i++) {
            $full = $i < round($content->value);
            $d = Star::path($side);
            $sketch->item($i, (string) ($i + 1), $i * $each, 0, $each, $sketch->height, fn () => $sketch->path($d, $i * $each, ($sketch->height - $side) / 2, $side, $side, $full ? Tone::Accent : null, $full ? null : Tone::Edge, 1.5));
        }
    }
}
