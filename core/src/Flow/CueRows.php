<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Condition\FieldsAreRight;
use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Cue\Setting;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Key;
use Kindred\Document\Cue\Trigger\Open;
use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Cue\Trigger\Spoken;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Motion\TransitionPlan;
use Kindred\Signal\Formula;
use Kindred\Signal\Kind;

/**
 * What the programme says of a cue: conditions as groups, one of which has to hold as a whole, and actions in order.
 *
 * @phpstan-import-type Plan from Programme
 * @phpstan-import-type Step from Formula
 *
 * @phpstan-type Test array{kind: string, not?: bool, signal?: string, part?: string, compare?: string, value?: float|string, to?: string, axis?: string, state?: string, instance?: string}
 * @phpstan-type Deed array{kind: string, screen?: string, to?: string, first?: bool, axis?: string, state?: string|null, instance?: string, signal?: string, value?: bool|int|float|string|list<int>|null, by?: int|float, steps?: list<Step>, layer?: string, address?: string, plan?: Plan|null, inverse?: Plan|null}
 * @phpstan-type CueRow array{id: string, trigger: array{kind: string, delay?: int, press?: int, direction?: string, distance?: float, key?: string, phrase?: string, reaches?: Test}, conditions: list<list<Test>>, actions: list<Deed>, otherwise: list<Deed>, turns?: list<string>}
 */
