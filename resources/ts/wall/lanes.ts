/**
 * Ways for threads between screens: along lanes in the gaps, never across a screen. The lanes form a grid; from each target the
 * shortest ways to all of its crossings are worked out once (Dijkstra, bends cost extra), so what leads to one screen runs
 * together and parts late. Px of the wall.
 */
import type { Box, Point } from './geometry.ts';

/** A thread: from a box on a screen to a screen. */
export interface Course { from: Box; screen: string; target: string }

/** How far from a screen the lane along it runs, where there is room, px. */
const MARGIN = 28;
/** Above a screen stands its name: the lane there runs over it, or takes so much of the gap where there is less. */
const ABOVE = 110;
const SHARE = 0.7;
/** Lanes nearer to each other are one. */
const NEAR = 44;
/** A bend is worth so much of a detour. */
const BEND = 80;
/** Between threads to different screens in one lane; less where there is no room for so many. */
const APART = 7;
/** What leads along a screen keeps so far from it where there is room. */
const CLEAR = 14;
/** Down a long screen threads arrive so far from its top at most. */
const LOW = 380;

/** One straight part of a way: at a place of its own, or along a lane. */
interface Part { upright: boolean; at: number; lane: number | null }
/** How far a screen is from each crossing, and where one goes on towards it. */
interface Reached { ports: Gate[]; cost: Float64Array; before: Int32Array }
interface Way { start: Point; end: Point; parts: Part[] }

/** Where a way leaves or enters a screen: along `upright` or level at `at`, to the lane `lane` that crosses it there, past crossing `below` of that lane. */
interface Gate { upright: boolean; side: 1 | -1; at: number; from: number; lane: number; below: number; cost: number }

function merged(places: number[]): number[] {
    const sorted = [...places].sort((a, b) => a - b);
    const out: number[] = [];
    let first = NaN;
    let last = NaN;
    for (const at of sorted) {
        if (at - first < NEAR) last = at;
        else {
            if (!Number.isNaN(first)) out.push((first + last) / 2);
            first = last = at;
        }
    }
    if (!Number.isNaN(first)) out.push((first + last) / 2);
    return out;
}

/** Lanes that keep clear of all edges, as far as there is room. */
function cleared(lanes: number[], edges: number[]): number[] {
    return lanes.map((lane) => {
        const [low, high] = [Math.max(...edges.filter((edge) => edge <= lane)), Math.min(...edges.filter((edge) => edge >= lane))];
        const clear = Math.min(CLEAR, (high - low) / 2);
        return Math.min(Math.max(lane, low + clear), high - clear);
    });
}

/** A priority queue: the smallest comes first. */
class Heap {
    private readonly keys: number[] = [];
    private readonly items: number[] = [];

    get size(): number {
        return this.keys.length;
    }

    push(key: number, item: number): void {
        const { keys, items } = this;
        let i = keys.length;
        keys.push(key);
        items.push(item);
        while (i > 0) {
            const up = (i - 1) >> 1;
            if (keys[up]! <= key) break;
            [keys[i], items[i]] = [keys[up]!, items[up]!];
            i = up;
        }
        [keys[i], items[i]] = [key, item];
    }

    pop(): [number, number] {
        const { keys, items } = this;
        const top: [number, number] = [keys[0]!, items[0]!];
        const [key, item] = [keys.pop()!, items.pop()!];
        const length = keys.length;
        for (let i = 0; length > 0;) {
            let child = 2 * i + 1;
            if (child >= length) {
                [keys[i], items[i]] = [key, item];
                break;
            }
            if (child + 1 < length && keys[child + 1]! < keys[child]!) child++;
            if (keys[child]! >= key) {
                [keys[i], items[i]] = [key, item];
                break;
            }
            [keys[i], items[i]] = [keys[child]!, items[child]!];
            i = child;
        }
        return top;
    }
}

export class Lanes {
    private readonly xs: number[];
    private readonly ys: number[];
    /** Whether one can go from a crossing to the next one, rightwards and downwards. */
    private readonly level: Uint8Array;
    private readonly upright: Uint8Array;
    private readonly boxes: Box[];
    private readonly known = new Map<string, Reached>();
    private readonly acrossEdges: number[];
    private readonly downEdges: number[];

