<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Interactive;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;

final class Switcher implements Interactive
{
    public static function key(): string
    {
        return 'switch';
    }

    public function name(): string
    {
        return 'Switch';
    }

    public function tags(): string
    {
        return 'toggle on off setting';
    }

    public function size(): array
    {
        return [320, 44];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Remind me', on: true);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::On];
    }

    public function signal(): Kind
    {
        return Kind::On;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $track = min(48, $sketch->width);
        $left = $sketch->width - $track;
        $top = ($sketch->height - 28) / 2;
        $sketch->area(Press::Toggle, 0, 0, $sketch->width, $sketch->height, label: $content->label);
        $sketch->words($content->label, 0, 0, $left - $sketch->space(12), $sketch->height, 16);
        $sketch->box($left, $top, $track, 28, $content->on ? Tone::Accent : Tone::Edge, 14);
        $sketch->ellipse($content->on ? $left + $track - 25 : $left + 3, $top + 3, 22, 22, Tone::Paper);
    }
}
