<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Ways;

/** A version of a screen for a situation is shown by some cue, once its screens are linked. */
final class NoWayIn implements OnFlow
{
    public static function key(): string
    {
        return 'no-way-in';
    }

    public static function label(): string
    {
        return 'versions of screens that no way leads into';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'The plan of the brief: what is shown when there is nothing, or when something fails, has to be seen';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        foreach ($ways->screens as $id => $screen) {
            $main = $screen->conditionOf;
            if ($main !== null && isset($ways->screens[$main]) && ! isset($ways->reached()[$id]) && self::isLinkedInto($ways, $main)) {
                yield Finding::ofScreen(self::class, $id, $id, "“{$screen->name}” is shown by no cue, though other versions of “{$ways->screens[$main]->name}” are.");
            }
        }
    }

    /** Whether versions of a screen are told apart in the flow at all. */
    private static function isLinkedInto(Ways $ways, string $main): bool
    {
        foreach ($ways->screens as $id => $screen) {
            if ($screen->conditionOf === $main && isset($ways->reached()[$id])) {
                return true;
            }
        }

        return false;
    }
}
