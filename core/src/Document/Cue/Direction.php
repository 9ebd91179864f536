<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

/** The direction in which the arriving screen moves. */
enum Direction: string
{
    case Left = 'left';
    case Right = 'right';
    case Up = 'up';
    case Down = 'down';

    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Up => self::Down,
            self::Down => self::Up,
        };
    }

    /** @return array{int, int} the unit vector, x to the right and y down */
    public function vector(): array
    {
        return match ($this) {
            self::Left => [-1, 0],
            self::Right => [1, 0],
            self::Up => [0, -1],
            self::Down => [0, 1],
        };
    }

    /** A screen that hangs to the right comes in moving left, one below comes in moving up. */
    public static function towards(float $dx, float $dy): self
    {
        return abs($dx) >= abs($dy)
            ? ($dx >= 0 ? self::Left : self::Right)
            : ($dy >= 0 ? self::Up : self::Down);
    }
}
