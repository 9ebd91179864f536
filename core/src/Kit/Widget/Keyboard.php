<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Bar;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Type\TextAlign;

final class Keyboard implements Bar
{
    public static function key(): string
    {
        return 'keyboard';
    }

    public function name(): string
    {
        return 'Keyboard';
    }

    public function tags(): string
    {
        return 'keys type letters screen keyboard';
    }

    public function atFoot(): bool
    {
        return true;
    }

    public function size(): array
    {
        return [390, 260];
    }

    public function content(): Widget
    {
        return new Widget(self::key());
    }

    public function fields(): array
    {
        return [];
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Shade);
        $line = ($sketch->height - 12) / 4;
        foreach (['qwertyuiop', 'asdfghjkl', 'zxcvbnm'] as $row => $letters) {
            $each = ($sketch->width - 8) / 10;
            $left = 4 + (10 - strlen($letters)) * $each / 2;
            foreach (str_split($letters) as $i => $letter) {
                $sketch->box($left + $i * $each + 2, 6 + $row * $line + 4, $each - 4, $line - 8, Tone::Paper, 5);
                $sketch->words($letter, $left + $i * $each + 2, 6 + $row * $line + 4, $each - 4, $line - 8, min(20, $line * 0.45), 400, Tone::Ink, TextAlign::Center);
            }
        }
        $y = 6 + 3 * $line + 4;
        $side = ($sketch->width - 8) / 5;
        foreach ([[4, '123'], [$sketch->width - 4 - $side, 'return']] as [$x, $word]) {
            $sketch->box($x + 2, $y, $side - 4, $line - 8, Tone::Edge, 5);
            $sketch->words($word, $x + 4, $y, $side - 8, $line - 8, 14, 500, Tone::Ink, TextAlign::Center);
        }
        $sketch->box(4 + $side + 2, $y, $sketch->width - 8 - 2 * $side - 4, $line - 8, Tone::Paper, 5);
    }
}
