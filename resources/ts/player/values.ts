/**
 * The values of signals while a programme runs: what presses and typing do to them, what words hold, which rules are
 * kept. `Flow\Values` is the same for the simulator; docs/format.md documents the table.
 */
import type { Deed, Pattern, SignalRow, Step, Table, Test, Value } from './table.ts';

/** What is read of a signal. */
type Told = number | string | boolean | null;

const DAY = 86_400_000;
const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];

export class Values {
    private values: Record<string, Value> = {};
    private months: Record<string, number> = {};
    private told = new Set<string>();
    private serial = 0;

    /**
     * @param seed of the generated number, from 1 to 2^31 - 2
     * @param today days since 1 January 1970
     */
    constructor(private readonly table: Table, private seed: number, private readonly today: number) {
        this.restart();
    }

    restart(): void {
        // Park and Miller, “Random number generators: good ones are hard to find” (1988), with the multiplier of 1993.
        this.seed = (this.seed * 48_271) % 2_147_483_647;
        this.serial = 100_000 + (this.seed % 900_000);
        this.values = Object.fromEntries(Object.entries(this.table.signals).map(([name, row]) => [name, row.start]));
        this.months = Object.fromEntries(Object.entries(this.table.signals).map(([name, row]) => [name, row.month ?? monthOf(this.today, 0)]));
        this.told.clear();
    }

    all(): Record<string, Value> {
        return this.values;
    }

    of(widget: string): Value {
        const name = this.table.widgets[widget]?.signal;
        return name === undefined ? null : this.values[name] ?? null;
    }

    press(widget: string, press: string, item: number): void {
        const row = this.table.widgets[widget];
        if (!row) return;
        const name = row.signal;
        const signal = this.table.signals[name]!;
        const value = this.values[name]!;
        const number = typeof value === 'number' ? value : 0;
        switch (`${signal.kind} ${press}`) {
            case 'on toggle': this.values[name] = value !== true; break;
            case 'one item': if (item in signal.labels) this.values[name] = item; break;
            case 'several item': if (item in signal.labels) this.values[name] = flipped(Array.isArray(value) ? value : [], item); break;
            case 'number item': this.values[name] = stepped(signal, item + 1); break;
            case 'number less': this.values[name] = stepped(signal, number - signal.step); break;
            case 'number more': this.values[name] = stepped(signal, number + signal.step); break;
            case 'text clear': this.values[name] = ''; break;
            case 'date item': this.values[name] = dayIn(this.months[name]!, item) ?? value; break;
            default:
        }
        if (press === 'earlier' || press === 'later') this.months[name] = monthOf(this.months[name]!, press === 'earlier' ? -1 : 1);
    }

    enter(widget: string, value: string | number): void {
        const name = this.table.widgets[widget]?.signal;
        const signal = name === undefined ? undefined : this.table.signals[name];
        if (name === undefined || !signal) return;
        if (signal.kind === 'text' && typeof value === 'string') this.values[name] = value;
        else if (signal.kind === 'number' && typeof value === 'number') this.values[name] = stepped(signal, value);
    }

    /** Gives a signal a value: one that is named, one further by so much, or what a formula gives. */
    set(deed: Deed): void {
        const name = deed.signal ?? '';
        const signal = this.table.signals[name];
        if (!signal) return;
        if (deed.value !== undefined) {
            this.values[name] = signal.kind === 'number' && typeof deed.value === 'number' ? stepped(signal, deed.value) : deed.value;
            return;
        }
        const value = this.values[name] ?? null;
        if (deed.by === undefined) this.become(name, signal, this.result(deed.steps ?? []));
        else if (signal.kind === 'on') this.values[name] = (value === true) !== (deed.by !== 0);
        else if (signal.kind === 'one') this.values[name] = signal.labels.length === 0 ? -1 : Math.max(0, Math.min(signal.labels.length - 1, (typeof value === 'number' ? value : -1) + Math.floor(deed.by + 0.5)));
        else this.become(name, signal, (this.number(this.read(name, '')) ?? 0) + deed.by);
    }

