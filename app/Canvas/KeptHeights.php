<?php

declare(strict_types=1);

namespace App\Canvas;

use Illuminate\Cache\Repository;
use Kindred\Layout\HeightMemory;

/** Heights of cells in the cache, one entry an array; what is damaged or gone is worked out anew. */
final readonly class KeptHeights implements HeightMemory
{
    /** Seconds: a week after an array was last laid out. */
    private const KEPT = 7 * 86_400;

    public function __construct(private Repository $cache)
    {
    }

    public function recall(string $array): array
    {
        $found = $this->cache->get("heights:{$array}");

        return is_array($found) ? $found : []; // @phpstan-ignore return.type (only `keep` writes here)
    }

    public function keep(string $array, array $heights): void
    {
        $this->cache->put("heights:{$array}", $heights, self::KEPT);
    }
}
