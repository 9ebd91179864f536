<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class Avatar implements WidgetKind
{
    public static function key(): string
    {
        return 'avatar';
    }

    public function name(): string
    {
        return 'Avatar';
    }

    public function tags(): string
    {
        return 'person portrait face initials';
    }

    public function size(): array
    {
        return [48, 48];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'TM');
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $side = min($sketch->width, $sketch->height);
        [$x, $y] = [($sketch->width - $side) / 2, ($sketch->height - $side) / 2];
        $sketch->ellipse($x, $y, $side, $side, Tone::Tint);
        if ($content->label === '') {
            $sketch->icon('user', $x + $side / 4, $y + $side / 4, $side / 2, Tone::Accent);
        } else {
            $sketch->words($content->label, $x + 2, $y, $side - 4, $side, $side * 0.36, 600, Tone::Accent, TextAlign::Center);
        }
    }
}
