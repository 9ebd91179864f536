<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;

/** What returns stands at the top left. Checked only where it is set how near to that corner. */
final class BackPlace implements OnScreen
{
    public static function key(): string
    {
        return 'back-place';
    }

    public static function label(): string
    {
        return 'where what returns stands';
    }

    public static function group(): Group
    {
        return Group::Consistency;
    }

    public static function source(): string
    {
        return 'The convention of the project';
    }

    public static function limit(): Limit
    {
        return new Limit('How far from the top left corner what returns may stand', null, 24, 1000, otherwise: 'not checked');
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        if ($limit === null) {
            return;
        }
        foreach ($scene->seen as $one) {
            $away = hypot(max(0.0, $one->bounds->x), max(0.0, $one->bounds->y - $scene->device->safe[0]));
            if (self::returns($one) && $away > $limit) {
                yield Finding::of(self::class, $scene->screen->id, sprintf('%s returns, but stands %s px from the top left corner, where what returns is looked for.', $one->called(), round($away)), [$one->address]);
            }
        }
    }

    private static function returns(Placed $one): bool
    {
        foreach ($one->layer->cues as $cue) {
            if ($cue->isTap() && $cue->returns()) {
                return true;
            }
        }

        return false;
    }
}
