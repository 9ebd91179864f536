<?php

declare(strict_types=1);

namespace Kindred\Geometry;

/** Boxes by the bands of a page in which they lie, so that those near a place are found without looking at all of them. */
final class Bands
{
    /** px */
    private const HEIGHT = 16.0;

    /** A box over more bands than this is looked at wherever one asks. */
    private const MAX = 64;

    /** @var array<int, list<int>> */
    private array $bands = [];

    /** @var list<int> */
    private array $tall = [];

    /** @param  array<int, Box>  $boxes  by ascending keys */
    public function __construct(private readonly array $boxes)
    {
        foreach ($boxes as $key => $box) {
            [$first, $last] = [self::band($box->y), self::band($box->y + $box->height)];
            if ($last - $first >= self::MAX) {
                $this->tall[] = $key;

                continue;
            }
            for ($band = $first; $band <= $last; $band++) {
                $this->bands[$band][] = $key;
            }
        }
    }

    /** @return list<int> the keys of those that have a point in common with a box, if only one of an edge, in their order */
    public function meeting(Box $box): array
    {
        $keys = [];
        [$first, $last] = [self::band($box->y), self::band($box->y + $box->height)];
        // A box that is taller than the page is compared with each.
        if ($last - $first > count($this->bands)) {
            return array_values(array_filter(array_keys($this->boxes), fn (int $key): bool => $this->boxes[$key]->meets($box)));
        }
        foreach ($this->tall as $key) {
            if ($this->boxes[$key]->meets($box)) {
                $keys[$key] = $key;
            }
        }
        for ($band = $first; $band <= $last; $band++) {
            foreach ($this->bands[$band] ?? [] as $key) {
                if (! isset($keys[$key]) && $this->boxes[$key]->meets($box)) {
                    $keys[$key] = $key;
                }
            }
        }
        sort($keys);

        return $keys;
    }

    private static function band(float $y): int
    {
        return (int) floor($y / self::HEIGHT);
    }
}
