<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Overlay;
use Kindred\Document\Span;

/**
 * Runs a programme without a screen: events in, the place where the rehearsal stands out.
 *
 * Time is counted in ms. A screen has settled when its transition is over; delays count from then.
 * What widgets hold lasts until the rehearsal starts anew. A person's step during a transition acts on the arriving screen.
 * Of screens that lie over each other the uppermost answers and waits; what lies below begins to wait anew when it is the uppermost again.
 *
 * @phpstan-import-type Table from Programme
 * @phpstan-import-type State from Programme
 * @phpstan-import-type Plan from Programme
 * @phpstan-import-type Over from Programme
 * @phpstan-import-type Test from CueRows
 * @phpstan-import-type Deed from CueRows
 * @phpstan-import-type Outcome from Pressing
 *
 * @phpstan-type Step array{screen: string|null, over: list<string>, inverse: Plan|null}
 * @phpstan-type Event array{type: 'down', path: list<string>, turns?: list<string>, x: int|float, y: int|float, scrolls?: array<string, list<string>>, touch?: bool}|array{type: 'move', x: int|float, y: int|float}|array{type: 'up'|'cancel'|'return'|'restart'|'outside'}|array{type: 'tap', path: list<string>, turns?: list<string>, x?: int|float, y?: int|float}|array{type: 'hover', path: list<string>, turns?: list<string>}|array{type: 'key', key: string}|array{type: 'say', words: string}|array{type: 'elapse', ms: int}|array{type: 'open', screen: string}|array{type: 'jump', to: int}|array{type: 'press', widget: string, press: string, item?: int}|array{type: 'enter', widget: string, value: string|int|float}|array{type: 'focus'|'leave', widget: string, path?: list<string>, turns?: list<string>}
 */
final class Simulator
{
    /** Cues that set off each other may form a loop; it is left after so many in one event. */
    public const MOST_STEPS = 100;

    private ?string $screen;

    /** @var list<string> the screens that lie over it, the lowest first */
    private array $over = [];

    /** @var list<Step> what was shown before, and how one comes back there */
    private array $trail = [];

    private int $clock = 0;

    private int $settled = 0;

    private int $steps = 0;

    /** @var array<int, true> the delayed cues that have happened since the screen was shown */
    private array $fired = [];

    /** @var array<int, bool> whether the conditions hold on which cues wait, by row */
    private array $held = [];

    /** @var Plan|null the transition last played */
    private ?array $played = null;

    /** @var list<string> the layers under the pointer, the innermost first */
    private array $under = [];

    /** @var list<string> what was done that only a window can do, the last 50 */
    public array $done = [];

    public readonly Values $values;

    /** @var array<string, array<string, string>> the states of instances, by axis */
    public array $turns;

    private readonly Pressing $pressing;

    /**
     * @param  Table  $table
     * @param  int  $seed  of the generated number, from 1 to 2^31 - 2
     * @param  int  $today  days since 1 January 1970
     */
    public function __construct(private readonly array $table, int $seed = 1, int $today = 0)
    {
        $this->values = new Values($table, $seed, $today);
        $this->turns = $table['turns'];
        $this->screen = $table['entry'];
        $this->pressing = new Pressing($this->found(...), fn (int $cue): array => $this->table['cues'][$cue]['trigger']);
        $this->held = $this->reached();
        $this->steps = self::MOST_STEPS;
        $this->waitsFor('open');
    }

