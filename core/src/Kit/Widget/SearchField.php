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

final class SearchField implements Interactive
{
    public static function key(): string
    {
        return 'search-field';
    }

    public function name(): string
    {
        return 'Search field';
    }

    public function tags(): string
    {
        return 'find look filter';
    }

    public function size(): array
    {
        return [320, 44];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), hint: 'Search');
    }

    public function fields(): array
    {
        return [WidgetField::Hint, WidgetField::Text];
    }

    public function signal(): Kind
    {
        return Kind::Text;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Ground, $sketch->height / 2);
        $edge = $sketch->space(14);
        $left = $edge + 18 + $sketch->space(10);
        $sketch->icon('search', $edge, ($sketch->height - 18) / 2, 18, Tone::Soft);
        Field::text($sketch, $content, $left, 0, $sketch->width - $left - ($content->text === '' ? $edge : $left), $sketch->height);
        if ($content->text !== '') {
            $sketch->area(Press::Clear, $sketch->width - 26 - $edge, 0, 26 + $edge, $sketch->height, label: 'Clear');
        }
        $sketch->icon($content->text === '' ? '' : 'x', $sketch->width - 18 - $edge, ($sketch->height - 16) / 2, 16, Tone::Soft);
    }
}
