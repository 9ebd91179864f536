/**
 * What a press comes to: a tap, a double tap, a long press, a swipe, a drag, or nothing that a cue waits for. `Flow\Pressing` is the same
 * for the simulator and says the rules; docs/format.md documents them. Times are in ms, places in px of the screen.
 */
import type { Trigger } from './table.ts';

/** Of a drag that takes off what lies over, which is no cue. */
export const AWAY = -1;

const WAYS: Record<string, [number, number]> = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] };

export interface Outcome { rows: number[]; turns: string[]; from: number }
export interface Down { path: string[]; turns: string[]; x: number; y: number; scrolls: Record<string, string[]>; touch: boolean }
interface Hold extends Down { at: number; slop: number; moved: boolean; long: number | null; due: number; drag: number | null; way: string; distance: number; swipe: number | null; pull: number | null; scroll: string | null; points: [number, number, number][] }

export class Pressing {
    private hold: Hold | null = null;
    /** Whether the press that ended last was no tap. */
    private spent = false;
    /** A tap that waits for a second one. */
    private waiting: { rows: number[]; turns: string[]; due: number; x: number; y: number } | null = null;

    /** @param find the cues with a trigger, and a direction if it has one, of the innermost layer that has some */
    constructor(private readonly rules: Record<string, number>, private readonly find: (path: string[], trigger: string, direction: string) => number[], private readonly trigger: (cue: number) => Trigger) {}

    down(at: number, down: Down): void {
        const long = this.find(down.path, 'long-press', '')[0] ?? null;
        this.spent = false;
        this.hold = {
            ...down, at, slop: this.rules[down.touch ? 'touch' : 'pointer']!, moved: false, long, due: long === null ? 0 : at + (this.trigger(long).press ?? 0),
            drag: null, way: '', distance: 1, swipe: null, pull: null, scroll: null, points: [[at, down.x, down.y]],
        };
    }

    /** @param away in which direction, and how far, what is pressed can be dragged away as a whole */
    move(at: number, x: number, y: number, away: [string, number] | null): void {
        const { hold } = this;
        if (!hold) return;
        hold.points.push([at, x, y]);
        const [dx, dy] = [x - hold.x, y - hold.y];
        if (hold.moved || dx * dx + dy * dy <= hold.slop * hold.slop) return;
        hold.moved = true;
        hold.long = null;
        if (!this.spent) this.take(hold, Math.abs(dx) >= Math.abs(dy) ? (dx < 0 ? 'left' : 'right') : dy < 0 ? 'up' : 'down', away);
    }

    /** The drag under way, and how far it has come, 0 to 1. */
    following(): { cue: number; progress: number; turns: string[] } | null {
        return this.hold?.drag == null ? null : { cue: this.hold.drag, progress: this.progress(this.hold), turns: this.hold.turns };
    }

    /** The region that goes with the finger; null where none does. */
    scrolling(): string | null {
        return this.hold?.scroll ?? null;
    }

    /** What the end of the press sets off, beside a tap. */
    up(at: number): Outcome | null {
        const { hold } = this;
        this.hold = null;
        if (!hold) return null;
        this.spent ||= hold.moved;
        const [, x, y] = hold.points.at(-1)!;
        hold.points.push([at, x, y]);
        const speed = hold.way === '' ? 0 : this.speed(hold, at);
        const progress = this.progress(hold);
        if (hold.drag !== null) return speed >= this.rules['throw']! || (speed > -this.rules['throw']! && progress >= 0.5) ? { rows: [hold.drag], turns: hold.turns, from: progress } : null;
        if (hold.pull !== null) return along(hold, 0) >= hold.distance ? { rows: [hold.pull], turns: hold.turns, from: 0 } : null;
        const far = hold.swipe !== null && (speed >= this.rules['flick']! || (speed >= 0 && along(hold, 0) >= this.rules['reach']!));
        return far ? { rows: this.find(hold.path, 'swipe', hold.way), turns: hold.turns, from: 0 } : null;
    }

    cancel(): void {
        this.hold = null;
        this.spent = true;
    }

    tap(at: number, path: string[], turns: string[], x: number, y: number): Outcome[] {
        if (this.isSpent()) return [];
        const first = this.waiting;
        this.waiting = null;
        const taps = this.find(path, 'tap', '');
        const double = this.find(path, 'double-tap', '');
        const near = first !== null && at <= first.due && (x - first.x) ** 2 + (y - first.y) ** 2 <= this.rules['near']! ** 2;
        if (double.length > 0 && near) return [{ rows: double, turns, from: 0 }];
        const before = first === null ? [] : [{ rows: first.rows, turns: first.turns, from: 0 }];
        if (double.length === 0) return [...before, { rows: taps, turns, from: 0 }];
        this.waiting = { rows: taps, turns, due: at + this.rules['double']!, x, y };
        return before;
    }

    /** Whether the press that ended was no tap; what is told of it afterwards is nothing, once. */
    isSpent(): boolean {
        const { spent } = this;
        this.spent = false;
        return spent;
    }

    /** When something happens by itself: a press is long enough, or no second tap has come; null for never. */
    due(): number | null {
        const due = [this.hold?.long != null ? this.hold.due : null, this.waiting?.due ?? null].filter((one) => one !== null);
        return due.length === 0 ? null : Math.min(...due);
    }

    /** What happens by itself at that time. */
    ripe(): Outcome {
        if (this.waiting && this.waiting.due === this.due()) {
            const { rows, turns } = this.waiting;
            this.waiting = null;
            return { rows, turns, from: 0 };
        }
        this.hold!.long = null;
        this.spent = true;
        return { rows: this.find(this.hold!.path, 'long-press', ''), turns: this.hold!.turns, from: 0 };
    }

    /** Another screen is shown: what was pressed belongs to the one before. */
    forget(): void {
        this.hold = null;
        this.waiting = null;
    }

    private take(hold: Hold, way: string, away: [string, number] | null): void {
        hold.way = way;
        for (const layer of hold.path) {
            if (hold.scrolls[layer]?.includes(way)) {
                hold.scroll = layer;
                return;
            }
            for (const trigger of way === 'down' ? ['drag', 'swipe', 'pull'] as const : ['drag', 'swipe'] as const) {
                const cue = this.find([layer], trigger, trigger === 'pull' ? '' : way)[0];
                if (cue === undefined) continue;
                hold[trigger] = cue;
                hold.distance = this.trigger(cue).distance ?? 1;
                hold.scroll = trigger === 'pull' ? layer : null;
                return;
            }
        }
        if (away?.[0] === way) [hold.drag, hold.distance] = [AWAY, away[1]];
        else hold.scroll = hold.path.find((layer) => hold.scrolls[layer]?.includes(`~${way}`)) ?? null;
    }

    private progress(hold: Hold): number {
        return hold.drag === null ? 0 : Math.max(0, Math.min(1, along(hold, 0) / hold.distance));
    }

    private speed(hold: Hold, at: number): number {
        // Until the next point it stays where it is.
        let since = 0;
        while (since + 1 < hold.points.length && hold.points[since + 1]![0] <= at - this.rules['trail']!) since++;
        const time = Math.min(this.rules['trail']!, at - hold.at);
        return time <= 0 ? 0 : along(hold, since) / time;
    }
}

/** How far it has come its way since a point. */
function along(hold: Hold, since: number): number {
    const [x, y] = WAYS[hold.way]!;
    const [, fromX, fromY] = hold.points[since]!;
    const [, toX, toY] = hold.points.at(-1)!;
    return (toX - fromX) * x + (toY - fromY) * y;
}
