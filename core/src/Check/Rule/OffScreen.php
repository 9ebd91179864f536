<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Geometry\Box;

/** What is to be read or tapped lies on the screen, whole; nothing lies beside it. Shapes and pictures may reach over its edges. */
final class OffScreen implements OnScreen
{
    private const SLOP = 0.5;

    public static function key(): string
    {
        return 'off-screen';
    }

    public static function label(): string
    {
        return 'what lies off the screen';
    }

    public static function group(): Group
    {
        return Group::Place;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 1.4.10: nothing is lost beyond the edge of the screen';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $screen = new Box(0, 0, $scene->screen->box->width, $scene->screen->box->height);
        $told = new \SplObjectStorage;
        foreach ($scene->seen as $one) {
            if ($one->parent !== null && isset($told[$one->parent])) {
                $told[$one] = true;

                continue;
            }
            if ($one->isAway()) {
                continue;
            }
            if (! $one->bounds->overlaps($screen) && $one->bounds->width + $one->bounds->height > 0 && ! $one->layer->isGroup()) {
                $told[$one] = true;
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} lies beside the screen: nobody sees it.", [$one->address], Scene::isOwn($one) ? new Fix('Delete it', [['type' => 'delete-layers', ...$scene->named($one)]]) : null);

                continue;
            }
            $content = $one->layer->content;
            $seen = $content instanceof Text && trim($content->words) !== '' || $content instanceof Icon ? $one->ink() : ($content instanceof Widget || $one->isTapped() ? $one->bounds : null);
            $sides = $seen === null ? [] : self::over($seen, $screen);
            if ($sides !== []) {
                $told[$one] = true;
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} is cut by the edge of the screen, ".implode(' and ', array_map(fn (string $side): string => round($sides[$side], 1)." px {$side}", array_keys($sides))).'.', [$one->address], self::moved($scene, $one, $seen, $screen));
            }
        }
    }

    /** @return array<string, float> px by side */
    private static function over(Box $inner, Box $screen): array
    {
        return array_filter([
            'on the left' => -$inner->x, 'at the top' => -$inner->y, 'on the right' => $inner->right() - $screen->width, 'at the bottom' => $inner->bottom() - $screen->height,
        ], fn (float $over): bool => $over > self::SLOP);
    }

    private static function moved(Scene $scene, Placed $one, ?Box $seen, Box $screen): ?Fix
    {
        if ($seen === null || ! Scene::isOwn($one) || $one->isLaidOut() || $seen->width > $screen->width || $seen->height > $screen->height) {
            return null;
        }
        $dx = max(0, -$seen->x) - max(0, $seen->right() - $screen->width);
        $dy = max(0, -$seen->y) - max(0, $seen->bottom() - $screen->height);

        return new Fix('Move it onto the screen', [['type' => 'move-layers', ...$scene->named($one), 'dx' => round($dx, 2), 'dy' => round($dy, 2)]]);
    }
}
