<?php

declare(strict_types=1);

namespace Kindred\Flow;

/**
 * Runs a programme without a screen: events in, the place where the rehearsal stands out.
 *
 * Time is counted in ms. A screen has settled when its transition is over; delays count from then.
 * What widgets hold lasts until the rehearsal starts anew. A person's step during a transition acts on the arriving screen.
 *
 * @phpstan-import-type Table from Programme
 * @phpstan-import-type Plan from Programme
 *
 * @phpstan-type Event array{type: 'tap', layer: string, turns?: list<string>}|array{type: 'elapse', ms: int}|array{type: 'return'}|array{type: 'restart'}|array{type: 'open', screen: string}|array{type: 'press', widget: string, press: string, item?: int}|array{type: 'enter', widget: string, value: string|int|float}|array{type: 'leave', widget: string}
 */
final class Simulator
{
    /** Cues without a delay may form a loop; it is left after this many in one step of time. */
    public const MOST_STEPS = 100;

    private ?string $screen;

    /** @var list<array{screen: string, cue: int}> where one came from, and by which cue */
    private array $trail = [];

    private int $clock = 0;

    private int $settled = 0;

    /** @var array<int, true> the delayed cues that have happened since the screen was shown */
    private array $fired = [];

    /** @var Plan|null the transition last played */
    private ?array $played = null;

    public readonly Values $values;

    /** @var array<string, array<string, string>> the states of instances, by axis */
    public array $turns;

    /**
     * @param  Table  $table
     * @param  int  $seed  of the generated number, from 1 to 2^31 - 2
     * @param  int  $today  days since 1 January 1970
     */
    public function __construct(private readonly array $table, int $seed = 1, int $today = 0)
    {
        $this->screen = $table['entry'];
        $this->turns = $table['turns'];
        $this->values = new Values($table, $seed, $today);
    }

    /** @param  Event  $event */
    public function send(array $event): void
    {
        match ($event['type']) {
            'tap' => $this->tap($event['layer'], $event['turns'] ?? []),
            'elapse' => $this->elapse($event['ms']),
            'return' => $this->back(null),
            'restart' => $this->open($this->table['entry']),
            'open' => $this->open($event['screen']),
            'press' => $this->values->press($event['widget'], $event['press'], $event['item'] ?? -1),
            'enter' => $this->values->enter($event['widget'], $event['value']),
            'leave' => $this->values->tell($event['widget']),
        };
    }

    /** @return array{screen: string|null, trail: list<string>, plan: Plan|null} */
    public function stand(): array
    {
        return [
            'screen' => $this->screen,
            'trail' => array_map(fn (array $step): string => $step['screen'], $this->trail),
            'plan' => $this->played,
        ];
    }

    /** @param  list<string>  $turns  the instances in which the layer lies, the innermost first */
    private function tap(string $layer, array $turns): void
    {
        $cue = $this->state()['taps'][$layer] ?? null;
        if ($cue !== null) {
            $this->fire($cue, $turns);
        }
    }

    private function elapse(int $ms): void
    {
        $until = $this->clock + $ms;
        for ($steps = 0; $steps < self::MOST_STEPS; $steps++) {
            [$cue, $due] = $this->next();
            if ($cue === null || $due > $until) {
                break;
            }
            $this->clock = max($this->clock, $due);
            $this->fired[$cue] = true;
            $this->fire($cue, $this->table['cues'][$cue]['turns'] ?? []);
        }
        $this->clock = $until;
    }

    /** @return array{int|null, int} the delayed cue that is due first, and when */
    private function next(): array
    {
        $first = [null, PHP_INT_MAX];
        foreach ($this->state()['delays'] ?? [] as $cue) {
            $due = $this->settled + ($this->table['cues'][$cue]['trigger']['delay'] ?? 0);
            if ($due < $first[1] && $due >= $this->clock && ! isset($this->fired[$cue])) {
                $first = [$cue, $due];
            }
        }

        return $first;
    }

    /** @param  list<string>  $turns */
    private function fire(int $cue, array $turns): void
    {
        if ($this->table['cues'][$cue]['conditions'] !== [] && ! $this->keepsRules()) {
            return;
        }
        foreach ($this->table['cues'][$cue]['actions'] as $action) {
            match (true) {
                $action['kind'] === 'show' && isset($action['screen']) => $this->show($action['screen'], $cue),
                $action['kind'] === 'state' && isset($action['axis']) => $this->turn($turns, $action['axis'], $action['state'] ?? null),
                default => $this->back($cue),
            };
        }
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

    private function show(string $screen, int $cue): void
    {
        $this->trail[] = ['screen' => (string) $this->screen, 'cue' => $cue];
        $this->screen = $screen;
        $this->play($this->table['cues'][$cue]['plan']);
    }

    private function back(?int $cue): void
    {
        $step = array_pop($this->trail);
        if ($step === null) {
            return;
        }
        $this->screen = $step['screen'];
        $own = $cue === null ? null : $this->table['cues'][$cue]['plan'];
        $this->play($own ?? $this->table['cues'][$step['cue']]['inverse']);
    }

    private function open(?string $screen): void
    {
        $this->screen = $screen;
        $this->trail = [];
        $this->values->restart();
        $this->turns = $this->table['turns'];
        $this->play(null);
    }

    /** @param  Plan|null  $plan */
    private function play(?array $plan): void
    {
        $this->played = $plan;
        $this->fired = [];
        $this->settled = $this->clock + ($plan === null ? 0 : $plan['delay'] + $plan['duration']);
    }

    /** @return array{taps: array<string, int>, delays: list<int>, widgets: list<string>}|null */
    private function state(): ?array
    {
        foreach ($this->table['states'] as $state) {
            if ($state['id'] === $this->screen) {
                return $state;
            }
        }

        return null;
    }
}
