<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Way;
use Kindred\Check\Ways;

/** What lies over a screen can be taken off again. */
final class StuckOverlay implements OnFlow
{
    public static function key(): string
    {
        return 'stuck-overlay';
    }

    public static function label(): string
    {
        return 'screens over others that cannot be taken off';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 2.1.2: who comes in can come out';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        foreach ($ways->screens as $id => $screen) {
            $out = array_filter($ways->from[$id], fn (Way $way): bool => in_array($way->does, ['take-off', 'return', 'show', 'replace'], true));
            if ($out === [] && $ways->liesOver($id) && ! $ways->goesByItself($id)) {
                // A tap beside it helps only where there is something beside it.
                $covers = $ways->over($id)->outside;
                yield Finding::ofScreen(self::class, $id, $id, $covers ? "“{$screen->name}” lies over all of another screen, so that nothing beside it can be tapped, and cannot be taken off." : "“{$screen->name}” lies over other screens and cannot be taken off.", $covers
                    ? new Fix('Let it be dragged away', [['type' => 'set-screen-field', 'screen' => $id, 'field' => 'over.dragged', 'value' => 'true']])
                    : new Fix('Take it off by a tap beside it', [['type' => 'set-screen-field', 'screen' => $id, 'field' => 'over.outside', 'value' => 'true']]));
            }
        }
    }
}
