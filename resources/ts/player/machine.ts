/**
 * Runs a rehearsal programme: events in, the place where the rehearsal stands and what its widgets hold out.
 *
 * It knows no screen and no clock of its own, so that the same event sequences can be fed to it and
 * to the simulator on the server (`Flow\Simulator`). Times are in ms; docs/format.md documents the table.
 */
import { room } from './over.ts';
import { AWAY, Pressing, type Outcome } from './pressing.ts';
import type { Deed, Plan, State, Table, Test, Trigger } from './table.ts';
import { Values } from './values.ts';

interface Path { path: string[]; turns?: string[] }
export type Happening =
    | ({ type: 'down'; x: number; y: number; scrolls?: Record<string, string[]>; touch?: boolean } & Path)
    | { type: 'move'; x: number; y: number }
    | { type: 'up' | 'cancel' | 'return' | 'restart' | 'outside' }
    | ({ type: 'tap'; x?: number; y?: number } & Path)
    | ({ type: 'hover' } & Path)
    | { type: 'key'; key: string }
    | { type: 'say'; words: string }
    | { type: 'elapse'; ms: number }
    | { type: 'open'; screen: string }
    | { type: 'jump'; to: number }
    | { type: 'press'; widget: string; press: string; item?: number }
    | { type: 'enter'; widget: string; value: string | number }
    | ({ type: 'focus' | 'leave'; widget: string } & Partial<Path>);

export interface Stand { screen: string | null; over: string[] }
interface Step extends Stand { inverse: Plan | null }
/** What would be shown, the way there, and how it comes. */
interface Move { stand: Stand; trail: Step[]; plan: Plan | null }

/** What the machine tells whoever shows it. */
export interface Listener {
    /** Another screen is shown, or lies over, or does no longer; `from` is how far that has been dragged already, 0 to 1. */
    shown?: (before: Stand, plan: Plan | null, from: number) => void;
    /** An instance shows another state. */
    turned?: (instance: string, plan: Plan | null) => void;
    /** Something that only a window can do. */
    does?: (deed: Deed) => void;
    /** A cue happens. */
    fired?: (cue: string) => void;
}

const MOST_STEPS = 100;

export class Machine {
    screen: string | null;
    /** The screens that lie over it, the lowest first. */
    over: string[] = [];
    trail: Step[] = [];
    plan: Plan | null = null;
    readonly values: Values;
    /** The states of instances, by what these are called and by axis. */
    turns: Record<string, Record<string, string>>;
    /** What was done that only a window can do, the last 50. */
    done: string[] = [];
    private clock = 0;
    private settled = 0;
    private steps = MOST_STEPS;
    /** The delayed cues that have happened since the screen was shown. */
    private fired = new Set<number>();
    /** Whether the conditions hold on which cues wait, by row. */
    private held = new Map<number, boolean>();
    /** The layers under the pointer, the innermost first. */
    private under: string[] = [];
    private readonly pressing: Pressing;

    /**
     * @param seed of the generated number, from 1 to 2^31 - 2
     * @param today days since 1 January 1970
     */
    constructor(readonly table: Table, private readonly listener: Listener = {}, seed = 1, today = 0) {
        this.values = new Values(table, seed, today);
        this.turns = structuredClone(table.turns);
        this.screen = table.entry;
        this.pressing = new Pressing(table.pressing, (path, trigger, direction) => this.found(path, trigger, direction), (cue) => this.table.cues[cue]!.trigger);
        this.held = this.reached();
        this.waitsFor('open');
    }

    /** The uppermost screen. */
    get state(): State | null {
        return this.known(this.over.at(-1) ?? this.screen);
    }

    known(screen: string | null): State | null {
        return this.table.states.find((state) => state.id === screen) ?? null;
    }

