<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Beyond;
use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Screen;
use Kindred\Document\ScreenCondition;

/** A screen has a version for each situation that its plan names, and, once it has any, one for an empty list. */
final class MissingCondition implements Beyond, OnScreen
{
    public static function key(): string
    {
        return 'missing-condition';
    }

    public static function label(): string
    {
        return 'versions for situations that are missing';
    }

    public static function group(): Group
    {
        return Group::Wording;
    }

    public static function source(): string
    {
        return 'The plan of the brief; Nielsen 1994, visibility of system status';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->conditions($screen);
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $screen = $scene->screen;
        if ($screen->conditionOf !== null) {
            return;
        }
        $made = array_filter(array_map(fn (Screen $one): ?ScreenCondition => $one->id === $screen->id || $one->conditionOf === $screen->id ? $one->condition : null, array_values($scene->tree->screens)));
        $planned = array_merge([], ...array_map(fn (Entry $row): array => $row->screen === $screen->id ? $row->conditions : [], $scene->tree->part(Part::Plan)));
        $lists = array_values(array_filter($scene->seen, fn ($one): bool => $one->layer->content instanceof ArrayLayer && Scene::isOwn($one)));
        $needed = array_map(fn (ScreenCondition $one): array => [$one, "The plan asks for a version of “{$screen->name}” for: {$one->label()}."], $planned);
        if ($made !== [] && $lists !== [] && ! in_array(ScreenCondition::Empty, $planned, true)) {
            $needed[] = [ScreenCondition::Empty, "“{$screen->name}” has versions for other situations, but none for when {$lists[0]->called()} is empty."];
        }
        foreach ($needed as [$condition, $reason]) {
            if (! in_array($condition, $made, true)) {
                yield Finding::ofScreen(self::class, $screen->id, "{$screen->id} {$condition->value}", $reason,
                    new Fix("Make one for: {$condition->label()}", [['type' => 'make-condition', 'screen' => $screen->id, 'condition' => $condition->value, 'seed' => "check {$screen->id} {$condition->value}"]]));
            }
        }
    }
}
