<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Way;
use Kindred\Check\Ways;

/** A screen that people come to leads on, or back. */
final class DeadEnd implements OnFlow
{
    public static function key(): string
    {
        return 'dead-end';
    }

    public static function label(): string
    {
        return 'screens that lead nowhere';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'Nielsen 1994, user control and freedom: a way out of every place';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        foreach ($ways->screens as $id => $screen) {
            $out = array_filter($ways->from[$id], fn (Way $way): bool => $way->leads() || in_array($way->does, ['return', 'take-off'], true));
            if ($out === [] && isset($ways->reached()[$id]) && $ways->isLinked($id) && ! $ways->liesOver($id)) {
                yield Finding::ofScreen(self::class, $id, $id, "“{$screen->name}” leads nowhere: who comes there has no way on or back.", $ways->into[$id] === [] ? null : $ways->returned($id));
            }
        }
    }
}