    constructor(private readonly screens: ReadonlyMap<string, Box>) {
        const boxes = this.boxes = [...screens.values()];
        this.acrossEdges = boxes.flatMap(({ x, width }) => [x, x + width]);
        this.downEdges = boxes.flatMap(({ y, height }) => [y, y + height]);
        this.xs = cleared(merged(boxes.flatMap(({ x, width }) => [x - MARGIN, x + width + MARGIN])), this.acrossEdges);
        this.ys = cleared(merged(boxes.flatMap((box) => [box.y - this.above(box), box.y + box.height + MARGIN])), this.downEdges);
        const { xs, ys } = this;
        this.level = new Uint8Array(xs.length * ys.length).fill(1);
        this.upright = new Uint8Array(xs.length * ys.length).fill(1);
        for (const { x, y, width, height } of boxes) {
            for (let j = 0; j < ys.length; j++) {
                for (let i = 0; i < xs.length; i++) {
                    if (ys[j]! > y && ys[j]! < y + height && i + 1 < xs.length && xs[i]! < x + width && xs[i + 1]! > x) this.level[j * xs.length + i] = 0;
                    if (xs[i]! > x && xs[i]! < x + width && j + 1 < ys.length && ys[j]! < y + height && ys[j + 1]! > y) this.upright[j * xs.length + i] = 0;
                }
            }
        }
    }

    /** How far above a screen its lane runs. */
    private above(box: Box): number {
        const under = Math.max(...this.boxes.filter(({ x, y, width, height }) => x < box.x + box.width && x + width > box.x && y + height <= box.y).map(({ y, height }) => y + height));
        return Math.min(ABOVE, (box.y - under) * SHARE);
    }

    /** The ways of threads as points, each from its box to the screen it leads to; null where screens leave no way. */
    ways(courses: readonly Course[]): (Point[] | null)[] {
        const found = courses.map((course) => (this.screens.has(course.target) ? this.way(course) : null));
        const offsets = beside(found, courses, [...this.screens.keys()], (part) => this.room(part));
        return found.map((way, n) => way && points(way, (part) => (part.lane === null ? 0 : offsets.get(key(part))?.get(courses[n]!.target) ?? 0)));
    }

    /** The shortest ways to a screen from all crossings; worked out once. */
    private reached(target: string): Reached {
        let reached = this.known.get(target);
        if (!reached) this.known.set(target, reached = this.reach(target));
        return reached;
    }

    private reach(target: string): Reached {
        const { xs, ys } = this;
        const box = this.screens.get(target)!;
        const middle = { x: box.x + box.width / 2, y: box.y + Math.min(box.height / 2, LOW) };
        const ports = this.gates(box, middle, box);
        // A state is a crossing and the way one goes on from it: 0 level, 1 upright.
        const cost = new Float64Array(xs.length * ys.length * 2).fill(Infinity);
        const before = new Int32Array(cost.length).fill(-1);
        const heap = new Heap();
        const reach = (state: number, by: number, from: number): void => {
            if (by >= cost[state]!) return;
            cost[state] = by;
            before[state] = from;
            heap.push(by, state);
        };
        ports.forEach((port, n) => {
            for (const [crossing, far] of this.ends(port)) reach(2 * crossing + (port.upright ? 0 : 1), port.cost + far + BEND, -2 - n);
        });
        while (heap.size > 0) {
            const [key, state] = heap.pop();
            if (key > cost[state]!) continue;
            const [crossing, upright] = [state >> 1, state & 1];
            const [i, j] = [crossing % xs.length, Math.floor(crossing / xs.length)];
            reach(state ^ 1, key + BEND, state);
            if (upright) {
                if (j > 0 && this.upright[crossing - xs.length]) reach(state - 2 * xs.length, key + ys[j]! - ys[j - 1]!, state);
                if (j + 1 < ys.length && this.upright[crossing]) reach(state + 2 * xs.length, key + ys[j + 1]! - ys[j]!, state);
            } else {
                if (i > 0 && this.level[crossing - 1]) reach(state - 2, key + xs[i]! - xs[i - 1]!, state);
                if (i + 1 < xs.length && this.level[crossing]) reach(state + 2, key + xs[i + 1]! - xs[i]!, state);
            }
        }
        return { ports, cost, before };
    }

