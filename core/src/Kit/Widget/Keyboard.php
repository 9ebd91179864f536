<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Kit\Bar;
use Kindred\Kit\Keys;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Type\TextAlign;

/** Letters; the digits and signs when it is on. */
final class Keyboard implements Bar, Keys
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
        $each = ($sketch->width - 8) / 10;
        foreach ($content->on ? ['1234567890', "-/:;()&+_'", '.,?!#%*='] : ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'] as $row => $letters) {
            $left = 4 + (10 - strlen($letters)) * $each / 2;
            foreach (str_split($letters) as $i => $letter) {
                $this->cap($sketch, $letter, $letter, $left + $i * $each, 6 + $row * $line, $each, $line, min(20, $line * 0.45));
            }
        }
        $side = $each * 1.5;
        $this->cap($sketch, $content->on ? 'abc' : '123', 'other', 4, 6 + 3 * $line, $side, $line, 14, Tone::Edge);
        $this->cap($sketch, '@', '@', 4 + $side, 6 + 3 * $line, $each, $line, min(18, $line * 0.4));
        $this->cap($sketch, '', ' ', 4 + $side + $each, 6 + 3 * $line, $each * 3, $line, 14);
        $this->cap($sketch, '.', '.', 4 + $side + $each * 4, 6 + 3 * $line, $each, $line, min(20, $line * 0.45));
        $this->cap($sketch, 'del', 'delete', 4 + $side + $each * 5, 6 + 3 * $line, $each * 1.5, $line, 14, Tone::Edge);
        $this->cap($sketch, 'return', 'return', 4 + $side + $each * 6.5, 6 + 3 * $line, $each * 2, $line, 14, Tone::Edge);
    }

    private function cap(Sketch $sketch, string $word, string $types, float $x, float $y, float $width, float $height, float $size, Tone $tone = Tone::Paper): void
    {
        $sketch->box($x + 2, $y + 4, $width - 4, $height - 8, $tone, 5);
        $sketch->words($word, $x + 2, $y + 4, $width - 4, $height - 8, $size, 400, Tone::Ink, TextAlign::Center);
        $sketch->area(Press::Key, $x, $y, $width, $height, label: $types);
    }
}
