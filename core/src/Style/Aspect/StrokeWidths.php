<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** How wide strokes are, in px. */
final class StrokeWidths implements Aspect
{
    use IsLength;

    public static function key(): string
    {
        return 'strokes';
    }

    public static function label(): string
    {
        return 'Stroke widths';
    }

    public static function in(array $written): array
    {
        $found = [];
        foreach (Written::entries($written, 'strokes') as $i => $stroke) {
            $found["strokes.{$i}.width"] = Written::length($stroke['width'] ?? null);
        }

        return array_filter($found, is_float(...));
    }

    public static function trace(mixed $plain): string
    {
        return self::written('width', $plain);
    }
}
