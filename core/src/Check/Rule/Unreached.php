<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Ways;

/** A screen is led to by some way from where people begin. */
final class Unreached implements OnFlow
{
    public static function key(): string
    {
        return 'unreached';
    }

    public static function label(): string
    {
        return 'screens that nothing leads to';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'Nielsen 1994, user control: what cannot be come to is not there';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        foreach ($ways->screens as $id => $screen) {
            if (! isset($ways->reached()[$id]) && $screen->conditionOf === null && $ways->isLinked($id)) {
                yield Finding::ofScreen(self::class, $id, $id, $ways->into[$id] === [] ? "Nothing leads to “{$screen->name}”." : "“{$screen->name}” is led to only from screens that nothing leads to.");
            }
        }
    }
}
