<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;

/** A round button; one that is off is drawn as an outline. */
final class IconButton implements WidgetKind
{
    public static function key(): string
    {
        return 'icon-button';
    }

    public function name(): string
    {
        return 'Icon button';
    }

    public function tags(): string
    {
        return 'action round floating';
    }

    public function size(): array
    {
        return [48, 48];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), icon: 'plus', on: true);
    }

    public function fields(): array
    {
        return [WidgetField::Icon, WidgetField::On];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $side = min($sketch->width, $sketch->height);
        [$x, $y] = [($sketch->width - $side) / 2, ($sketch->height - $side) / 2];
        $sketch->ellipse($x, $y, $side, $side, $content->on ? Tone::Accent : Tone::Paper, $content->on ? null : Tone::Edge);
        $sketch->icon($content->icon, $x + $side / 4, $y + $side / 4, $side / 2, $content->on ? Tone::OnAccent : Tone::Ink);
    }
}