    /** How far a lane is from the nearest edge. */
    private room({ upright, at }: Part): number {
        return Math.min(...(upright ? this.acrossEdges : this.downEdges).map((edge) => Math.abs(edge - at)));
    }

    private way({ from, screen, target }: Course): Way | null {
        const { ports, cost, before } = this.reached(target);
        const around = this.screens.get(screen);
        if (!around) return null;
        const middle = { x: from.x + from.width / 2, y: from.y + from.height / 2 };
        let best: { cost: number; exit: Gate; state: number; port: Gate | null } | null = null;
        for (const exit of this.gates(around, middle, from)) {
            for (const port of ports) {
                if (port.upright === exit.upright && Math.abs(port.at - exit.at) < 1 && Math.abs(port.from - exit.from) < (best?.cost ?? Infinity) && !this.between(exit, port, screen)) {
                    return { start: this.point(exit), end: this.point({ ...port, at: exit.at }), parts: [{ upright: exit.upright, at: exit.at, lane: null }] };
                }
                // Straight along one lane, without a crossing between.
                if (port.upright !== exit.upright || port.lane !== exit.lane || port.below !== exit.below || this.apart(exit, port)) continue;
                const all = exit.cost + port.cost + Math.abs(exit.at - port.at) + BEND;
                if (!best || all < best.cost) best = { cost: all, exit, state: -1, port };
            }
            for (const [crossing, far] of this.ends(exit)) {
                const state = 2 * crossing + (exit.upright ? 0 : 1);
                const all = exit.cost + far + BEND + cost[state]!;
                if (all < Infinity && (!best || all < best.cost)) best = { cost: all, exit, state, port: null };
            }
        }
        if (!best) return null;
        const { exit } = best;
        const parts: Part[] = [{ upright: exit.upright, at: exit.at, lane: null }, { upright: !exit.upright, at: this.lane(exit), lane: exit.lane }];
        let port = best.port;
        for (let state = best.state; !port;) {
            const upright = (state & 1) === 1;
            const crossing = state >> 1;
            const lane = upright ? crossing % this.xs.length : Math.floor(crossing / this.xs.length);
            if (upright !== parts.at(-1)!.upright) parts.push({ upright, at: upright ? this.xs[lane]! : this.ys[lane]!, lane });
            const next = before[state]!;
            if (next <= -2) port = ports[-2 - next]!;
            state = next;
        }
        parts.push({ upright: port.upright, at: port.at, lane: null });
        return { start: this.point(exit), end: this.point(port), parts };
    }

    private lane(gate: Gate): number {
        return gate.upright ? this.ys[gate.lane]! : this.xs[gate.lane]!;
    }

    private point(gate: Gate): Point {
        return gate.upright ? { x: gate.at, y: gate.from } : { x: gate.from, y: gate.at };
    }

    /** Whether a screen, but for the own one, stands in the straight way from one gate to another, or they look away from each other. */
    private between(a: Gate, b: Gate, own: string): boolean {
        const [low, high] = [Math.min(a.from, b.from), Math.max(a.from, b.from)];
        const facing = (a.side > 0) === (b.from > a.from) && (b.side > 0) === (a.from > b.from);
        return !facing || this.stands(a.upright, a.at, low, high, this.screens.get(own));
    }

    /** Whether a screen, but for one, stands in a straight way: upright or level, at a place, from low to high. */
    private stands(upright: boolean, at: number, low: number, high: number, but?: Box): boolean {
        return this.boxes.some((box) => box !== but && (upright
            ? at > box.x && at < box.x + box.width && low < box.y + box.height && high > box.y
            : at > box.y && at < box.y + box.height && low < box.x + box.width && high > box.x));
    }

    /** Whether a screen stands in a lane between two gates. */
    private apart(a: Gate, b: Gate): boolean {
        return this.stands(!a.upright, this.lane(a), Math.min(a.at, b.at), Math.max(a.at, b.at));
    }

