<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Brief\Entry;

/**
 * Keeps ranks short. A rank between two others is longer than both, so what is put between the same two again
 * and again grows: then all of that place are ranked anew, in the order that they have.
 */
final class ShortRanks
{
    /** Characters; a rank of new layers has four. */
    private const LONGEST = 40;

    public static function of(Tree $before, Tree $after): Tree
    {
        $places = $parts = [];
        foreach ($after->layers as $id => $layer) {
            if (self::isLong($before->layers[$id] ?? null, $layer)) {
                $places[Place::of($layer)->key()] = Place::of($layer);
            }
        }
        foreach ($places as $place) {
            if ($after->holds($place)) {
                $after = $after->withLayers(...self::ranked($after->children($place)));
            }
        }
        foreach ($after->screens as $id => $screen) {
            if (self::isLong($before->screens[$id] ?? null, $screen)) {
                // Whoever puts a screen between others has all of them at hand.
                $after = $after->withScreens(...self::ranked($after->screensInOrder()));

                break;
            }
        }
        foreach ($after->entries() as $id => $entry) {
            if (self::isLong($before->entries()[$id] ?? null, $entry)) {
                $parts[$entry->part->value] = $entry->part;
            }
        }
        foreach ($parts as $part) {
            $after = $after->withEntries(...self::ranked($after->part($part)));
        }

        return $after;
    }

    private static function isLong(Layer|Screen|Entry|null $before, Layer|Screen|Entry $after): bool
    {
        return strlen($after->rank) > self::LONGEST && $before?->rank !== $after->rank;
    }

    /**
     * @template T of Layer|Screen|Entry
     *
     * @param  list<T>  $siblings  in order
     * @return list<T>
     */
    private static function ranked(array $siblings): array
    {
        return array_map(fn (Layer|Screen|Entry $one, string $rank): Layer|Screen|Entry => $one->with(rank: $rank), $siblings, Rank::spread(null, null, count($siblings)));
    }
}
