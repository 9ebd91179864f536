<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class DatePicker implements WidgetKind
{
    public static function key(): string
    {
        return 'date-picker';
    }

    public function name(): string
    {
        return 'Date picker';
    }

    public function tags(): string
    {
        return 'calendar day month choose';
    }

    public function size(): array
    {
        return [320, 312];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'November 2026', value: 26, least: 1, most: 30, step: 1);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Value, WidgetField::Most];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 12, Tone::Edge);
        $head = min(48, $sketch->height / 6);
        $sketch->words($content->label, 16, 0, $sketch->width - 96, $head, 16, 600);
        $sketch->icon('chevron-left', $sketch->width - 72, ($head - 20) / 2, 20, Tone::Soft);
        $sketch->icon('chevron-right', $sketch->width - 36, ($head - 20) / 2, 20, Tone::Soft);
        $each = ($sketch->width - 16) / 7;
        $line = ($sketch->height - $head - 8) / 7;
        foreach (['M', 'T', 'W', 'T', 'F', 'S', 'S'] as $i => $day) {
            $sketch->words($day, 8 + $i * $each, $head, $each, $line, 12, 600, Tone::Soft, TextAlign::Center);
        }
        // A month that is written out (“November 2026”) has its own days; of any other the first is a Monday.
        $month = \DateTimeImmutable::createFromFormat('!F Y', trim($content->label));
        [$before, $days] = $month === false ? [0, (int) $content->most] : [(int) $month->format('N') - 1, (int) $month->format('t')];
        for ($day = 1; $day <= min(31, $days); $day++) {
            [$x, $y] = [8 + ($day - 1 + $before) % 7 * $each, $head + $line * (1 + intdiv($day - 1 + $before, 7))];
            $on = $day === (int) $content->value;
            if ($on) {
                $side = min($each, $line) - 4;
                $sketch->ellipse($x + ($each - $side) / 2, $y + ($line - $side) / 2, $side, $side, Tone::Accent);
            }
            $sketch->words((string) $day, $x, $y, $each, $line, 14, $on ? 600 : 400, $on ? Tone::OnAccent : Tone::Ink, TextAlign::Center);
        }
    }
}