    /**
     * Where one can leave a screen at the height or breadth of a point in it, to the nearest lane at each side.
     *
     * @param inner the box from whose edges the way leaves
     */
    private gates(around: Box, at: Point, inner: Box): Gate[] {
        const sides: [boolean, number, number, number, 1 | -1][] = [
            [false, at.y, inner.x, around.x, -1], [false, at.y, inner.x + inner.width, around.x + around.width, 1],
            [true, at.x, inner.y, around.y, -1], [true, at.x, inner.y + inner.height, around.y + around.height, 1],
        ];
        return sides.flatMap(([upright, place, from, edge, to]): Gate[] => {
            const across = upright ? this.ys : this.xs;
            const along = upright ? this.xs : this.ys;
            const lane = to > 0 ? across.findIndex((one) => one >= edge) : across.findLastIndex((one) => one <= edge);
            if (lane < 0) return [];
            const [low, high] = [Math.min(edge, across[lane]!), Math.max(edge, across[lane]!)];
            if (this.stands(upright, place, low, high)) return [];
            const own = Math.abs(edge - from);
            // Words run level: over what else is on the screen a way that runs level, too, is easier to tell from it.
            return [{ upright, side: to, at: place, from, lane, below: along.findLastIndex((one) => one <= place), cost: Math.abs(across[lane]! - from) + (upright ? own : 0) }];
        });
    }

    /** The crossings at both sides of a gate on its lane that can be reached, with their distances. */
    private ends(gate: Gate): [number, number][] {
        const along = gate.upright ? this.xs : this.ys;
        const lane = this.lane(gate);
        return [gate.below, gate.below + 1].flatMap((n): [number, number][] => {
            if (n < 0 || n >= along.length) return [];
            const [low, high] = [Math.min(gate.at, along[n]!), Math.max(gate.at, along[n]!)];
            return this.stands(!gate.upright, lane, low, high) ? [] : [[gate.upright ? gate.lane * this.xs.length + n : n * this.xs.length + gate.lane, high - low]];
        });
    }
}

const key = ({ upright, lane }: Part): string => `${upright ? 'x' : 'y'}${lane}`;

/** What leads to different screens in one lane runs side by side, in the order of these screens. */
function beside(found: (Way | null)[], courses: readonly Course[], screens: readonly string[], room: (lane: Part) => number): Map<string, Map<string, number>> {
    const inLane = new Map<string, { lane: Part; targets: Set<string> }>();
    found.forEach((way, n) => way?.parts.forEach((part) => {
        if (part.lane === null) return;
        const one = inLane.get(key(part)) ?? { lane: part, targets: new Set<string>() };
        one.targets.add(courses[n]!.target);
        inLane.set(key(part), one);
    }));
    return new Map([...inLane.values()].map(({ lane, targets }) => {
        const apart = Math.min(APART, (1.8 * room(lane)) / targets.size);
        return [key(lane), new Map(screens.filter((screen) => targets.has(screen)).map((target, i) => [target, (i - (targets.size - 1) / 2) * apart]))];
    }));
}

function points({ start, end, parts }: Way, offset: (part: Part) => number): Point[] {
    const out = [start];
    for (let i = 0; i + 1 < parts.length; i++) {
        const [a, b] = [parts[i]!, parts[i + 1]!];
        const [one, other] = [a.at + offset(a), b.at + offset(b)];
        out.push(a.upright ? { x: one, y: other } : { x: other, y: one });
    }
    out.push(end);
    return out;
}

/** A way as path data, its bends round. */
export function rounded(way: readonly Point[], radius: number): string {
    let d = `M${way[0]!.x} ${way[0]!.y}`;
    for (let i = 1; i + 1 < way.length; i++) {
        const [a, b, c] = [way[i - 1]!, way[i]!, way[i + 1]!];
        const [before, after] = [Math.hypot(b.x - a.x, b.y - a.y), Math.hypot(c.x - b.x, c.y - b.y)];
        const r = Math.min(radius, before / 2, after / 2);
        if (r < 0.5) {
            d += `L${b.x} ${b.y}`;
            continue;
        }
        d += `L${b.x + ((a.x - b.x) / before) * r} ${b.y + ((a.y - b.y) / before) * r}Q${b.x} ${b.y} ${b.x + ((c.x - b.x) / after) * r} ${b.y + ((c.y - b.y) / after) * r}`;
    }
    const last = way.at(-1)!;
    return `${d}L${last.x} ${last.y}`;
}
