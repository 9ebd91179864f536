<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Way;
use Kindred\Check\Ways;

/** From wherever people come to they can come back to where they began. */
final class NoWayBack implements OnFlow
{
    public static function key(): string
    {
        return 'no-way-back';
    }

    public static function label(): string
    {
        return 'ways from which there is none back';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'Nielsen 1994, user control and freedom; WCAG 2.2, success criterion 3.3.4: what was done can be reversed';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        $returning = $ways->returning();
        foreach ($ways->screens as $id => $screen) {
            $out = array_filter($ways->from[$id], fn (Way $way): bool => $way->leads());
            // What leads nowhere at all is said of that. Of several after each other the first is told.
            if (isset($returning[$id]) || ! isset($ways->reached()[$id]) || $out === []) {
                continue;
            }
            $before = array_values(array_filter($ways->into[$id], fn (Way $way): bool => isset($returning[$way->screen])));
            if ($before !== []) {
                yield Finding::ofScreen(self::class, $id, $id, "From “{$screen->name}” there is no way back to “{$ways->screens[$before[0]->screen]->name}”, or to where people begin.", $ways->returned($id));
            }
        }
    }
}
