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

/** Going back moves the other way than going. */
final class WrongWay implements OnFlow
{
    public static function key(): string
    {
        return 'wrong-way';
    }

    public static function label(): string
    {
        return 'returns that move as going does';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'Motion tells where things are: what came in from the right leaves to the right';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function in(Ways $ways): iterable
    {
        foreach ($ways->screens as $id => $screen) {
            foreach ($ways->from[$id] as $way) {
                $direction = $way->direction;
                $came = $direction === null ? [] : self::comers($ways, $way);
                if ($direction !== null && $came !== [] && array_filter($came, fn (Way $one): bool => $one->direction !== $direction) === []) {
                    $back = $direction->opposite()->value;
                    $reason = "{$way->called} goes back moving {$direction->value}, as “{$screen->name}” came from “{$ways->screens[$came[0]->screen]->name}”.";
                    $fix = $way->does === 'return' ? new Fix('Move back as it came', [$way->set('transition.kind', '')]) : new Fix("Move {$back}", [$way->set('transition.direction', $back)]);
                    yield $way->place === null ? Finding::ofScreen(self::class, $id, "{$id} {$way->cue}", $reason, $fix) : Finding::of(self::class, $id, $reason, [$way->place], $fix);
                }
            }
        }
    }

    /**
     * The ways that a way takes back; none where it is no way back.
     *
     * @return list<Way>
     */
    private static function comers(Ways $ways, Way $way): array
    {
        $came = array_values(array_filter($ways->into[$way->screen], fn (Way $one): bool => $one->does === 'show' && $one->screen !== $way->screen));
        if ($way->does === 'return') {
            return $way->toFirst ? [] : array_values(array_filter($came, fn (Way $one): bool => $way->to === null || $one->screen === $way->to));
        }
        // Of two that show each other the one that hangs later goes back.
        $order = array_flip(array_keys($ways->screens));

        return $way->does !== 'show' || ($order[$way->to ?? ''] ?? PHP_INT_MAX) >= $order[$way->screen] ? [] : array_values(array_filter($came, fn (Way $one): bool => $one->screen === $way->to));
    }
}
