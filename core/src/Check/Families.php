<?php

declare(strict_types=1);

namespace Kindred\Check;

/** Layers that lie right in the same thing, free of any layout, upright, and on the screen itself: those whose places somebody has chosen. */
final class Families
{
    /** Of larger families no pairs are looked at. */
    private const MAX = 400;

    /**
     * @param  list<list<Placed>>  $families
     * @return list<non-empty-list<Placed>> of 2 or more
     */
    public static function free(array $families): array
    {
        $all = [];
        foreach ($families as $family) {
            $free = [];
            foreach ($family as $one) {
                if (Scene::isOwn($one) && $one->layer->rotation === 0.0 && ! $one->isLaidOut()) {
                    $free[] = $one;
                }
            }
            if (count($free) >= 2 && count($free) <= self::MAX) {
                $all[] = $free;
            }
        }

        return $all;
    }

    /** What differs by 1 to 3 px is meant to be the same. */
    public static function nearly(float $difference): bool
    {
        return round(abs($difference), 2) >= 1.0 && round(abs($difference), 2) <= 3.0;
    }

    /**
     * The value that most have.
     *
     * @param  non-empty-list<float>  $values
     * @return array{float, int} and how many have it
     */
    public static function most(array $values): array
    {
        $counts = [];
        foreach ($values as $value) {
            $key = (string) round($value, 1);
            $counts[$key] = [($counts[$key][0] ?? $value), ($counts[$key][1] ?? 0) + 1];
        }
        usort($counts, fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $counts[0];
    }
}
