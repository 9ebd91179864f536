<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Geometry\Box;
use Kindred\Kit\Live;
use Kindred\Kit\Opening;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

/** A month. One that is too low for it is drawn closed, as a field with the day, and opens in a rehearsal. */
final class DatePicker implements Opening
{
    /** The height in px below which it is closed. */
    private const MIN = 150;

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
        return new Widget(self::key(), label: 'November 2026', value: 26, min: 1, max: 30, step: 1);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Value, WidgetField::Max];
    }

    public function signal(): Kind
    {
        return Kind::Date;
    }

    public function opened(Layer $layer, Widget $content): ?Layer
    {
        return $layer->box->height < self::MIN ? $layer->with(box: new Box(0, 0, max(280, $layer->box->width), 312)) : null;
    }

    /** The first day of the month that is written out (“November 2026”); null where it is something else. */
    public static function month(Widget $content): ?\DateTimeImmutable
    {
        $month = \DateTimeImmutable::createFromFormat('!F Y', trim($content->label), new \DateTimeZone('UTC'));

        return $month === false ? null : $month;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $month = self::month($content);
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 12, Tone::Edge);
        if ($sketch->height < self::MIN) {
            $sketch->area(Press::Open, 0, 0, $sketch->width, $sketch->height, label: 'Day');
            $edge = $sketch->space(14);
            $left = $edge + 20 + $sketch->space(10);
            $sketch->icon('calendar-days', $edge, ($sketch->height - 20) / 2, 20, Tone::Soft);
            $sketch->live(Live::Value, fn () => $sketch->words((int) $content->value.' '.$content->label, $left, 0, $sketch->width - $left - $sketch->space(12), $sketch->height, 15));

            return;
        }
        $head = min(48, $sketch->height / 6);
        $sketch->live(Live::Month, fn () => $sketch->words($content->label, $sketch->space(16), 0, $sketch->width - 96, $head, 16, 600));
        foreach ([[Press::Earlier, 'chevron-left', 'Month before', 72], [Press::Later, 'chevron-right', 'Month after', 36]] as [$press, $icon, $label, $right]) {
            $sketch->icon($icon, $sketch->width - $right, ($head - 20) / 2, 20, Tone::Soft);
            $sketch->area($press, $sketch->width - $right - 8, 0, 36, $head, label: $label);
        }
        $each = ($sketch->width - 16) / 7;
        $line = ($sketch->height - $head - 8) / 7;
        foreach (['M', 'T', 'W', 'T', 'F', 'S', 'S'] as $i => $day) {
            $sketch->words($day, 8 + $i * $each, $head, $each, $line, 12, 600, Tone::Soft, TextAlign::Center);
        }
        // Without a readable month, the first day is a Monday. A rehearsal may show any month, so there is room for six weeks.
        $before = $month === null ? 0 : (int) $month->format('N') - 1;
        $days = $month === null ? (int) min(31, $content->max) : (int) $month->format('t');
        for ($cell = 0; $cell < 42; $cell++) {
            $day = $cell - $before + 1;
            if ($sketch->chosen === null && ($day < 1 || $day > $days)) {
                continue;
            }
            [$x, $y] = [8 + $cell % 7 * $each, $head + $line * (1 + intdiv($cell, 7))];
            $on = $sketch->chosen ?? $day === (int) $content->value;
            $sketch->item($cell, '', $x, $y, $each, $line, function () use ($sketch, $x, $y, $each, $line, $day, $on): void {
                $side = min($each, $line) - 4;
                if ($on) {
                    $sketch->ellipse($x + ($each - $side) / 2, $y + ($line - $side) / 2, $side, $side, Tone::Accent);
                }
                $write = fn () => $sketch->words((string) $day, $x, $y, $each, $line, 14, $on ? 600 : 400, $on ? Tone::OnAccent : Tone::Ink, TextAlign::Center);
                $sketch->chosen === null ? $write() : $sketch->live($on ? Live::ChosenDay : Live::Day, $write);
            });
        }
    }
}
