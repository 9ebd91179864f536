<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;

/** Those at the top. Checked only where a height is set. */
final class TopBarHeight implements OnScreen
{
    use BarHeights;

    public static function key(): string
    {
        return 'top-bar-height';
    }

    public static function label(): string
    {
        return 'height of bars at the top';
    }

    public static function limit(): Limit
    {
        return new Limit('Height of bars at the top', null, 16, 400, otherwise: 'not checked');
    }

    private static function isAt(Scene $scene, Placed $one): bool
    {
        $safe = (float) $scene->device->safe[0];

        return $one->bounds->y < 1 || abs($one->bounds->y - $safe) < 1;
    }

    /** @return non-empty-list<array<string, mixed>> */
    private static function fixed(Scene $scene, Placed $one, float $height): array
    {
        return [['type' => 'set-field', ...$scene->named($one), 'field' => 'height', 'value' => (string) round($height, 2)]];
    }
}
