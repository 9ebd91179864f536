<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class MapPlaceholder implements WidgetKind
{
    public static function key(): string
    {
        return 'map-placeholder';
    }

    public function name(): string
    {
        return 'Map placeholder';
    }

    public function tags(): string
    {
        return 'location place route';
    }

    public function size(): array
    {
        return [342, 220];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Fernhollow Lane');
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        [$w, $h] = [$sketch->width, $sketch->height];
        $sketch->box(0, 0, $w, $h, Tone::Ground);
        $sketch->path('M'.($h * 0.04).' '.($h * 0.7).'C'.($w * 0.3).' '.($h * 0.5).' '.($w * 0.5).' '.($h * 0.9).' '.($w - $h * 0.04).' '.($h * 0.55), 0, 0, $w, $h, null, Tone::Shade, max(2, $h * 0.06));
        $sketch->path('M'.($w * 0.35).' 0L'.($w * 0.5)." {$h}M".($w * 0.75).' 0L'.($w * 0.66)." {$h}M0 ".($h * 0.25)."L{$w} ".($h * 0.2), 0, 0, $w, $h, null, Tone::Paper, max(2, $h * 0.03));
        $side = min(32, $h * 0.4, $w * 0.4);
        $sketch->icon('map-pin', $w / 2 - $side / 2, $h / 2 - $side, $side, Tone::Accent);
        $sketch->words($content->label, 4, $h / 2 + 4, $w - 8, 20, 13, 600, Tone::Ink, TextAlign::Center);
    }
}