    /** What a formula gives, as the signal holds it: of choices the row, counted from 1, or what is called so. */
    private become(name: string, signal: SignalRow, result: number | string | boolean | null): void {
        const number = this.number(result);
        const row = typeof result === 'string' ? signal.labels.indexOf(result) : -1;
        const counted = number === null ? -1 : Math.floor(number) - 1;
        switch (signal.kind) {
            case 'on': this.values[name] = number !== null && number !== 0; break;
            case 'one': this.values[name] = row >= 0 ? row : counted in signal.labels ? counted : -1; break;
            case 'several': this.values[name] = row >= 0 ? [row] : []; break;
            case 'number': if (number !== null) this.values[name] = stepped(signal, number); break;
            case 'date': this.values[name] = number === null ? null : Math.floor(number); break;
            default: this.values[name] = this.write(result, null);
        }
    }

    /** Whether what a signal holds compares as it should; never where there is no such signal. */
    holds(test: Test): boolean {
        const name = test.signal ?? '';
        if (!this.table.signals[name] && name !== 'serial' && name !== 'today') return false;
        const held = this.read(name, test.part ?? '');
        const against = test.to ? this.read(test.to, '') : test.value ?? '';
        const [a, b] = [this.number(held), this.number(against)];
        switch (test.compare) {
            case 'filled': return !isNothing(held);
            case 'empty': return isNothing(held);
            case 'is': return this.isSame(held, against);
            case 'is-not': return !this.isSame(held, against);
            case 'has': return this.has(name, held, this.text(against));
            case 'has-not': return !this.has(name, held, this.text(against));
            case 'over': return a !== null && b !== null && a > b;
            case 'at-least': return a !== null && b !== null && a >= b;
            case 'under': return a !== null && b !== null && a < b;
            default: return a !== null && b !== null && a <= b;
        }
    }

    private isSame(held: Told, against: Told): boolean {
        if (typeof held === 'boolean') return held === (typeof against === 'boolean' ? against : ['on', 'yes', 'true', '1'].includes(this.text(against)));
        return typeof held === 'number' ? held === this.number(against) : this.text(held) === this.text(against);
    }

    private text(value: Told): string {
        return typeof value === 'string' ? value.trim() : this.write(value, null);
    }

    /** Of several choices, whether one of them is called so; of words, whether they are in them. */
    private has(name: string, held: Told, words: string): boolean {
        const [signal, items] = [this.table.signals[name], this.values[name]];
        if (signal?.kind === 'several' && Array.isArray(items)) return items.some((item) => (signal.labels[item] ?? '').trim() === words);
        return words !== '' && this.text(held).includes(words);
    }

    /** From now on the widget shows its errors. */
    tell(widget: string): void {
        this.told.add(widget);
    }

    /** The error message that a widget shows; empty where its value is valid, or the error is not shown yet. */
    message(widget: string): string {
        return this.told.has(widget) ? this.wrong(widget) : '';
    }

    /** The message of the first rule that the widget's value breaks. */
    wrong(widget: string): string {
        const row = this.table.widgets[widget];
        if (!row) return '';
        const value = this.values[row.signal]!;
        const words = typeof value === 'string' ? value.trim() : null;
        const empty = words === '' || value === -1 || value === null || value === false || (Array.isArray(value) && value.length === 0);
        for (const rule of row.rules) {
            const number = words === null ? null : this.number(words);
            const broken = (): boolean => {
                switch (rule.kind) {
                    case 'required': return empty;
                    case 'matches': return !empty && !new RegExp(rule.pattern ?? '', 'u').test(words ?? '');
                    case 'number': return !empty && number === null;
                    case 'range': return number !== null && (number < (rule.min ?? 0) || number > (rule.max ?? 0));
                    default: return this.written(row.signal) !== this.written(rule.to ?? '');
                }
            };
            if (broken()) return rule.says;
        }
        return '';
    }

    /** Words with their placeholders filled in. */
    words(template: string): string {
        return this.pieces(template).map((piece) => piece.text).join('');
    }

    /** The same in pieces, with the characters of the template that each stands for; what a placeholder says stands for all of it. */
    pieces(template: string): { from: number; to: number; text: string }[] {
        let at = 0;
        const sources = template.split(/(\{[^{}]*\})/u).filter((source) => source !== '');
        const said = this.table.words[template] ?? sources;
        return sources.map((source, i) => {
            const piece = said[i]!;
            const from = at;
            at += [...source].length;
            return { from, to: at, text: typeof piece === 'string' ? piece : this.write(this.result(piece.steps), piece.pattern) };
        });
    }

