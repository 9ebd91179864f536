<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

use Kindred\Document\Entity;

/**
 * What earlier versions wrote, brought to the present one step by step. Files, rows and the log of edits go through the same
 * steps, so a value that is named in the log is still the one that stands in its row.
 *
 * A new version is a class here and a line in `STEPS`.
 */
final class Upgrades
{
    /** The version that is written. */
    public const VERSION = 3;

    /** @var array<int, class-string<Step>> by the version that each leads to */
    private const STEPS = [2 => Version2::class, 3 => Version3::class];

    /**
     * @param  array<array-key, mixed>  $properties  of a layer, all or some
     * @return array<array-key, mixed>
     */
    public static function layer(array $properties, int $from): array
    {
        foreach (self::STEPS as $version => $step) {
            $properties = $version > $from ? $step::layer($properties) : $properties;
        }

        return $properties;
    }

    /**
     * @param  array<array-key, mixed>  $nest  a layer with what lies in it, under `children`
     * @return array<array-key, mixed>
     */
    public static function nest(array $nest, int $from): array
    {
        if ($from >= self::VERSION) {
            return $nest;
        }
        if (is_array($nest['children'] ?? null)) {
            $nest['children'] = array_map(fn (mixed $child): mixed => is_array($child) ? self::nest($child, $from) : $child, $nest['children']);
        }

        return self::layer($nest, $from);
    }

    /** @param  mixed  $difference  as `Difference::toArray` gave it */
    public static function difference(mixed $difference, int $from): mixed
    {
        if ($from >= self::VERSION || ! is_array($difference) || ! is_array($difference['changes'] ?? null)) {
            return $difference;
        }

        return ['changes' => array_map(function (mixed $change) use ($from): mixed {
            if (! is_array($change) || ($change['entity'] ?? null) !== Entity::Layer->value) {
                return $change;
            }
            $sides = array_map(fn (mixed $side): mixed => is_array($side) ? self::layer($side, $from) : $side, array_intersect_key($change, ['before' => 1, 'after' => 1]));

            return [...$change, ...$sides];
        }, $difference['changes'])] + $difference;
    }
}
