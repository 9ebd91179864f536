<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Direction;

/** Where a screen lies that is laid over another. */
enum Anchor: string
{
    case Top = 'top';
    case Bottom = 'bottom';
    case Left = 'left';
    case Right = 'right';
    case Middle = 'middle';
    case TopLeft = 'top-left';
    case TopRight = 'top-right';
    case BottomLeft = 'bottom-left';
    case BottomRight = 'bottom-right';
    /** Below or above what was tapped. */
    case Beside = 'beside';
    /** Where it was put by hand. */
    case Hand = 'hand';

    /** As people choose it. */
    public function label(): string
    {
        return match ($this) {
            self::Beside => 'beside what is tapped',
            self::Hand => 'by hand',
            default => str_replace('-', ' ', $this->value),
        };
    }

    /** The direction in which what lies there comes in; null where it comes from nowhere. */
    public function way(): ?Direction
    {
        return match ($this) {
            self::Top => Direction::Down,
            self::Bottom => Direction::Up,
            self::Left => Direction::Right,
            self::Right => Direction::Left,
            default => null,
        };
    }

    /** @return array{float, float} the shares of the room beside it that are left of it and above it */
    public function share(): array
    {
        return [
            match ($this) {
                self::Left, self::TopLeft, self::BottomLeft => 0.0,
                self::Right, self::TopRight, self::BottomRight => 1.0,
                default => 0.5,
            },
            match ($this) {
                self::Top, self::TopLeft, self::TopRight => 0.0,
                self::Bottom, self::BottomLeft, self::BottomRight => 1.0,
                default => 0.5,
            },
        ];
    }
}