    /** What a widget holds, as words. */
    shown(widget: string): string {
        const name = this.table.widgets[widget]?.signal;
        if (name === undefined) return '';
        return this.write(this.read(name, ''), this.table.signals[name]!.kind === 'date' ? this.table.patterns.day : null);
    }

    /** What signals hold, as words, by their names. */
    list(): [string, string][] {
        const day = (name: string): boolean => name === 'today' || this.table.signals[name]?.kind === 'date';
        return [...Object.keys(this.table.signals), 'serial', 'today'].map((name) => [name, this.write(this.read(name, ''), day(name) ? this.table.patterns.day : null)]);
    }

    /** Whether an item of a widget is on; a widget without items is on or off as a whole. */
    isOn(widget: string, item: number | null): boolean {
        const name = this.table.widgets[widget]?.signal;
        if (name === undefined) return false;
        const [kind, value] = [this.table.signals[name]!.kind, this.values[name]!];
        if (kind === 'on' || item === null) return value === true;
        if (kind === 'several') return Array.isArray(value) && value.includes(item);
        if (kind === 'number') return typeof value === 'number' && item < value;
        return kind === 'date' ? value !== null && dayIn(this.firstOf(widget), item) === value : value === item;
    }

    /** How far a widget's value lies between the minimum and the maximum, 0 to 1. */
    share(widget: string): number {
        const signal = this.table.signals[this.table.widgets[widget]?.signal ?? ''];
        const value = this.of(widget);
        return signal && typeof value === 'number' && signal.max > signal.min ? (value - signal.min) / (signal.max - signal.min) : 0;
    }

    range(widget: string): SignalRow | undefined {
        return this.table.signals[this.table.widgets[widget]?.signal ?? ''];
    }

    month(widget: string): string {
        return this.write(this.firstOf(widget), this.table.patterns.month);
    }

    /** The number of the day in a cell of a calendar; empty outside its month. */
    dayIn(widget: string, cell: number): string {
        const day = dayIn(this.firstOf(widget), cell);
        return day === null ? '' : String(day - this.firstOf(widget) + 1);
    }

    /** The first day of the month that a widget shows. */
    private firstOf(widget: string): number {
        return this.months[this.table.widgets[widget]?.signal ?? ''] ?? 0;
    }

    private written(signal: string): string {
        const value = this.read(signal, '');
        return typeof value === 'string' ? value.trim() : this.write(value, null);
    }

    private result(steps: Step[]): number | string | boolean | null {
        const only = steps[0];
        if (steps.length === 1 && only?.do === 'read') return this.read(only.signal ?? '', only.part ?? '');
        const stack: (number | null)[] = [];
        for (const step of steps) {
            if (step.do === 'put') stack.push(step.number ?? 0);
            else if (step.do === 'read') stack.push(this.number(this.read(step.signal ?? '', step.part ?? '')));
            else {
                const right = stack.pop() ?? null;
                const left = step.do === 'negate' ? 0 : stack.pop() ?? null;
                stack.push(left === null || right === null ? null : combined(step.do, left, right));
            }
        }
        return stack[0] ?? null;
    }

    private read(name: string, part: string): number | string | boolean | null {
        if (name === 'serial' || name === 'today') return name === 'serial' ? this.serial : this.today;
        const value = this.values[name] ?? null;
        const signal = this.table.signals[name];
        if (!signal || value === null) return null;
        if (signal.kind !== 'one' && signal.kind !== 'several') return Array.isArray(value) ? null : value;
        const items = Array.isArray(value) ? value : [value];
        const chosen = items.filter((item): item is number => typeof item === 'number' && item in signal.labels);
        if (part === 'count') return chosen.length;
        if (part === 'value' && signal.kind === 'several') return chosen.reduce((sum, item) => sum + (this.number(signal.parts['value']?.[item] ?? '') ?? 0), 0);
        const of = part === '' ? signal.labels : signal.parts[part] ?? [];
        return chosen.map((item) => of[item] ?? '').join(', ');
    }

    private number(value: number | string | boolean | null): number | null {
        if (typeof value !== 'string') return value === null ? null : Number(value);
        const match = new RegExp(this.table.patterns.number).exec(value);
        return match ? Number(match[0].replaceAll(',', '')) : null;
    }