    send(happening: Happening): void {
        this.steps = MOST_STEPS;
        const turns = 'turns' in happening ? happening.turns ?? [] : [];
        switch (happening.type) {
            case 'down': this.down({ path: happening.path, turns, x: happening.x, y: happening.y, scrolls: happening.scrolls ?? {}, touch: happening.touch ?? true }); break;
            case 'move': this.pressing.move(this.clock, happening.x, happening.y, this.away()); break;
            case 'up': this.up(); break;
            case 'cancel': this.pressing.cancel(); break;
            case 'tap': for (const outcome of this.pressing.tap(this.clock, happening.path, turns, happening.x ?? 0, happening.y ?? 0)) this.outcome(outcome); break;
            case 'hover': this.hover(happening.path, turns); break;
            case 'key': this.waitsFor('key', ({ key }) => key === happening.key); break;
            case 'say': this.waitsFor('spoken', ({ phrase }) => phrase !== undefined && phrase !== '' && ` ${said(happening.words)} `.includes(` ${phrase} `)); break;
            case 'elapse': this.elapse(happening.ms); break;
            case 'return': this.place({ kind: 'return' }, 0); break;
            case 'outside': if (!this.pressing.isSpent() && this.over.length > 0 && this.state?.over.outside) this.place({ kind: 'take-off' }, 0); break;
            case 'restart': this.open(this.table.entry); break;
            case 'open': this.open(happening.screen); break;
            case 'jump': this.jump(happening.to); break;
            case 'press': this.values.press(happening.widget, happening.press, happening.item ?? -1); break;
            case 'enter': this.values.enter(happening.widget, happening.value); break;
            case 'focus': this.all(this.found(happening.path ?? [], 'focus', ''), turns); break;
            case 'leave':
                this.values.tell(happening.widget);
                this.all(this.found(happening.path ?? [], 'blur', ''), turns);
        }
        this.reach();
    }

    /** In how many ms something happens by itself; null when nothing does. */
    due(): number | null {
        const due = Math.min(this.next()[1], this.pressing.due() ?? Infinity);
        return due === Infinity ? null : Math.max(0, due - this.clock);
    }

    /** The drag under way: how far it has come, and what would be shown at its end. */
    /** The region that goes with the finger: a layer, or the screen under an empty name; null where none does. */
    scrolling(): string | null {
        return this.pressing.scrolling();
    }

    following(): { progress: number; stand: Stand; plan: Plan | null } | null {
        const drag = this.pressing.following();
        const deeds = !drag ? [] : drag.cue === AWAY ? [{ kind: 'take-off' }] : this.happens(this.table.cues[drag.cue]!.conditions, drag.turns, false) ? this.table.cues[drag.cue]!.actions : this.table.cues[drag.cue]!.otherwise;
        for (const deed of deeds) {
            const move = this.moved(deed);
            if (move) return { progress: drag!.progress, stand: move.stand, plan: move.plan };
        }
        return null;
    }

    /** Whether a cue waits for a key. */
    answers(key: string): boolean {
        return (this.state?.waits ?? []).some((cue) => this.table.cues[cue]!.trigger.kind === 'key' && this.table.cues[cue]!.trigger.key === key);
    }

    /** Whether something on what is shown waits for words. */
    listens(): boolean {
        return (this.state?.waits ?? []).some((cue) => this.table.cues[cue]!.trigger.kind === 'spoken');
    }

    /** The screens that one more event can lead to, the way back first. */
    reachable(): string[] {
        const cues = [...Object.values(this.state?.cues ?? {}).flat(), ...(this.state?.waits ?? [])];
        const shown = cues.flatMap((cue) => [...this.table.cues[cue]!.actions, ...this.table.cues[cue]!.otherwise].flatMap(({ screen, to }) => [screen, to]));
        return [...new Set([this.trail.at(-1)?.screen, ...shown])].filter((screen) => screen != null);
    }

    /** The cues with a trigger of the innermost layer that has some; the screen comes last. */
    found(path: string[], trigger: string, direction = ''): number[] {
        const cues = this.state?.cues ?? {};
        for (const layer of path) {
            const rows = (cues[layer] ?? []).filter((cue) => this.table.cues[cue]!.trigger.kind === trigger && (direction === '' || this.table.cues[cue]!.trigger.direction === direction));
            if (rows.length > 0) return rows;
        }
        return [];
    }

    private down(down: Parameters<Pressing['down']>[1]): void {
        this.pressing.down(this.clock, down);
        this.under = down.path;
        this.all(this.found(down.path, 'press'), down.turns);
    }

    private up(): void {
        const released = this.found(this.under, 'release');
        const outcome = this.pressing.up(this.clock);
        // What was pressed belongs to a screen that is no longer shown then.
        if (!this.all(released, outcome?.turns ?? []) && outcome) this.outcome(outcome);
    }

    private outcome({ rows, turns, from }: Outcome): void {
        if (rows.length === 1 && rows[0] === AWAY) this.place({ kind: 'take-off' }, from);
        else this.all(rows, turns, from);
    }

    /** In which direction, and how far, what lies over can be dragged away. */
    private away(): [string, number] | null {
        const over = this.over.length === 0 ? null : this.state?.over;
        if (!over?.dragged) return null;
        const below = this.known(this.screen);
        if (over.away === 'left' || over.away === 'right') return [over.away, over.across === 'whole' ? room(below?.width ?? 0, over.margin) : over.reach];
        const high = room(below?.view ?? 0, over.margin);
        return [over.away, over.down === 'whole' ? high : Math.min(over.reach, high)];
    }

