<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Content;
use Kindred\Property\Properties;
use Kindred\Property\Property;

/** Reads single things of layers and screens as they are written. */
final class Written
{
    /**
     * What a layer is and what makes up its look, as it is written; not where it lies, nor what it does.
     *
     * @return array<string, mixed>
     */
    public static function look(Layer $layer): array
    {
        /** @var array<string, true>|null $other */
        static $other = null;
        $properties = Properties::of(Layer::class);
        $other ??= array_map(fn (): true => true, array_filter($properties->all, fn (Property $property): bool => $property->look !== true && ! $property instanceof Content));

        return $properties->write($layer, $other);
    }

    /**
     * The entries of a list, such as fills.
     *
     * @param  array<array-key, mixed>  $of
     * @return list<array<array-key, mixed>>
     */
    public static function entries(array $of, string $list): array
    {
        $entries = $of[$list] ?? [];

        return $entries === [] || ! is_array($entries) ? [] : array_values(array_filter($entries, is_array(...)));
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
     * What copies and states have otherwise than their design: of a layer with copies, or of a component. Each layer in them as it would be
     * written with nothing but that; single corners and sides are left out.
     *
     * @param  array<array-key, mixed>  $of  a layer or a screen
     * @return list<array{string, array<array-key, mixed>}> with the address of the layer
     */
    public static function overrides(array $of): array
    {
        $component = self::map($of['component'] ?? null);
        $overrides = self::map($of['overrides'] ?? null);
        $found = [];
        foreach ([...array_column(self::entries($component, 'overrides'), 'layers'), ...(($of['kind'] ?? null) === ArrayLayer::kind() ? array_values($overrides) : [$overrides])] as $layers) {
            foreach (self::map($layers) as $address => $values) {
                $found[] = [(string) $address, self::nested(self::map($values))];
            }
        }

        return $found;
    }

    /** @return array<array-key, mixed> what is written as an object, as it is kept and as it goes out; empty where it is none */
    private static function map(mixed $value): array
    {
        return is_array($value) || $value instanceof \stdClass ? (array) $value : [];
    }

    /**
     * @param  array<array-key, mixed>  $values  by path
     * @return array<array-key, mixed>
     */
    private static function nested(array $values): array
    {
        $nested = [];
        foreach ($values as $path => $value) {
            $steps = explode('.', (string) $path);
            $last = array_pop($steps);
            if (in_array($steps[0] ?? '', ['corners', 'padding'], true)) {
                continue;
            }
            $at = &$nested;
            foreach ($steps as $step) {
                $at[$step] = is_array($at[$step] ?? null) ? $at[$step] : [];
                $at = &$at[$step];
            }
            // What is painted, and an effect, stand under the names of their parts.
            if (in_array($last, ['paint', 'effect'], true) && is_array($value)) {
                $at = $value + $at;
            } else {
                $at[$last] = $value;
            }
            unset($at);
        }

        return $nested;
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