    /** @param  Event  $event */
    public function send(array $event): void
    {
        $this->steps = self::MOST_STEPS;
        $turns = $event['turns'] ?? [];
        match ($event['type']) {
            'down' => $this->down($event['path'], $turns, (float) $event['x'], (float) $event['y'], $event['scrolls'] ?? [], $event['touch'] ?? true),
            'move' => $this->pressing->move($this->clock, (float) $event['x'], (float) $event['y'], $this->away()),
            'up' => $this->up(),
            'cancel' => $this->pressing->cancel(),
            'tap' => array_map($this->outcome(...), $this->pressing->tap($this->clock, $event['path'], $turns, (float) ($event['x'] ?? 0), (float) ($event['y'] ?? 0))),
            'hover' => $this->hover($event['path'], $turns),
            'key' => $this->waitsFor('key', fn (array $trigger): bool => ($trigger['key'] ?? '') === $event['key']),
            'say' => $this->waitsFor('spoken', fn (array $trigger): bool => ($trigger['phrase'] ?? '') !== '' && str_contains(' '.CueRows::said($event['words']).' ', " {$trigger['phrase']} ")),
            'elapse' => $this->elapse($event['ms']),
            'return' => $this->place(['kind' => 'return'], 0.0),
            'outside' => ! $this->pressing->isSpent() && $this->over !== [] && ($this->state()['over']['outside'] ?? false) ? $this->place(['kind' => 'take-off'], 0.0) : null,
            'restart' => $this->open($this->table['entry']),
            'open' => $this->open($event['screen']),
            'jump' => $this->jump($event['to']),
            'press' => $this->values->press($event['widget'], $event['press'], $event['item'] ?? -1),
            'enter' => $this->values->enter($event['widget'], $event['value']),
            'focus' => $this->all($this->found($event['path'] ?? [], 'focus', ''), $turns),
            'leave' => $this->left($event['widget'], $event['path'] ?? [], $turns),
        };
        $this->reach();
    }

    /** @return array{screen: string|null, trail: list<string>, plan: Plan|null} */
    public function stand(): array
    {
        return [
            'screen' => $this->screen,
            'trail' => array_map(fn (array $step): string => (string) $step['screen'], $this->trail),
            'plan' => $this->played,
        ];
    }

    /** @return list<string> the screens that lie over the one that is shown, the lowest first */
    public function over(): array
    {
        return $this->over;
    }

    /** The region that goes with the finger; null where none does. */
    public function scrolling(): ?string
    {
        return $this->pressing->scrolling();
    }

    /** @return array{cue: int, progress: float, turns: list<string>}|null the drag under way */
    public function following(): ?array
    {
        return $this->pressing->following();
    }

    /**
     * The cues with a trigger of the innermost layer that has some; the screen comes last.
     *
     * @param  list<string>  $path
     * @return list<int>
     */
    private function found(array $path, string $trigger, string $direction): array
    {
        $cues = $this->state()['cues'] ?? [];
        foreach ($path as $layer) {
            $rows = array_values(array_filter($cues[$layer] ?? [], fn (int $cue): bool => $this->table['cues'][$cue]['trigger']['kind'] === $trigger && ($direction === '' || ($this->table['cues'][$cue]['trigger']['direction'] ?? '') === $direction)));
            if ($rows !== []) {
                return $rows;
            }
        }

        return [];
    }

    /**
     * @param  list<string>  $path
     * @param  list<string>  $turns
     * @param  array<string, list<string>>  $scrolls
     */
    private function down(array $path, array $turns, float $x, float $y, array $scrolls, bool $touch): void
    {
        $this->pressing->down($this->clock, $path, $turns, $x, $y, $scrolls, $touch);
        $this->under = $path;
        $this->all($this->found($path, 'press', ''), $turns);
    }

    private function up(): void
    {
        $released = $this->found($this->under, 'release', '');
        $outcome = $this->pressing->up($this->clock);
        // What was pressed belongs to a screen that is no longer shown then.
        if (! $this->all($released, $outcome['turns'] ?? []) && $outcome !== null) {
            $this->outcome($outcome);
        }
    }

    /** @param  Outcome  $outcome */
    private function outcome(array $outcome): void
    {
        if ($outcome['rows'] === [Pressing::AWAY]) {
            $this->place(['kind' => 'take-off'], $outcome['from']);
        } else {
            $this->all($outcome['rows'], $outcome['turns'], $outcome['from']);
        }
    }

    /** @return array{string, float}|null in which direction, and how far, what lies over can be dragged away */
    private function away(): ?array
    {
        $over = $this->over === [] ? null : $this->state()['over'] ?? null;

        return $over === null || ! $over['dragged'] ? null : [$over['away'], $this->wayOut($over)];
    }

