<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** Radii of corners that are all alike, in px. */
final class Radii implements Aspect
{
    use IsLength;

    public static function key(): string
    {
        return 'radii';
    }

    public static function label(): string
    {
        return 'Corner radii';
    }

    public static function in(array $written): array
    {
        return array_filter(['corners' => Written::alike($written, 'corners')], is_float(...));
    }

    public static function trace(mixed $plain): string
    {
        return self::written('topLeft', $plain);
    }
}
