<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Geometry\Number;
use Kindred\Kit\Interactive;
use Kindred\Kit\Live;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

final class Slider implements Interactive
{
    public static function key(): string
    {
        return 'slider';
    }

    public function name(): string
    {
        return 'Slider';
    }

    public function tags(): string
    {
        return 'range value volume drag';
    }

    public function size(): array
    {
        return [320, 56];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Amount', value: 40);
    }

    public function fields(): array
    {
        return [WidgetField::Label, ...WidgetField::RANGE];
    }

    public function signal(): Kind
    {
        return Kind::Number;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $words = $content->label === '' ? 0 : min(24, $sketch->height / 2);
        $sketch->words($content->label, 0, 0, $sketch->width - 60, $words, 14, 500);
        $sketch->live(Live::Value, fn () => $sketch->words($words === 0 ? '' : Number::text($content->value), $sketch->width - 60, 0, 60, $words, 14, 400, Tone::Soft, TextAlign::Right));
        $y = $words + ($sketch->height - $words) / 2;
        $at = 10 + max(0, $sketch->width - 20) * $content->share();
        $sketch->box(0, $y - 2, $sketch->width, 4, Tone::Shade, 2);
        $way = max(0, $sketch->width - 20);
        $sketch->area(Press::Slide, 0, $y - 22, $sketch->width, 44, label: $content->label);
        $sketch->filling($way, fn () => $sketch->box(0, $y - 2, $at, 4, Tone::Accent, 2));
        $sketch->slide($way, fn () => $sketch->ellipse($at - 10, $y - 10, 20, 20, Tone::Paper, Tone::Accent, 2));
    }
}
