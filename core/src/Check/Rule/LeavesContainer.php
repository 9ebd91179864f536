<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\BoxShaped;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;

/** What lies in a stack stays in it, and words and icons on the ground that they stand on. */
final class LeavesContainer implements OnScreen
{
    private const SLOP = 1.0;

    /** The share of words, or of an icon, that has to lie on a ground to stand on it. */
    private const MOST_OF_IT = 0.6;

    public static function key(): string
    {
        return 'leaves-container';
    }

    public static function label(): string
    {
        return 'what reaches out of what it lies in';
    }

    public static function group(): Group
    {
        return Group::Place;
    }

    public static function source(): string
    {
        return 'CSS Overflow 3: what reaches out of its box is cut, or covers what lies beside it';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $out = new \SplObjectStorage;
        $grounds = new Near(array_values(array_filter($scene->seen, self::isGround(...))));
        foreach ($scene->seen as $one) {
            $parent = $one->parent;
            if ($parent !== null && isset($out[$parent])) {
                // What lies in something that sticks out is not named again.
                $out[$one] = true;

                continue;
            }
            if ($one->isAway()) {
                continue;
            }
            $laid = $one->isLaidOut();
            $content = $one->layer->content;
            $within = $laid ? $parent : ($content instanceof Text || $content instanceof Icon ? self::ground($grounds, $one) : null);
            $over = $within === null ? [] : self::over($laid ? $one->bounds : $one->ink(), $within->bounds);
            if ($within !== null && $over !== []) {
                $out[$one] = true;
                $said = implode(' and ', array_map(fn (string $side): string => round($over[$side], 1)." px {$side}", array_keys($over)));
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} reaches out of {$within->called()}: {$said}.", [$one->address, $within->address]);
            }
        }
    }

    /** Whether something may stand on it: an upright box that is not seen through. */
    public static function isGround(Placed $one): bool
    {
        $front = Fill::front($one->layer->fills);
        $content = $one->layer->content;

        return $content instanceof BoxShaped && $one->angle === 0.0 && $front !== null && $front->colour()->alpha >= 0.5;
    }

    /** The topmost ground below something that most of it stands on, if that is not all. */
    private static function ground(Near $grounds, Placed $one): ?Placed
    {
        $ink = $one->ink();
        $area = $ink->width * $ink->height;
        foreach (array_reverse($grounds->meeting($ink)) as $ground) {
            $box = $ground->bounds;
            if ($ground->order < $one->order && $box->overlaps($ink)) {
                $shared = max(0, min($ink->right(), $box->right()) - max($ink->x, $box->x)) * max(0, min($ink->bottom(), $box->bottom()) - max($ink->y, $box->y));
                if ($shared >= self::MOST_OF_IT * $area) {
                    return $ground;
                }
            }
        }

        return null;
    }

    /** @return array<string, float> px by side, as far as it matters */
    private static function over(Box $inner, Box $outer): array
    {
        return array_filter([
            'on the left' => $outer->x - $inner->x, 'at the top' => $outer->y - $inner->y,
            'on the right' => $inner->right() - $outer->right(), 'at the bottom' => $inner->bottom() - $outer->bottom(),
        ], fn (float $over): bool => $over > self::SLOP);
    }
}
