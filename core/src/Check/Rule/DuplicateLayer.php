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
use Kindred\Document\Layer;

/** A layer lies twice at the same place: the lower one is hidden, and what is done to one of them is not done to the other. */
final class DuplicateLayer implements OnScreen
{
    public static function key(): string
    {
        return 'duplicate-layer';
    }

    public static function label(): string
    {
        return 'layers that are there twice';
    }

    public static function group(): Group
    {
        return Group::Leftover;
    }

    public static function source(): string
    {
        return 'A copy that was pasted in place and forgotten';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->families() as $family) {
            $at = [];
            foreach ($family as $one) {
                $box = $one->layer->box;
                if (Scene::isOwn($one) && ! $one->isLaidOut()) {
                    $at["{$one->layer->kind()} {$box->x} {$box->y} {$box->width} {$box->height}"][] = $one;
                }
            }
            foreach ($at as $same) {
                for ($i = 1; $i < count($same); $i++) {
                    if (self::alike($same[$i - 1], $same[$i])) {
                        yield Finding::of(self::class, $scene->screen->id, "{$same[$i]->called()} lies on {$same[$i - 1]->called()}, which is the same.", [$same[$i]->address, $same[$i - 1]->address], new Fix('Delete the upper one', [['type' => 'delete-layers', ...$scene->named($same[$i])]]));
                    }
                }
            }
        }
    }

    /** Whether two, and all in them, look the same. */
    private static function alike(Placed $one, Placed $other): bool
    {
        $own = fn (Placed $placed): array => array_values(array_filter($placed->children, fn (Placed $child): bool => ! $child->isPart && Scene::isOwn($child)));
        [$a, $b] = [$own($one), $own($other)];
        if (self::look($one->layer) !== self::look($other->layer) || count($a) !== count($b)) {
            return false;
        }
        foreach ($a as $i => $child) {
            if (! self::alike($child, $b[$i])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, mixed> */
    private static function look(Layer $layer): array
    {
        return array_diff_key($layer->toArray(), array_flip(['id', 'screen', 'parent', 'rank', 'name', 'lineage', 'cues', 'locked']));
    }
}
