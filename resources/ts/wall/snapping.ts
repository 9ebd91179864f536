/** Comes to rest against what the server named when the gesture began: the nearest within a few px of the window. */
import type { Camera } from './camera.ts';
import type { Box, Point } from './geometry.ts';
import type { Picture } from './picture.ts';
import { send } from './server.ts';

interface Line { at: number; from: number; to: number }
interface Gap { at: number; from: number; to: number; spans: [[number, number], [number, number]] }
interface Snaps { by: Point; lines: { x: Line[]; y: Line[] }; gaps: { x: Gap[]; y: Gap[] }; baselines: Line[]; own: number[] }
type Axis = 'x' | 'y';

/** What is drawn of a snap, in px of the wall: a line across its axis, or one of two equal distances along it. */
export type Mark =
    | { kind: 'line'; axis: Axis; at: number; from: number; to: number; apart: [number, number] | null; baseline?: boolean }
    | { kind: 'gap'; axis: Axis; across: number; from: number; to: number };

/** px of the window within which something snaps. */
const REACH = 6;

const SIDE = { x: 'width', y: 'height' } as const;
const across = (axis: Axis): Axis => (axis === 'x' ? 'y' : 'x');
const end = (box: Box, axis: Axis): number => box[axis] + box[SIDE[axis]];

export class Snapping {
    private snaps: Snaps | null = null;
    private original: Box | null = null;

    /**
     * Snapping begins when the answer arrives, a moment after the gesture began.
     *
     * @param arrived called then: what is held where something is near comes to rest there
     */
    constructor(private readonly camera: Camera, picture: Picture, url: string, screen: string, parent: string | null, layers: string[], arrived: () => void = () => undefined) {
        const origin = picture.screenBox(screen);
        void send<Snaps>(`${url}?screen=${screen}&parent=${parent ?? ''}&layers=${layers.join(',')}`).then((snaps) => {
            for (const axis of ['x', 'y'] as const) {
                for (const one of [...snaps.lines[axis], ...snaps.gaps[axis], ...(axis === 'y' ? snaps.baselines : [])]) shift(one, origin[axis] + snaps.by[axis], origin[across(axis)] + snaps.by[across(axis)]);
            }
            this.snaps = snaps;
            arrived();
        }, () => undefined);
    }

    /**
     * The box, moved as a whole to what is near; without anything near to whole px.
     *
     * @param original what the box is a copy of: that stays, and the copy can come to rest beside it
     */
    move(box: Box, original: Box | null = null): { box: Box; marks: Mark[] } {
        this.original = original;
        const snapped = { ...box };
        const found = { x: this.nearest('x', box, [0, 0.5, 1], true), y: this.nearest('y', box, [0, 0.5, 1], true) };
        for (const axis of ['x', 'y'] as const) snapped[axis] = found[axis] === null ? Math.round(box[axis]) : box[axis] + found[axis];
        return { box: snapped, marks: (['x', 'y'] as const).flatMap((axis) => (found[axis] === null ? [] : this.marks(axis, snapped, [0, 0.5, 1], true))) };
    }

    /** How far the edges that a handle moves are from what is near; `shares` are 0 for the start of an axis, 1 for its end. */
    edges(box: Box, shares: { x: number | null; y: number | null }): Point {
        const by = (axis: Axis): number => (shares[axis] === null ? 0 : this.nearest(axis, box, [shares[axis]], false) ?? 0);
        return { x: by('x'), y: by('y') };
    }

    edgeMarks(box: Box, shares: { x: number | null; y: number | null }): Mark[] {
        return (['x', 'y'] as const).flatMap((axis) => (shares[axis] === null ? [] : this.marks(axis, box, [shares[axis]], false)));
    }

    private nearest(axis: Axis, box: Box, shares: number[], gaps: boolean): number | null {
        let best: number | null = null;
        const reach = REACH / this.camera.scale;
        const offer = (by: number): void => {
            if (Math.abs(by) <= reach && (best === null || Math.abs(by) < Math.abs(best))) best = by;
        };
        for (const line of this.lines(axis)) for (const share of shares) offer(line.at - box[axis] - box[SIDE[axis]] * share);
        if (gaps) for (const gap of this.beside(axis, box)) offer(gap.at - box[axis]);
        if (gaps && axis === 'y') for (const { line, own } of this.baselines()) offer(line.at - box.y - own);
        return best;
    }

    /** Everything that the box now rests against. */
    private marks(axis: Axis, box: Box, shares: number[], gaps: boolean): Mark[] {
        const other = across(axis);
        const [low, high] = [box[other], end(box, other)];
        const lines = this.lines(axis).filter((line) => shares.some((share) => Math.abs(line.at - box[axis] - box[SIDE[axis]] * share) < 0.02)).map((line): Mark => ({
            kind: 'line', axis, at: line.at, from: Math.min(line.from, low), to: Math.max(line.to, high),
            apart: line.to < low ? [line.to, low] : line.from > high ? [high, line.from] : null,
        }));
        const standing = gaps && axis === 'y' ? this.baselines().filter(({ line, own }) => Math.abs(line.at - box.y - own) < 0.02).map(({ line }): Mark => ({
            kind: 'line', axis, at: line.at, from: Math.min(line.from, low), to: Math.max(line.to, high), apart: null, baseline: true,
        })) : [];
        // One number says how far away it is: edges and middles that meet at once lie equally far.
        for (const mark of lines.slice(1)) if (mark.kind === 'line') mark.apart = null;
        const equal = gaps ? this.beside(axis, box).filter((gap) => Math.abs(gap.at - box[axis]) < 0.02).slice(0, 2) : [];
        const middle = (low + high) / 2;
        return [...lines, ...standing, ...equal.flatMap((gap) => gap.spans.map(([from, to]): Mark => ({ kind: 'gap', axis, across: middle, from, to })))];
    }

    private lines(axis: Axis): Line[] {
        const [lines, box] = [this.snaps?.lines[axis] ?? [], this.original];
        const [from, to] = box ? [box[across(axis)], end(box, across(axis))] : [0, 0];
        return box ? [...lines, ...[0, 0.5, 1].map((share) => ({ at: box[axis] + box[SIDE[axis]] * share, from, to }))] : lines;
    }

    /** The baselines that there are with each of those of what moves. */
    private baselines(): { line: Line; own: number }[] {
        return (this.snaps?.own ?? []).flatMap((own) => this.snaps!.baselines.map((line) => ({ line, own })));
    }

    private beside(axis: Axis, box: Box): Gap[] {
        const other = across(axis);
        return (this.snaps?.gaps[axis] ?? []).filter((gap) => gap.from < end(box, other) && box[other] < gap.to);
    }
}

function shift(one: Line | Gap, along: number, sideways: number): void {
    one.at += along;
    one.from += sideways;
    one.to += sideways;
    if ('spans' in one) one.spans = one.spans.map(([from, to]) => [from + along, to + along]) as Gap['spans'];
}