    private hover(path: string[], turns: string[]): void {
        const before = this.under;
        this.under = path;
        for (const layer of before.filter((one) => !path.includes(one))) this.all(this.found([layer], 'pointer-leave'), turns);
        for (const layer of path.filter((one) => !before.includes(one)).reverse()) this.all(this.found([layer], 'pointer-enter'), turns);
    }

    private waitsFor(trigger: string, which: (trigger: Trigger) => boolean = () => true): void {
        for (const cue of this.state?.waits ?? []) {
            const row = this.table.cues[cue]!;
            if (row.trigger.kind === trigger && which(row.trigger) && this.fire(cue, row.turns ?? [], 0)) return;
        }
    }

    private elapse(ms: number): void {
        const until = this.clock + ms;
        while (this.steps > 0) {
            const [cue, due] = this.next();
            const ripe = this.pressing.due();
            if (ripe !== null && ripe <= Math.min(due, until)) {
                this.clock = Math.max(this.clock, ripe);
                this.outcome(this.pressing.ripe());
            } else if (cue !== null && due <= until) {
                this.clock = Math.max(this.clock, due);
                this.fired.add(cue);
                this.fire(cue, this.table.cues[cue]!.turns ?? [], 0);
            } else break;
            this.reach();
        }
        this.clock = until;
    }

    private next(): [number | null, number] {
        let first: [number | null, number] = [null, Infinity];
        for (const cue of this.state?.waits ?? []) {
            const { kind, delay } = this.table.cues[cue]!.trigger;
            const due = this.settled + (delay ?? 0);
            if (kind === 'delay' && due < first[1] && due >= this.clock && !this.fired.has(cue)) first = [cue, due];
        }
        return first;
    }

    /** Cues whose conditions did not hold and do now. */
    private reach(): void {
        while (this.steps > 0) {
            const before = this.held;
            this.held = this.reached();
            const now = [...this.held].filter(([cue, holds]) => holds && before.get(cue) === false).map(([cue]) => cue);
            if (now.length === 0) return;
            for (const cue of now) if (this.held.has(cue)) this.fire(cue, this.table.cues[cue]!.turns ?? [], 0);
        }
    }

    private reached(): Map<number, boolean> {
        const held = new Map<number, boolean>();
        for (const cue of this.state?.waits ?? []) {
            const { reaches } = this.table.cues[cue]!.trigger;
            if (reaches) held.set(cue, this.values.holds(reaches));
        }
        return held;
    }

    /** Cues of one layer, in their order, until one of them shows another screen. */
    private all(cues: number[], turns: string[], from = 0): boolean {
        return cues.some((cue) => this.fire(cue, turns, from));
    }

    /**
     * @param turns the instances whose states it may change, the innermost first
     * @returns whether another screen is shown
     */
    private fire(cue: number, turns: string[], from: number): boolean {
        if (this.steps <= 0) return true;
        this.steps--;
        const row = this.table.cues[cue]!;
        const happens = this.happens(row.conditions, turns);
        let shown = false;
        if (happens || row.otherwise.length > 0) this.listener.fired?.(row.id);
        for (const deed of happens ? row.actions : row.otherwise) {
            if (deed.kind === 'state') this.turn(deed.instance === undefined ? turns : [deed.instance], deed.axis ?? '', deed.state ?? null, deed.plan ?? null);
            else if (deed.kind === 'value') this.values.set(deed);
            else if (deed.kind === 'scroll' || deed.kind === 'focus' || deed.kind === 'address') this.does(deed);
            else shown = this.place(deed, from) || shown;
        }
        return shown;
    }

    /** @param tells whether what is wrong with fields is said */
    private happens(groups: Test[][], turns: string[], tells = true): boolean {
        const holds = (test: Test): boolean => {
            switch (test.kind) {
                case 'fields': return this.keepsRules(tells) !== (test.not ?? false);
                case 'state': return this.isIn(test.instance === undefined ? turns : [test.instance], test.axis ?? '', test.state ?? '') !== (test.not ?? false);
                default: return this.values.holds(test);
            }
        };
        return groups.length === 0 || groups.some((group) => group.every(holds));
    }

    private isIn(turns: string[], axis: string, state: string): boolean {
        const one = turns.find((instance) => this.turns[instance]?.[axis] !== undefined);
        return one !== undefined && this.turns[one]![axis] === state;
    }

