<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;
use Kindred\Geometry\Number;
use Kindred\Kit\Interactive;
use Kindred\Kit\Live;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

final class Stepper implements Interactive
{
    public static function key(): string
    {
        return 'stepper';
    }

    public function name(): string
    {
        return 'Stepper';
    }

    public function tags(): string
    {
        return 'plus minus number count quantity';
    }

    public function size(): array
    {
        return [144, 44];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), value: 1, max: 20);
    }

    public function fields(): array
    {
        return [...WidgetField::RANGE];
    }

    public function signal(): Kind
    {
        return Kind::Number;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 8, Tone::Edge);
        $side = min($sketch->height, $sketch->width / 3);
        $m = ($sketch->height - 18) / 2;
        $sketch->icon('minus', ($side - 18) / 2, $m, 18, $content->value > $content->min ? Tone::Ink : Tone::Edge);
        $sketch->icon('plus', $sketch->width - ($side + 18) / 2, $m, 18, $content->value < $content->max ? Tone::Ink : Tone::Edge);
        $sketch->rule($side, 0, $sketch->height, true);
        $sketch->rule($sketch->width - $side, 0, $sketch->height, true);
        $sketch->live(Live::Value, fn () => $sketch->words(Number::text($content->value), $side, 0, $sketch->width - 2 * $side, $sketch->height, 16, 600, Tone::Ink, TextAlign::Center));
        $sketch->area(Press::Less, 0, 0, $side, $sketch->height, label: 'Less');
        $sketch->area(Press::More, $sketch->width - $side, 0, $side, $sketch->height, label: 'More');
    }
}
