<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;

/** Values of one property that are worth seeing side by side. */
final class Trials
{
    /** So many at a time. */
    public const MAX = 8;

    /** @return list<Field> the properties of a layer that can be tried, its colour first */
    public static function fields(Layer $layer): array
    {
        $fields = array_values(array_filter(Field::all(), fn (Field $field): bool => $field->of($layer) !== null && ! $field->hasShorthand()
            && ($field->isLook() && (! $field->isInList() || $field->isColour() || $field->tries() !== []) || ($field->isSeen() && $field->tries() !== []) || $field->path === 'icon')));
        usort($fields, fn (Field $a, Field $b): int => self::rank($a) <=> self::rank($b));

        return $fields;
    }

    /**
     * What to begin with: the current value, values near it, and values in use elsewhere.
     *
     * @param  array<string, list<int>>  $families  weights by family
     * @return list<string>
     */
    public static function of(Tree $tree, Layer $layer, Field $field, array $families): array
    {
        $now = (string) $field->of($layer);
        $tries = array_map(fn (string $try): string => str_starts_with($try, '*') ? Number::text(round((float) $now * (float) substr($try, 1))) : $try, $field->tries());
        $values = match ($field->path) {
            'style.family' => array_keys($families),
            'style.weight' => array_map(strval(...), $families[(string) Field::find('style.family')?->of($layer)] ?? []),
            default => $tries === [] ? self::inUse($tree, $field) : $tries,
        };

        return array_slice(array_values(array_unique([$now, ...$values])), 0, 6);
    }

    /** @return list<string> what other layers have, the commonest first */
    private static function inUse(Tree $tree, Field $field): array
    {
        $counts = array_count_values(array_filter(array_map(fn (Layer $layer): string => (string) $field->of($layer), array_values($tree->layers)), fn (string $value): bool => $value !== ''));
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }

    /** The fill first, then what a kind has of its own, then the rest. */
    private static function rank(Field $field): int
    {
        return match (true) {
            $field->path === Field::FILL => 0,
            $field->root() === 'style' => 1,
            default => 2,
        };
    }
}