    private does(deed: Deed): void {
        this.done = [...this.done, `${deed.kind} ${deed.layer ?? deed.address ?? ''}`].slice(-50);
        this.listener.does?.(deed);
    }

    /** The innermost instance that has the axis shows another state of it: one that is named, or the next. */
    private turn(turns: string[], axis: string, state: string | null, plan: Plan | null): void {
        const one = turns.find((instance) => this.turns[instance]?.[axis] !== undefined);
        if (one === undefined) return;
        const states = this.table.axes[axis] ?? [];
        const now = this.turns[one]![axis]!;
        this.turns[one]![axis] = state ?? states[(states.indexOf(now) + 1) % Math.max(1, states.length)] ?? now;
        this.listener.turned?.(one, plan);
    }

    /** Whether the values of all widgets of the screen are valid; those that are not show their errors. */
    private keepsRules(tells: boolean): boolean {
        const widgets = this.state?.widgets ?? [];
        if (tells) widgets.forEach((widget) => this.values.tell(widget));
        return widgets.every((widget) => this.values.wrong(widget) === '');
    }

    /**
     * Shows another screen, or lays one over, or takes one off.
     *
     * @returns whether it did
     */
    private place(deed: Deed, from: number): boolean {
        const move = this.moved(deed);
        if (!move) return false;
        const before = { screen: this.screen, over: this.over };
        this.screen = move.stand.screen;
        this.over = move.stand.over;
        this.trail = move.trail;
        this.play(before, move.plan, from);
        return true;
    }

    /** What would be shown, the way there, and how it comes; null where nothing changes. */
    private moved(deed: Deed): Move | null {
        const [own, inverse, to] = [deed.plan ?? null, deed.inverse ?? null, deed.screen ?? ''];
        const { screen, over, trail } = this;
        const farther = (back: Plan | null): Step[] => [...trail, { screen, over, inverse: back }];
        switch (deed.kind) {
            case 'show': return { stand: { screen: to, over: [] }, trail: farther(inverse), plan: own };
            case 'lay-over': {
                const lies = this.known(to)?.over;
                return to === screen || over.includes(to) ? null : { stand: { screen, over: [...over, to] }, trail: farther(own === null ? lies?.inverse ?? null : inverse), plan: own ?? lies?.plan ?? null };
            }
            case 'replace': return { stand: over.length === 0 ? { screen: to, over: [] } : { screen, over: [...over.slice(0, -1), to] }, trail, plan: own };
            case 'take-off': {
                const below = trail.findLastIndex((step) => step.screen === screen && step.over.length < over.length);
                return over.length === 0 ? null : this.backTo(below, own) ?? { stand: { screen, over: over.slice(0, -1) }, trail, plan: own };
            }
            default: {
                const named = deed.to ?? null;
                const at = deed.first ? 0 : named === null ? trail.length - 1 : trail.findLastIndex((step) => step.screen === named && step.over.length === 0);
                return this.backTo(at, own) ?? (named === null || (named === screen && over.length === 0) ? null : { stand: { screen: named, over: [] }, trail: [], plan: own });
            }
        }
    }

    private backTo(at: number, own: Plan | null): Move | null {
        const step = this.trail[at];
        return step ? { stand: { screen: step.screen, over: step.over }, trail: this.trail.slice(0, at), plan: own ?? step.inverse } : null;
    }

    /** To a step of the way here, counted from 0, at once. */
    private jump(to: number): void {
        const move = this.backTo(to, null);
        if (!move) return;
        const before = { screen: this.screen, over: this.over };
        [this.screen, this.over, this.trail] = [move.stand.screen, move.stand.over, move.trail];
        this.play(before, null, 0);
    }

    private open(screen: string | null): void {
        const before = { screen: this.screen, over: this.over };
        this.screen = screen;
        this.over = [];
        this.trail = [];
        this.values.restart();
        this.turns = structuredClone(this.table.turns);
        this.play(before, null, 0);
    }

    private play(before: Stand, plan: Plan | null, from: number): void {
        this.plan = plan;
        this.fired.clear();
        this.under = [];
        this.pressing.forget();
        this.settled = this.clock + (plan === null ? 0 : from > 0 ? Math.floor(plan.duration * (1 - from) + 0.5) : plan.delay + plan.duration);
        this.held = this.reached();
        this.listener.shown?.(before, plan, from);
        this.waitsFor('open');
    }
}

/** Words as they are compared: small letters and figures, with single spaces between. */
function said(words: string): string {
    return words.toLowerCase().replaceAll(/[^\p{L}\p{N}]+/gu, ' ').trim();
}