final readonly class CueRows
{
    public function __construct(private Tree $tree, private Signals $signals)
    {
    }

    /** Whether somebody sets it off at its layer, and it does not happen by itself, by a key or by words. */
    public static function isHandled(Cue $cue): bool
    {
        $trigger = $cue->trigger;

        return ! ($trigger instanceof Delay || $trigger instanceof Open || $trigger instanceof Key || $trigger instanceof Spoken || $trigger instanceof Reaching);
    }

    /** Whether it is about the state of the instance in which its layer lies. */
    public static function isAboutItself(Cue $cue): bool
    {
        return array_filter($cue->acts(), fn (Act $act): bool => $act->action instanceof ChangeState && $act->action->instance === null) !== []
            || array_filter($cue->conditions, fn (Premise $one): bool => $one->condition instanceof StateIs && $one->condition->instance === null) !== [];
    }

    /** @return array<string, true> the axes on whose states some cue depends */
    public static function axes(Tree $tree): array
    {
        $axes = [];
        foreach ([...array_values($tree->layers), ...array_values($tree->screens)] as $one) {
            foreach ($one->cues as $cue) {
                foreach ($cue->conditions as $premise) {
                    $axes += $premise->condition instanceof StateIs ? [$premise->condition->axis => true] : [];
                }
            }
        }

        return $axes;
    }

    /** @return CueRow|null null for one that can do nothing: what it leads to is gone */
    public function row(Cue $cue): ?array
    {
        $actions = $this->deeds($cue->actions);
        $otherwise = $this->deeds($cue->otherwise);
        if ($actions === [] && $otherwise === []) {
            return null;
        }
        $trigger = $cue->trigger;
        /** @var array{delay?: int, press?: int, direction?: string, distance?: float, key?: string, phrase?: string} $own */
        $own = match (true) {
            $trigger instanceof Reaching => ['reaches' => $this->compared($trigger->reaches)],
            // Letters are named by their capitals.
            $trigger instanceof Key => ['key' => (string) preg_replace_callback('/(?<![^+])\pL$/Du', fn (array $match): string => mb_strtoupper($match[0]), $trigger->key)],
            $trigger instanceof Spoken => ['phrase' => self::said($trigger->phrase)],
            default => $trigger->toArray(),
        };

        return ['id' => $cue->id, 'trigger' => ['kind' => $trigger::kind()] + $own, 'conditions' => $this->groups($cue->conditions), 'actions' => $actions, 'otherwise' => $otherwise];
    }

    /** Words as they are compared: small letters and figures, with single spaces between. */
    public static function said(string $words): string
    {
        return trim((string) preg_replace('/[^\pL\pN]+/u', ' ', mb_strtolower($words)));
    }

    /**
     * @param  list<Premise>  $premises
     * @return list<list<Test>>
     */
    private function groups(array $premises): array
    {
        $groups = [];
        foreach ($premises as $premise) {
            $condition = $premise->condition;
            $test = match (true) {
                $condition instanceof SignalIs => $this->compared($condition),
                $condition instanceof StateIs => ['kind' => 'state', 'axis' => $condition->axis, 'state' => $condition->state, 'not' => $condition->not] + ($condition->instance === null ? [] : ['instance' => $condition->instance]),
                default => ['kind' => 'fields', 'not' => $condition instanceof FieldsAreRight && $condition->not],
            };
            if ($premise->or || $groups === []) {
                $groups[] = [$test];
            } else {
                $groups[count($groups) - 1][] = $test;
            }
        }

        return $groups;
    }

    /** @return Test */
    private function compared(SignalIs $is): array
    {
        $kind = $is->part === '' ? $this->signals->kinds[$is->signal] ?? null : null;
        $value = trim($is->value);
        $day = $kind === Kind::Date ? self::day($value) : null;

        return ['kind' => 'signal', 'signal' => $is->signal, 'part' => $is->part, 'compare' => $is->compare->value, 'value' => $day ?? $value, 'to' => $is->to !== '' ? $is->to : ($kind === Kind::Date && $value === 'today' ? 'today' : '')];
    }

    /** A day as it is typed, in days since 1 January 1970; null where it is none. */
    private static function day(string $typed): ?float
    {
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/D', $typed, $match) !== 1 || ! checkdate((int) $match[2], (int) $match[3], (int) $match[1])) {
            return null;
        }

        return (float) intdiv((int) gmmktime(0, 0, 0, (int) $match[2], (int) $match[3], (int) $match[1]), 86_400);
    }

    /**
     * @param  list<Act>  $acts
     * @return list<Deed>
     */
    private function deeds(array $acts): array
    {
        $deeds = [];
        foreach ($acts as $act) {
            $deed = $act->target() === null || isset($this->tree->screens[$act->target()]) ? $this->deed($act) : null;
            if ($deed !== null) {
                $deeds[] = $deed;
            }
        }

        return $deeds;
    }

    /** @return Deed|null null for what cannot be done */
    private function deed(Act $act): ?array
    {
        $action = $act->action;
        if ($action instanceof SetValue) {
            return $this->setting($action);
        }
        if ($action instanceof GoBack && $action->to !== null && ! isset($this->tree->screens[$action->to])) {
            return null;
        }
        $transition = $act->transition;
        $plans = $action::moves() ? ['plan' => $transition === null ? null : TransitionPlan::of($transition)->toArray(), 'inverse' => $transition === null ? null : TransitionPlan::inverse($transition)->toArray()] : [];
        /** @var array{screen?: string, to?: string, first?: bool, axis?: string, state?: string|null, instance?: string, layer?: string, address?: string} $own */
        $own = $action->toArray();

        return ['kind' => $action::kind()] + $own + $plans;
    }

    /** @return Deed|null */
    private function setting(SetValue $set): ?array
    {
        $kind = $this->signals->kinds[$set->signal] ?? null;
        $row = ['kind' => SetValue::kind(), 'signal' => $set->signal];
        if ($kind === null || isset(Signals::BUILT_IN[$set->signal])) {
            return null;
        }
        if ($set->how === Setting::By) {
            return is_numeric($set->value) ? $row + ['by' => (float) $set->value] : null;
        }
        if ($set->how === Setting::Formula) {
            try {
                $steps = Formula::parse($set->value);
            } catch (InvalidInput) {
                return null;
            }

            return $row + ['steps' => $steps];
        }
        if ($kind === Kind::Date && trim($set->value) === 'today') {
            return $row + ['steps' => [['do' => 'read', 'signal' => 'today', 'part' => '']]];
        }
        $value = $this->valued($kind, $set->signal, trim($set->value));

        return $value === null && $kind !== Kind::Date ? null : $row + ['value' => $value];
    }

    /** @return bool|int|float|string|list<int>|null what a widget holds, from what was typed; null where it is nothing of the kind, or no day */
    private function valued(Kind $kind, string $signal, string $typed): bool|int|float|string|array|null
    {
        $labels = $kind->hasItems() ? SignalRows::row($this->signals->widgets[(string) array_search($signal, $this->signals->of, true)], $kind)['labels'] : [];
        $items = array_values(array_filter(array_map(fn (string $label): int|false => array_search(trim($label), $labels, true), $typed === '' ? [] : explode(',', $typed)), is_int(...)));
        sort($items);

        return match ($kind) {
            Kind::On => in_array(mb_strtolower($typed), ['on', 'yes', 'true', '1'], true),
            Kind::One => $typed === '' ? -1 : $items[0] ?? null,
            Kind::Several => $items,
            Kind::Number => is_numeric($typed) ? (float) $typed : null,
            Kind::Text => $typed,
            Kind::Date => self::day($typed) === null ? null : (int) self::day($typed),
        };
    }
}
