<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Kit\WidgetKind;
use Kindred\Type\TextAlign;

final class PicturePlaceholder implements WidgetKind
{
    public static function key(): string
    {
        return 'picture-placeholder';
    }

    public function name(): string
    {
        return 'Picture placeholder';
    }

    public function tags(): string
    {
        return 'image photo cross';
    }

    public function size(): array
    {
        return [200, 140];
    }

    public function content(): Widget
    {
        return new Widget(self::key());
    }

    public function fields(): array
    {
        return [WidgetField::Label];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->photo(0, 0, $sketch->width, $sketch->height, $sketch->corners);
        if ($content->label !== '') {
            $width = min($sketch->width - 8, $sketch->measure($content->label, 13, 500) + 16);
            $sketch->box(($sketch->width - $width) / 2, $sketch->height / 2 - 12, $width, 24, Tone::Paper, 4);
            $sketch->words($content->label, ($sketch->width - $width) / 2 + 6, $sketch->height / 2 - 12, $width - 12, 24, 13, 500, Tone::Soft, TextAlign::Center);
        }
    }
}
