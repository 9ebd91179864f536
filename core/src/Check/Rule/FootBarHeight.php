<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;

/** Those at the foot. Checked only where a height is set. */
final class FootBarHeight implements OnScreen
{
    use BarHeights;

    public static function key(): string
    {
        return 'foot-bar-height';
    }

    public static function label(): string
    {
        return 'height of bars at the foot';
    }

    public static function limit(): Limit
    {
        return new Limit('Height of bars at the foot', null, 16, 400, otherwise: 'not checked');
    }

    private static function isAt(Scene $scene, Placed $one): bool
    {
        return abs($one->bounds->bottom() - $scene->screen->box->height) < 1;
    }

    /** @return non-empty-list<array<string, mixed>> it stays at the foot */
    private static function fixed(Scene $scene, Placed $one, float $height): array
    {
        $set = ['type' => 'set-field', ...$scene->named($one)];

        return [[...$set, 'field' => 'height', 'value' => (string) round($height, 2)], [...$set, 'field' => 'y', 'value' => (string) round($scene->screen->box->height - $height, 2)]];
    }
}
