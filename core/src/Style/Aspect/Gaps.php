<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** Gaps of stacks and arrays, and padding that is alike on all sides, in px. */
final class Gaps implements Aspect
{
    use IsLength;

    public static function key(): string
    {
        return 'gaps';
    }

    public static function label(): string
    {
        return 'Gaps and padding';
    }

    public static function in(array $written): array
    {
        return array_filter([
            'rowGap' => Written::length($written['rowGap'] ?? null), 'columnGap' => Written::length($written['columnGap'] ?? null), 'padding' => Written::alike($written, 'padding'),
        ], is_float(...));
    }

    public static function trace(mixed $plain): string
    {
        return json_encode($plain, JSON_THROW_ON_ERROR);
    }
}