    private write(value: number | string | boolean | null, pattern: Pattern | null): string {
        if (pattern?.as === 'number' || pattern?.as === 'date') {
            const number = this.number(value);
            if (number === null) return '';
            return pattern.as === 'number' ? digits(number, pattern) : day(Math.floor(number), pattern.parts ?? []);
        }
        const text = typeof value === 'boolean' ? (value ? 'yes' : 'no') : typeof value === 'number' ? digits(value, { as: 'number', whole: 1, maxFraction: 3 }) : value ?? '';
        switch (pattern?.as) {
            case 'uppercase': return text.toUpperCase();
            case 'lowercase': return text.toLowerCase();
            case 'capitalize': return text.replace(/(?<![\p{L}\p{N}])\p{L}/gu, (letter) => letter.toUpperCase());
            default: return text;
        }
    }
}

function isNothing(held: Told): boolean {
    return held === null || held === false || (typeof held === 'string' && held.trim() === '');
}

function combined(how: string, left: number, right: number): number | null {
    switch (how) {
        case 'add': return left + right;
        case 'multiply': return left * right;
        case 'divide': return right === 0 ? null : left / right;
        default: return left - right;
    }
}

function flipped(items: number[], item: number): number[] {
    return items.includes(item) ? items.filter((one) => one !== item) : [...items, item].sort((a, b) => a - b);
}

function stepped(signal: SignalRow, value: number): number {
    const steps = Math.floor((value - signal.min) / signal.step + 0.5);
    const exact = Math.floor((signal.min + steps * signal.step) * 1e6 + 0.5) / 1e6;
    return Math.max(signal.min, Math.min(signal.max, exact));
}

/** The day in a cell of a month, in weeks from Monday; null where there is none. */
function dayIn(first: number, cell: number): number | null {
    const day = first + cell - before(first);
    return day >= first && day < monthOf(first, 1) ? day : null;
}

/** The first day of a month, so many months after the one that a day lies in. */
function monthOf(day: number, months: number): number {
    const date = new Date(day * DAY);
    return Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + months, 1) / DAY;
}

/** How many cells of the first week come before a month: the days from Monday to its first. 1 January 1970 was a Thursday. */
function before(first: number): number {
    return (((first + 3) % 7) + 7) % 7;
}

/** Halves are rounded away from zero, as prices are. */
function digits(number: number, pattern: Pattern): string {
    const maxFraction = pattern.maxFraction ?? 0;
    const scaled = Math.floor(Math.abs(number) * 10 ** maxFraction + 0.5);
    if (!Number.isFinite(scaled) || scaled > 1e15) return '';
    const all = String(scaled).padStart(maxFraction + (pattern.whole ?? 0), '0');
    const cut = all.length - maxFraction;
    let [whole, fraction] = [all.slice(0, cut), all.slice(cut)];
    while (fraction.length > (pattern.minFraction ?? 0) && fraction.endsWith('0')) fraction = fraction.slice(0, -1);
    if (pattern.group) whole = whole.replace(/\B(?=(?:\d{3})+$)/g, ',');
    return (pattern.before ?? '') + (number < 0 && scaled > 0 ? '-' : '') + whole + (fraction === '' ? '' : `.${fraction}`) + (pattern.after ?? '');
}

function day(days: number, parts: { field?: string; text?: string }[]): string {
    if (Math.abs(days) > 3_000_000) return '';
    const date = new Date(days * DAY);
    const [year, month, number, weekday] = [date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate(), date.getUTCDay()];
    const two = (value: number): string => String(value).padStart(2, '0');
    const write = (field: string): string => {
        switch (field) {
            case 'd': return String(number);
            case 'dd': return two(number);
            case 'M': return String(month + 1);
            case 'MM': return two(month + 1);
            case 'MMM': return MONTHS[month]!.slice(0, 3);
            case 'MMMM': return MONTHS[month]!;
            case 'yy': return two(year % 100);
            case 'E': return WEEKDAYS[weekday]!.slice(0, 3);
            case 'EEEE': return WEEKDAYS[weekday]!;
            default: return String(year);
        }
    };
    return parts.map((part) => part.text ?? write(part.field ?? '')).join('');
}
