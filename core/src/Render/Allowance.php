<?php

declare(strict_types=1);

namespace Kindred\Render;

/** How much may be drawn again in one picture, in bytes: of what is seen through something the more lies over one another the more is drawn. */
final class Allowance
{
    private const MAX = 16_000_000;

    private int $left = self::MAX;

    public function isUsedUp(): bool
    {
        return $this->left <= 0;
    }

    /** What is drawn, paid for. */
    public function pay(string $drawn): string
    {
        $this->left -= strlen($drawn);

        return $drawn;
    }
}
