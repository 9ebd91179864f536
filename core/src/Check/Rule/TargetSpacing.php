<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Check\Target;
use Kindred\Geometry\Bands;
use Kindred\Geometry\Box;

/** Two things that can be tapped do not share a place, and small ones do not lie so close that a finger meets both. */
final class TargetSpacing implements OnScreen
{
    private const USUAL = 24.0;

    public static function key(): string
    {
        return 'target-spacing';
    }

    public static function label(): string
    {
        return 'targets too close to each other';
    }

    public static function group(): Group
    {
        return Group::Touch;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 2.5.8: circles of 24 px about small targets meet no other target';
    }

    public static function limit(): Limit
    {
        return new Limit('Circle about a small target', self::USUAL, 8, 100);
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $circle = $limit ?? self::USUAL;
        $targets = $scene->targets();
        $told = [];
        $bands = new Bands(array_map(fn (Target $one): Box => $one->box, $targets));
        foreach ($targets as $i => $one) {
            foreach ($bands->meeting($one->box->widened($circle / 2)) as $j) {
                if ($j >= $i) {
                    break;
                }
                $other = $targets[$j];
                $key = spl_object_id($one->placed).' '.spl_object_id($other->placed);
                if ($one->placed === $other->placed || isset($told[$key]) || self::areNested($one->placed, $other->placed)) {
                    continue;
                }
                $reason = match (true) {
                    self::share($one, $other) => sprintf('%s and %s lie on each other: a tap there may mean either.', $one->called(), $other->called()),
                    self::meets($one, $other, $circle) || self::meets($other, $one, $circle) => sprintf('%s and %s are too small to lie %s px apart: about the middle of each, %s px have to be its own.', $one->called(), $other->called(), round(self::gap($one, $other), 1), round($circle, 1)),
                    default => null,
                };
                if ($reason !== null) {
                    $told[$key] = true;
                    yield Finding::of(self::class, $scene->screen->id, $reason, [$one->placed->address, $other->placed->address]);
                }
            }
        }
    }

    private static function areNested(Placed $one, Placed $other): bool
    {
        return $one->isIn($other) || $other->isIn($one);
    }

    /** Whether they share more than an edge, and neither lies wholly upon the other, which takes what is tapped there. */
    private static function share(Target $one, Target $other): bool
    {
        [$a, $b] = [$one->box, $other->box];
        $across = min($a->right(), $b->right()) - max($a->x, $b->x);
        $down = min($a->bottom(), $b->bottom()) - max($a->y, $b->y);
        $min = min($a->width * $a->height, $b->width * $b->height);

        return $across > 1 && $down > 1 && $across * $down < 0.98 * $min;
    }

    private static function meets(Target $small, Target $other, float $circle): bool
    {
        if (min($small->box->width, $small->box->height) >= $circle) {
            return false;
        }
        $middle = $small->box->centre();
        $dx = max($other->box->x - $middle->x, 0, $middle->x - $other->box->right());
        $dy = max($other->box->y - $middle->y, 0, $middle->y - $other->box->bottom());
        $inside = $dx === 0.0 && $dy === 0.0;

        return ! $inside && hypot($dx, $dy) < $circle / 2 - 0.01;
    }

    private static function gap(Target $one, Target $other): float
    {
        $dx = max($other->box->x - $one->box->right(), $one->box->x - $other->box->right(), 0);
        $dy = max($other->box->y - $one->box->bottom(), $one->box->y - $other->box->bottom(), 0);

        return hypot($dx, $dy);
    }
}
