<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

/** One row of a list; `on` says whether it leads on. */
final class ListRow implements WidgetKind
{
    public static function key(): string
    {
        return 'list-row';
    }

    public function name(): string
    {
        return 'List row';
    }

    public function tags(): string
    {
        return 'entry line cell item setting';
    }

    public function size(): array
    {
        return [390, 64];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Wheel 4', text: 'Today, 18:00', icon: 'calendar-days', on: true);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Text, WidgetField::Icon, WidgetField::On];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper);
        $edge = $sketch->space(16);
        $sketch->rule($edge, $sketch->height - 1, $sketch->width - $edge);
        $left = $content->icon === '' ? $edge : 2 * $edge + 24;
        $sketch->icon($content->icon, $edge, ($sketch->height - 24) / 2, 24, Tone::Accent);
        Row::words($sketch, $content->label, $content->text, $left, 0, $sketch->width - $left - 18 - $edge - $sketch->space(10), $sketch->height);
        $sketch->icon($content->on ? 'chevron-right' : '', $sketch->width - 18 - $sketch->space(14), ($sketch->height - 18) / 2, 18, Tone::Soft);
    }
}
