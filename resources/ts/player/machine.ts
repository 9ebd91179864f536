/**
 * Runs a rehearsal programme: events in, the place where the rehearsal stands and what its widgets hold out.
 *
 * It knows no screen and no clock of its own, so that the same event sequences can be fed to it and
 * to the simulator on the server. Times are in ms; docs/format.md documents the table.
 */
import type { Plan, State, Table } from './table.ts';
import { Values } from './values.ts';

export type Happening = { type: 'tap'; layer: string; turns?: string[] } | { type: 'elapse'; ms: number } | { type: 'return' } | { type: 'restart' } | { type: 'open'; screen: string } | { type: 'press'; widget: string; press: string; item?: number } | { type: 'enter'; widget: string; value: string | number } | { type: 'leave'; widget: string };

const MOST_STEPS = 100;

export class Machine {
    screen: string | null;
    trail: { screen: string; cue: number }[] = [];
    plan: Plan | null = null;
    readonly values: Values;
    /** The states of instances, by what these are called and by axis. */
    turns: Record<string, Record<string, string>>;
    private clock = 0;
    private settled = 0;
    /** The delayed cues that have happened since the screen was shown. */
    private fired = new Set<number>();

    /**
     * @param onShow told of every screen shown, with the transition that leads to it
     * @param onTurn told of every instance that shows another state, with how it comes to that
     * @param seed of the generated number, from 1 to 2^31 - 2
     * @param today days since 1 January 1970
     */
    constructor(readonly table: Table, private readonly onShow: (screen: string | null, plan: Plan | null) => void = () => undefined, seed = 1, today = 0, private readonly onTurn: (instance: string, plan: Plan | null) => void = () => undefined) {
        this.values = new Values(table, seed, today);
        this.turns = structuredClone(table.turns);
        this.screen = table.entry;
    }

    get state(): State | null {
        return this.table.states.find((state) => state.id === this.screen) ?? null;
    }

    send(happening: Happening): void {
        switch (happening.type) {
            case 'tap': return this.tap(happening.layer, happening.turns ?? []);
            case 'elapse': return this.elapse(happening.ms);
            case 'return': return this.back(null);
            case 'restart': return this.open(this.table.entry);
            case 'open': return this.open(happening.screen);
            case 'press': return this.values.press(happening.widget, happening.press, happening.item ?? -1);
            case 'enter': return this.values.enter(happening.widget, happening.value);
            case 'leave': return this.values.tell(happening.widget);
        }
    }

    /** In how many ms the next delayed cue is due; null when none is. */
    due(): number | null {
        const [cue, due] = this.next();
        return cue === null ? null : Math.max(0, due - this.clock);
    }

    /** The screens that one more event can lead to, the way back first. */
    reachable(): string[] {
        const cues = [...Object.values(this.state?.taps ?? {}), ...(this.state?.delays ?? [])];
        const shown = cues.flatMap((cue) => this.table.cues[cue]!.actions.map((action) => action.screen));
        return [...new Set([this.trail.at(-1)?.screen, ...shown])].filter((screen) => screen !== undefined);
    }

    private tap(layer: string, turns: string[]): void {
        const cue = this.state?.taps[layer];
        if (cue !== undefined) this.fire(cue, turns);
    }

    private elapse(ms: number): void {
        const until = this.clock + ms;
        for (let steps = 0; steps < MOST_STEPS; steps++) {
            const [cue, due] = this.next();
            if (cue === null || due > until) break;
            this.clock = Math.max(this.clock, due);
            this.fired.add(cue);
            this.fire(cue, this.table.cues[cue]!.turns ?? []);
        }
        this.clock = until;
    }

    private next(): [number | null, number] {
        let first: [number | null, number] = [null, Infinity];
        for (const cue of this.state?.delays ?? []) {
            const due = this.settled + (this.table.cues[cue]!.trigger.delay ?? 0);
            if (due < first[1] && due >= this.clock && !this.fired.has(cue)) first = [cue, due];
        }
        return first;
    }

    /** @param turns the instances whose states it may change, the innermost first */
    private fire(cue: number, turns: string[]): void {
        if (this.table.cues[cue]!.conditions.length > 0 && !this.keepsRules()) return;
        for (const action of this.table.cues[cue]!.actions) {
            if (action.kind === 'show' && action.screen) this.show(action.screen, cue);
            else if (action.kind === 'state' && action.axis) this.turn(turns, action.axis, action.state ?? null, this.table.cues[cue]!.plan);
            else this.back(cue);
        }
    }

    /** The innermost instance that has the axis shows another state of it: one that is named, or the next. */
    private turn(turns: string[], axis: string, state: string | null, plan: Plan | null): void {
        const one = turns.find((instance) => this.turns[instance]?.[axis] !== undefined);
        if (one === undefined) return;
        const states = this.table.axes[axis] ?? [];
        const now = this.turns[one]![axis]!;
        this.turns[one]![axis] = state ?? states[(states.indexOf(now) + 1) % Math.max(1, states.length)] ?? now;
        this.onTurn(one, plan);
    }

    /** Whether the values of all widgets of the screen are valid; those that are not show their errors. */
    private keepsRules(): boolean {
        const widgets = this.state?.widgets ?? [];
        widgets.forEach((widget) => this.values.tell(widget));
        return widgets.every((widget) => this.values.wrong(widget) === '');
    }

    private show(screen: string, cue: number): void {
        this.trail.push({ screen: this.screen!, cue });
        this.screen = screen;
        this.play(this.table.cues[cue]!.plan);
    }

    private back(cue: number | null): void {
        const step = this.trail.pop();
        if (!step) return;
        this.screen = step.screen;
        const own = cue === null ? null : this.table.cues[cue]!.plan;
        this.play(own ?? this.table.cues[step.cue]!.inverse);
    }

    private open(screen: string | null): void {
        this.screen = screen;
        this.trail = [];
        this.values.restart();
        this.turns = structuredClone(this.table.turns);
        this.play(null);
    }

    private play(plan: Plan | null): void {
        this.plan = plan;
        this.fired.clear();
        this.settled = this.clock + (plan === null ? 0 : plan.delay + plan.duration);
        this.onShow(this.screen, plan);
    }
}