    /**
     * How far it is dragged until it is gone, px: as far as it is large there.
     *
     * @param  Over  $over
     */
    private function wayOut(array $over): float
    {
        $below = $this->known($this->screen);
        if (in_array($over['away'], ['left', 'right'], true)) {
            return $over['across'] === Span::Whole->value ? Overlay::room($below['width'] ?? 0.0, $over['margin']) : $over['reach'];
        }
        $room = Overlay::room($below['view'] ?? 0.0, $over['margin']);

        return $over['down'] === Span::Whole->value ? $room : min($over['reach'], $room);
    }

    /**
     * @param  list<string>  $path
     * @param  list<string>  $turns
     */
    private function hover(array $path, array $turns): void
    {
        $before = $this->under;
        $this->under = $path;
        foreach (array_diff($before, $path) as $layer) {
            $this->all($this->found([$layer], 'pointer-leave', ''), $turns);
        }
        foreach (array_reverse(array_diff($path, $before)) as $layer) {
            $this->all($this->found([$layer], 'pointer-enter', ''), $turns);
        }
    }

    /**
     * @param  list<string>  $path
     * @param  list<string>  $turns
     */
    private function left(string $widget, array $path, array $turns): void
    {
        $this->values->tell($widget);
        $this->all($this->found($path, 'blur', ''), $turns);
    }

    /** @param  \Closure(array{key?: string, phrase?: string, ...}): bool|null  $which */
    private function waitsFor(string $trigger, ?\Closure $which = null): void
    {
        foreach ($this->state()['waits'] ?? [] as $cue) {
            $row = $this->table['cues'][$cue];
            if ($row['trigger']['kind'] === $trigger && ($which === null || $which($row['trigger'])) && $this->fire($cue, $row['turns'] ?? [], 0.0)) {
                return;
            }
        }
    }

    private function elapse(int $ms): void
    {
        $until = $this->clock + $ms;
        while ($this->steps > 0) {
            [$cue, $due] = $this->next();
            $ripe = $this->pressing->due();
            if ($ripe !== null && $ripe <= min($due, $until)) {
                $this->clock = max($this->clock, $ripe);
                $this->outcome($this->pressing->ripe());
            } elseif ($cue !== null && $due <= $until) {
                $this->clock = max($this->clock, $due);
                $this->fired[$cue] = true;
                $this->fire($cue, $this->table['cues'][$cue]['turns'] ?? [], 0.0);
            } else {
                break;
            }
            $this->reach();
        }
        $this->clock = $until;
    }

    /** @return array{int|null, int} the delayed cue that is due first, and when */
    private function next(): array
    {
        $first = [null, PHP_INT_MAX];
        foreach ($this->state()['waits'] ?? [] as $cue) {
            $trigger = $this->table['cues'][$cue]['trigger'];
            $due = $this->settled + ($trigger['delay'] ?? 0);
            if ($trigger['kind'] === 'delay' && $due < $first[1] && $due >= $this->clock && ! isset($this->fired[$cue])) {
                $first = [$cue, $due];
            }
        }

        return $first;
    }

    /** Cues whose conditions did not hold and do now. */
    private function reach(): void
    {
        while ($this->steps > 0) {
            $before = $this->held;
            $this->held = $this->reached();
            $now = array_keys(array_filter($this->held, fn (bool $holds, int $cue): bool => $holds && ! ($before[$cue] ?? true), ARRAY_FILTER_USE_BOTH));
            if ($now === []) {
                return;
            }
            foreach ($now as $cue) {
                if (isset($this->held[$cue])) {
                    $this->fire($cue, $this->table['cues'][$cue]['turns'] ?? [], 0.0);
                }
            }
        }
    }

    /** @return array<int, bool> by the rows of the cues that wait for values */
    private function reached(): array
    {
        $held = [];
        foreach ($this->state()['waits'] ?? [] as $cue) {
            $reaches = $this->table['cues'][$cue]['trigger']['reaches'] ?? null;
            if ($reaches !== null) {
                $held[$cue] = $this->values->holds($reaches);
            }
        }

        return $held;
    }

