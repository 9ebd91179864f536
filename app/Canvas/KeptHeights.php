<?php

declare(strict_types=1);

namespace App\Canvas;

use Illuminate\Cache\Repository;
use Kindred\Layout\HeightMemory;

/**
 * Heights of cells in the cache, one entry an array; what is damaged or gone is worked out anew.
 *
 * The heights of a design are kept as bytes, all hashes and then all heights, 8 bytes each: an edit that changes one row
 * of a thousand reads and writes them all.
 */
final class KeptHeights implements HeightMemory
{
    /** Seconds: a week after an array was last laid out. */
    private const KEPT = 7 * 86_400;

    /** Designs and widths of one array whose heights are remembered. */
    private const DESIGNS = 4;

    /** @var array{string, array<string, string>}|null the array asked for last, and its heights as bytes by design */
    private ?array $latest = null;

    public function __construct(private readonly Repository $cache)
    {
    }

    public function recall(string $array, string $design): array
    {
        $bytes = $this->of($array)[$design] ?? '';
        $count = intdiv(strlen($bytes), 16);
        if ($count === 0) {
            return [];
        }

        /** @var array<array-key, float> */
        return array_combine(str_split(substr($bytes, 0, 8 * $count), 8), (array) unpack("e{$count}", $bytes, 8 * $count));
    }

    public function keep(string $array, string $design, array $heights): void
    {
        $bytes = implode('', array_keys($heights)).pack('e*', ...array_values($heights));
        $all = array_slice([$design => $bytes] + $this->of($array), 0, self::DESIGNS, true);
        $this->latest = [$array, $all];
        // Nobody waits for it.
        defer(fn () => $this->cache->put("heights:{$array}", $all, self::KEPT), "heights:{$array}");
    }

    /** @return array<string, string> */
    private function of(string $array): array
    {
        if ($this->latest === null || $this->latest[0] !== $array) {
            $found = $this->cache->get("heights:{$array}");
            $this->latest = [$array, is_array($found) ? array_filter($found, is_string(...)) : []];
        }

        return $this->latest[1];
    }
}
