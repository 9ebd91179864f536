<?php

declare(strict_types=1);

namespace Kindred\Style;

/** Reads single things of layers and screens as they are written. */
final class Written
{
    /**
     * The entries of a list, such as fills.
     *
     * @param  array<array-key, mixed>  $of
     * @return list<array<array-key, mixed>>
     */
    public static function entries(array $of, string $list): array
    {
        return is_array($of[$list] ?? null) ? array_values(array_filter($of[$list], is_array(...))) : [];
    }

    /** A number of px; null where there is none, or it is nothing. */
    public static function length(mixed $value): ?float
    {
        return is_int($value) || is_float($value) ? ($value > 0 ? (float) $value : null) : null;
    }

    /**
     * The one length of all sides, or corners; null where they differ, or are nothing.
     *
     * @param  array<array-key, mixed>  $of
     */
    public static function alike(array $of, string $name): ?float
    {
        $sides = is_array($of[$name] ?? null) ? array_map(self::length(...), array_values($of[$name])) : [];

        return $sides === [] || count(array_filter($sides, fn (?float $side): bool => $side !== $sides[0])) > 0 ? null : $sides[0];
    }

    /**
     * The paths of all that is bound to tokens.
     *
     * @param  array<array-key, mixed>  $of
     * @return array<string, string> ids of tokens by path
     */
    public static function bound(array $of, string $path = ''): array
    {
        $found = [];
        foreach (is_array($of['bound'] ?? null) ? $of['bound'] : [] as $name => $token) {
            if (is_string($token)) {
                $found[$path.$name] = $token;
            }
        }
        foreach (['fills', 'strokes', 'effects', 'stops'] as $list) {
            foreach (self::entries($of, $list) as $i => $entry) {
                $found += self::bound($entry, "{$path}{$list}.{$i}.");
            }
        }

        return $found;
    }
}
