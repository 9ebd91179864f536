<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layout\Size;

/** Bars along an edge of the screen have the height that the project has settled on. */
trait BarHeights
{
    public static function group(): Group
    {
        return Group::Consistency;
    }

    public static function source(): string
    {
        return 'The convention of the project';
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        if ($limit === null) {
            return;
        }
        foreach ($scene->roots as $one) {
            if (self::isBar($scene, $one) && abs($one->bounds->height - $limit) > 0.5) {
                yield Finding::of(self::class, $scene->screen->id, sprintf('%s is %s px high; such bars are to be %s px.', $one->called(), round($one->bounds->height, 1), round($limit, 1)), [$one->address],
                    $one->layer->fitsContent() || $one->layer->heightFrom() !== Size::Length ? null : new Fix('Make it '.round($limit, 1).' px high', self::fixed($scene, $one, $limit)));
            }
        }
    }

    /** Along the edge from side to side, and not much of the screen. */
    private static function isBar(Scene $scene, Placed $one): bool
    {
        $shown = min($scene->screen->box->height, $scene->screen->view);
        $status = (float) $scene->device->safe[0];

        return $one->angle === 0.0 && $one->bounds->width >= $scene->screen->box->width - 1 && $one->bounds->height <= $shown * 0.2 && $one->bounds->height > max(24.0, $one->bounds->y < 1 ? min(30.0, $status) : 0.0)
            && self::isAt($scene, $one) && ($one->layer->fills !== [] || $one->children !== []);
    }
}
