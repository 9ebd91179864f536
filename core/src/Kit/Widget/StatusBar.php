<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Bar;
use Kindred\Kit\Sketch;

final class StatusBar implements Bar
{
    public static function key(): string
    {
        return 'status-bar';
    }

    public function name(): string
    {
        return 'Status bar';
    }

    public function tags(): string
    {
        return 'time signal battery system phone top';
    }

    public function atFoot(): bool
    {
        return false;
    }

    public function size(): array
    {
        return [390, 44];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: '16:05');
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $m = ($sketch->height - 18) / 2;
        $sketch->words($content->label, 24, 0, $sketch->width / 3, $sketch->height, 15, 600);
        $sketch->icon('signal', $sketch->width - 90, $m, 18);
        $sketch->icon('wifi', $sketch->width - 66, $m, 18);
        $sketch->icon('battery-full', $sketch->width - 42, $m - 1, 20);
    }
}
