<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnFlow;
use Kindred\Check\Ways;

/** Screens that show each other by themselves leave time to see them. */
final class Loop implements OnFlow
{
    public static function key(): string
    {
        return 'loop';
    }

    public static function label(): string
    {
        return 'screens that follow each other without end';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 2.2.1: people have time';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    /** ms for which a screen has to be seen. */
    private const MIN = 100;

    public static function in(Ways $ways): iterable
    {
        $next = [];
        foreach ($ways->screens as $id => $screen) {
            foreach ($ways->from[$id] as $way) {
                if ($way->after !== null && $way->after < self::MIN && $way->always && $way->does !== 'lay-over' && isset($ways->screens[$way->to ?? ''])) {
                    $next[$id] ??= $way;
                }
            }
        }
        $told = [];
        foreach ($next as $id => $way) {
            $round = [$id];
            $at = $way->to;
            while ($at !== null && isset($next[$at]) && ! in_array($at, $round, true)) {
                $round[] = $at;
                $at = $next[$at]->to;
            }
            if ($at === $id && array_intersect($round, $told) === []) {
                array_push($told, ...$round);
                $names = implode(', ', array_map(fn (string $one): string => "“{$ways->screens[$one]->name}”", $round));
                yield Finding::ofScreen(self::class, $id, $id, count($round) === 1 ? "{$names} shows itself again and again." : "{$names} show each other without end.", new Fix('Wait two seconds here', [
                    ['type' => 'set-cue-field', 'screen' => $way->kept, 'layer' => $way->place?->layer, 'cue' => $way->cue, 'field' => 'trigger.kind', 'value' => 'delay'],
                    ['type' => 'set-cue-field', 'screen' => $way->kept, 'layer' => $way->place?->layer, 'cue' => $way->cue, 'field' => 'trigger.delay', 'value' => '2000'],
                ]));
            }
        }
    }
}
