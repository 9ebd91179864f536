<?php

declare(strict_types=1);

namespace Kindred\Document;

/**
 * What edits touch, so that two made at once by different people can be told to be about the same thing: `id` where something came, went or became
 * of another kind, `id part` where of something a part was changed. Parts that only make sense together are one.
 */
final class Touched
{
    /** What is changed together, by its first part. */
    private const TOGETHER = [
        'x' => ['y', 'parent', 'screen'],
        'words' => ['runs', 'paragraphs'],
        'd' => ['evenOdd', 'samples', 'tolerance'],
        'items' => ['columns', 'on', 'value'],
    ];

    /** What is another thing altogether once these are changed. */
    private const WHOLE = ['kind', 'gone'];

    /**
     * @param  list<string>  $but  parts that nobody has changed
     * @return list<string>
     */
    public static function by(Change $change, array $but = []): array
    {
        $parts = array_map(strval(...), array_keys($change->after ?? []));
        if ($change->isAddition() || $change->isRemoval() || array_intersect(self::WHOLE, $parts) !== []) {
            return [$change->id];
        }

        return array_values(array_unique(array_map(fn (string $part): string => "{$change->id} ".self::first($part), array_diff($parts, $but))));
    }

    /**
     * Whether both are about the same thing.
     *
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    public static function meet(array $one, array $other): bool
    {
        if (array_intersect($one, $other) !== []) {
            return true;
        }

        return array_intersect(self::whole($one), self::ids($other)) !== [] || array_intersect(self::whole($other), self::ids($one)) !== [];
    }

    /**
     * @param  list<string>  $touched
     * @return list<string>
     */
    private static function whole(array $touched): array
    {
        return array_values(array_filter($touched, fn (string $one): bool => ! str_contains($one, ' ')));
    }

    /**
     * @param  list<string>  $touched
     * @return list<string>
     */
    public static function ids(array $touched): array
    {
        return array_values(array_unique(array_map(fn (string $one): string => explode(' ', $one, 2)[0], $touched)));
    }

    private static function first(string $part): string
    {
        foreach (self::TOGETHER as $first => $others) {
            if (in_array($part, $others, true)) {
                return $first;
            }
        }

        return $part;
    }
}
