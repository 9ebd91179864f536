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
use Kindred\Document\Layer\Text;

/** Words keep as far off the sides of the screen as the project has settled. Checked only where a margin is set. */
final class Margin implements OnScreen
{
    public static function key(): string
    {
        return 'margin';
    }

    public static function label(): string
    {
        return 'margin at the sides';
    }

    public static function group(): Group
    {
        return Group::Place;
    }

    public static function source(): string
    {
        return 'The convention of the project';
    }

    public static function limit(): Limit
    {
        return new Limit('Least margin at the sides', null, 1, 200, otherwise: 'not checked');
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        if ($limit === null) {
            return;
        }
        foreach ($scene->seen as $one) {
            if (! $one->layer->content instanceof Text || trim($one->layer->content->words) === '') {
                continue;
            }
            $ink = $one->ink();
            $left = $ink->x;
            $right = $scene->screen->box->width - $ink->right();
            // What lies off the screen is told by another rule.
            $short = ['left' => $left >= 0 ? $limit - $left : 0.0, 'right' => $right >= 0 ? $limit - $right : 0.0];
            $side = $short['left'] >= $short['right'] ? 'left' : 'right';
            if ($short[$side] > 0.5) {
                yield Finding::of(self::class, $scene->screen->id, sprintf('%s keeps %s px off the %s edge; the margin is %s px.', $one->called(), round($side === 'left' ? $left : $right, 1), $side, round($limit, 1)), [$one->address], self::moved($scene, $one, $side, $short[$side]));
            }
        }
    }

    private static function moved(Scene $scene, Placed $one, string $side, float $by): ?Fix
    {
        return ! Scene::isOwn($one) || $one->isLaidOut() ? null
            : new Fix('Move it by '.round($by, 1).' px', [['type' => 'move-layers', ...$scene->named($one), 'dx' => round($side === 'left' ? $by : -$by, 2), 'dy' => 0]]);
    }
}
