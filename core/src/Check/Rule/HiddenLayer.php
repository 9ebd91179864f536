<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Geometry\Box;

/** A layer that nobody sees: hidden, wholly seen through, or covered by something opaque. */
final class HiddenLayer implements OnScreen
{
    public static function key(): string
    {
        return 'hidden-layer';
    }

    public static function label(): string
    {
        return 'layers that nobody sees';
    }

    public static function group(): Group
    {
        return Group::Leftover;
    }

    public static function source(): string
    {
        return 'What is not seen is drawn, exported and handed over all the same';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $delete = fn (Placed $one): Fix => new Fix('Delete it', [['type' => 'delete-layers', ...$scene->named($one)]]);
        foreach ($scene->hidden as $one) {
            yield Finding::of(self::class, $scene->screen->id, "{$one->called()} is ".($one->layer->hidden ? 'hidden' : 'seen through wholly').': nobody sees it.', [$one->address], $delete($one));
        }
        $covers = new Near(array_values(array_filter($scene->seen, self::covers(...))));
        $told = new \SplObjectStorage;
        foreach ($scene->seen as $one) {
            if ($one->parent !== null && isset($told[$one->parent])) {
                $told[$one] = true;

                continue;
            }
            $over = Scene::isOwn($one) && $one->bounds->width > 0 && $one->bounds->height > 0 && ! $one->isTapped() ? self::over($covers, $one) : null;
            if ($over !== null) {
                $told[$one] = true;
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} lies under {$over->called()}, which covers it: nobody sees it.", [$one->address, $over->address], $delete($one));
            }
        }
    }

    private static function over(Near $covers, Placed $one): ?Placed
    {
        $reach = Box::around(...array_map(fn (Placed $in): Box => $in->bounds, $one->all())) ?? $one->bounds;
        foreach ($covers->meeting($reach) as $cover) {
            // What lies there twice is told by another rule.
            if ($cover->order > $one->order && ! ($cover->bounds->equals($one->bounds) && $cover->layer->kind() === $one->layer->kind()) && ! $cover->isIn($one) && $cover->bounds->contains($reach, 0.01)) {
                return $cover;
            }
        }

        return null;
    }

    private static function covers(Placed $one): bool
    {
        $layer = $one->layer;
        $front = Fill::front($layer->fills);
        for ($around = $one; $around !== null; $around = $around->parent) {
            if ($around->layer->opacity < 1 || $around->layer->blend !== BlendMode::Normal || $around->layer->masks !== []) {
                return false;
            }
        }

        return ($layer->content instanceof BoxLayer || $layer->content instanceof Stack) && $one->angle === 0.0 && max(0.0, ...$layer->corners->radii()) <= 0 && $layer->effects === []
            && $front !== null && $front->opacity >= 1 && $front->blend === BlendMode::Normal && $front->paint instanceof Solid && $front->paint->colour->alpha >= 1;
    }
}
