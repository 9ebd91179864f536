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
use Kindred\Document\Cue\Entries;
use Kindred\Geometry\Box;

/** What can be pressed does not lie below something else that is pressed, and cues of single entries have these; what lies off the screen is said of that. */
final class CoveredCue implements OnScreen
{
    public static function key(): string
    {
        return 'covered-cue';
    }

    public static function label(): string
    {
        return 'cues that cannot be pressed';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 2.5.8: a target is there to be pressed';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $pressed = array_values(array_filter($scene->seen, fn (Placed $one): bool => $one->isTapped()));
        $near = new Near($pressed);
        foreach ($pressed as $one) {
            foreach ($one->layer->cues as $cue) {
                if (! Entries::has($one->layer, $cue)) {
                    $kept = ($scene->tree->layers[$one->address->layer] ?? null)->screen ?? $scene->screen->id;
                    yield Finding::of(self::class, $scene->screen->id, "{$one->called()} has no entry “{$cue->entry}” any more, on which a cue waits.", [$one->address], new Fix('Remove that cue', [['type' => 'remove-cue', 'screen' => $kept, 'layer' => $one->address->layer, 'cue' => $cue->id]]));

                    break;
                }
            }
            foreach ($near->meeting($one->bounds) as $above) {
                if ($above->order > $one->order && ! $above->isIn($one) && self::covers($above->bounds, $one->bounds)) {
                    yield Finding::of(self::class, $scene->screen->id, "{$one->called()} cannot be pressed: {$above->called()} lies over all of it, and is pressed instead.", [$one->address, $above->address]);

                    break;
                }
            }
        }
    }

    private static function covers(Box $above, Box $below): bool
    {
        return $above->x <= $below->x && $above->y <= $below->y && $above->right() >= $below->right() && $above->bottom() >= $below->bottom();
    }
}
