<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** How large words are, in px. */
final class Sizes implements Aspect
{
    use IsLength;

    public static function key(): string
    {
        return 'sizes';
    }

    public static function label(): string
    {
        return 'Text sizes';
    }

    public static function in(array $written): array
    {
        $found = is_array($written['style'] ?? null) ? ['style.size' => Written::length($written['style']['size'] ?? null)] : [];
        foreach (Written::entries($written, 'runs') as $i => $run) {
            $found["runs.{$i}.size"] = Written::length($run['size'] ?? null);
        }

        return array_filter($found, is_float(...));
    }

    public static function trace(mixed $plain): string
    {
        return self::written('size', $plain);
    }
}