    /**
     * Cues of one layer, in their order, until one of them shows another screen.
     *
     * @param  list<int>  $cues
     * @param  list<string>  $turns
     * @return bool whether one does
     */
    private function all(array $cues, array $turns, float $from = 0.0): bool
    {
        foreach ($cues as $cue) {
            if ($this->fire($cue, $turns, $from)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $turns
     * @param  float  $from  how far the transition has been dragged already, 0 to 1
     * @return bool whether another screen is shown
     */
    private function fire(int $cue, array $turns, float $from): bool
    {
        if ($this->steps <= 0) {
            return true;
        }
        $this->steps--;
        $row = $this->table['cues'][$cue];
        $shown = false;
        foreach ($this->happens($row['conditions'], $turns) ? $row['actions'] : $row['otherwise'] as $deed) {
            match ($deed['kind']) {
                'state' => $this->turn(isset($deed['instance']) ? [$deed['instance']] : $turns, $deed['axis'] ?? '', $deed['state'] ?? null),
                'value' => $this->values->set($deed),
                'scroll', 'focus' => $this->did("{$deed['kind']} ".($deed['layer'] ?? '')),
                'address' => $this->did('address '.($deed['address'] ?? '')),
                default => $shown = $this->place($deed, $from) || $shown,
            };
        }

        return $shown;
    }

    /**
     * @param  list<list<Test>>  $groups
     * @param  list<string>  $turns
     */
    private function happens(array $groups, array $turns): bool
    {
        foreach ($groups as $group) {
            $all = true;
            foreach ($group as $test) {
                $all = $all && match ($test['kind']) {
                    'fields' => $this->keepsRules() !== ($test['not'] ?? false),
                    'state' => $this->isIn(isset($test['instance']) ? [$test['instance']] : $turns, $test['axis'] ?? '', $test['state'] ?? '') !== ($test['not'] ?? false),
                    default => $this->values->holds($test),
                };
            }
            if ($all) {
                return true;
            }
        }

        return $groups === [];
    }

    /** @param  list<string>  $turns */
    private function isIn(array $turns, string $axis, string $state): bool
    {
        foreach ($turns as $one) {
            if (isset($this->turns[$one][$axis])) {
                return $this->turns[$one][$axis] === $state;
            }
        }

        return false;
    }

    private function did(string $what): void
    {
        $this->done = array_slice([...$this->done, $what], -50);
    }

    /**
     * The innermost instance that has the axis shows another state of it: one that is named, or the next.
     *
     * @param  list<string>  $turns
     */
    private function turn(array $turns, string $axis, ?string $state): void
    {
        foreach ($turns as $one) {
            $now = $this->turns[$one][$axis] ?? null;
            if ($now !== null) {
                $states = $this->table['axes'][$axis] ?? [];
                $this->turns[$one][$axis] = $state ?? $states[((int) array_search($now, $states, true) + 1) % max(1, count($states))] ?? $now;

                return;
            }
        }
    }

    /** Whether the values of all widgets of the screen are valid; those that are not show their errors. */
    private function keepsRules(): bool
    {
        $widgets = $this->state()['widgets'] ?? [];
        array_map($this->values->tell(...), $widgets);

        return array_filter($widgets, fn (string $widget): bool => $this->values->wrong($widget) !== '') === [];
    }

    /**
     * Shows another screen, or lays one over, or takes one off.
     *
     * @param  Deed  $deed
     * @return bool whether it did
     */
    private function place(array $deed, float $from): bool
    {
        $move = $this->moved($deed);
        if ($move === null) {
            return false;
        }
        [$this->screen, $this->over, $this->trail, $plan] = $move;
        $this->play($plan, $from);

        return true;
    }

    /**
     * @param  Deed  $deed
     * @return array{string|null, list<string>, list<Step>, Plan|null}|null what would be shown, the way there, and how it comes; null where nothing changes
     */
    private function moved(array $deed): ?array
    {
        $own = $deed['plan'] ?? null;
        $inverse = $deed['inverse'] ?? null;
        $to = $deed['screen'] ?? '';
        switch ($deed['kind']) {
            case 'show':
                return [$to, [], $this->farther($inverse), $own];
            case 'lay-over':
                $over = $this->known($to)['over'] ?? null;

                return $to === $this->screen || in_array($to, $this->over, true) ? null : [$this->screen, [...$this->over, $to], $this->farther($own === null ? $over['inverse'] ?? null : $inverse), $own ?? $over['plan'] ?? null];
            case 'replace':
                return $this->over === [] ? [$to, [], $this->trail, $own] : [$this->screen, [...array_slice($this->over, 0, -1), $to], $this->trail, $own];
            case 'take-off':
                return $this->over === [] ? null : $this->backTo($this->below(), $own) ?? [$this->screen, array_slice($this->over, 0, -1), $this->trail, $own];
            default:
                $named = $deed['to'] ?? null;
                $at = ($deed['first'] ?? false) ? 0 : ($named === null ? count($this->trail) - 1 : $this->onTheWay($named));

                return $this->backTo($at, $own) ?? ($named === null || ($named === $this->screen && $this->over === []) ? null : [$named, [], [], $own]);
        }
    }

    /**
     * @param  Plan|null  $inverse
     * @return list<Step> the way there, with what is shown now as its last step
     */
    private function farther(?array $inverse): array
    {
        return [...$this->trail, ['screen' => $this->screen, 'over' => $this->over, 'inverse' => $inverse]];
    }

    /** The step from which what lies uppermost was laid over; -1 for none. */
    private function below(): int
    {
        for ($at = count($this->trail) - 1; $at >= 0; $at--) {
            if ($this->trail[$at]['screen'] === $this->screen && count($this->trail[$at]['over']) < count($this->over)) {
                return $at;
            }
        }

        return -1;
    }

    private function onTheWay(string $screen): int
    {
        for ($at = count($this->trail) - 1; $at >= 0; $at--) {
            if ($this->trail[$at]['screen'] === $screen && $this->trail[$at]['over'] === []) {
                return $at;
            }
        }

        return -1;
    }

    /**
     * @param  Plan|null  $own
     * @return array{string|null, list<string>, list<Step>, Plan|null}|null
     */
    private function backTo(int $at, ?array $own): ?array
    {
        $step = $this->trail[$at] ?? null;

        return $step === null ? null : [$step['screen'], $step['over'], array_slice($this->trail, 0, $at), $own ?? $step['inverse']];
    }

    /** To a step of the way here, counted from 0, at once. */
    private function jump(int $to): void
    {
        $move = $this->backTo($to, null);
        if ($move !== null) {
            [$this->screen, $this->over, $this->trail] = $move;
            $this->play(null, 0.0);
        }
    }

    private function open(?string $screen): void
    {
        $this->screen = $screen;
        $this->over = [];
        $this->trail = [];
        $this->values->restart();
        $this->turns = $this->table['turns'];
        $this->play(null, 0.0);
    }

    /** @param  Plan|null  $plan */
    private function play(?array $plan, float $from): void
    {
        $this->played = $plan;
        $this->fired = [];
        $this->under = [];
        $this->pressing->forget();
        $this->settled = $this->clock + ($plan === null ? 0 : ($from > 0 ? (int) floor($plan['duration'] * (1 - $from) + 0.5) : $plan['delay'] + $plan['duration']));
        $this->held = $this->reached();
        $this->waitsFor('open');
    }

    /** @return State|null the uppermost screen */
    private function state(): ?array
    {
        return $this->known($this->over === [] ? $this->screen : $this->over[count($this->over) - 1]);
    }

    /** @return State|null */
    private function known(?string $screen): ?array
    {
        foreach ($this->table['states'] as $state) {
            if ($state['id'] === $screen) {
                return $state;
            }
        }

        return null;
    }
}
