<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

use Kindred\Document\Entity;
use Kindred\Document\Project;

/**
 * What earlier versions wrote, brought to the present one step by step. Files, rows and the log of edits go through the same
 * steps, so a value that is named in the log is still the one that stands in its row.
 *
 * A new version is a class here and a line in `STEPS`.
 */
final class Upgrades
{
    /** The version that is written. */
    public const VERSION = 5;

    /** @var array<int, class-string<Step>> by the version that each leads to */
    private const STEPS = [2 => Version2::class, 3 => Version3::class, 4 => Version4::class, 5 => Version5::class];

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
     * Rows of screens do not say what they were written in; what is written as today stays as it is.
     *
     * @param  array<array-key, mixed>  $properties  of a screen, all or some
     * @return array<array-key, mixed>
     */
    public static function screen(array $properties): array
    {
        return Version5::screen(Version4::cued($properties));
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

    /** The fonts and icons of a project were once kept as one list each. */
    private static function inParts(mixed $change): mixed
    {
        if (! is_array($change) || ($change['entity'] ?? null) !== Entity::Project->value) {
            return $change;
        }
        $before = self::listsInParts($change['before'] ?? null);
        $after = self::listsInParts($change['after'] ?? null);
        $parts = array_filter($before + $after, fn (int|string $key): bool => str_starts_with((string) $key, Project::FONT) || str_starts_with((string) $key, Project::ICON), ARRAY_FILTER_USE_KEY);
        $none = array_fill_keys(array_keys($parts), null);

        return [...$change, 'before' => $before + $none, 'after' => $after + $none];
    }

    /** @return array<array-key, mixed> */
    private static function listsInParts(mixed $side): array
    {
        $side = is_array($side) ? $side : [];
        foreach (['fonts', 'icons'] as $list) {
            foreach (is_array($side[$list] ?? null) ? $side[$list] : [] as $entry) {
                $side += array_diff_key(Project::kept(['name' => 'x', $list => [$entry]])->parts(), (new Project('x'))->parts());
            }
            unset($side[$list]);
        }

        return $side;
    }

    /** @param  mixed  $difference  as `Difference::toArray` gave it */
    public static function difference(mixed $difference, int $from): mixed
    {
        if (! is_array($difference) || ! is_array($difference['changes'] ?? null)) {
            return $difference;
        }
        $difference['changes'] = array_map(self::inParts(...), $difference['changes']);
        if ($from >= self::VERSION) {
            return $difference;
        }

        return ['changes' => array_map(function (mixed $change) use ($from): mixed {
            $of = is_array($change) ? $change['entity'] ?? null : null;
            if (! is_array($change) || ($of !== Entity::Layer->value && $of !== Entity::Screen->value)) {
                return $change;
            }
            $step = fn (array $side): array => $of === Entity::Screen->value ? self::screen($side) : self::layer($side, $from);
            $sides = array_map(fn (mixed $side): mixed => is_array($side) ? $step($side) : $side, array_intersect_key($change, ['before' => 1, 'after' => 1]));

            return [...$change, ...$sides];
        }, $difference['changes'])] + $difference;
    }
}
