/**
 * Paths as points with handles, as far as a hand needs them between two answers of the server, which makes the rules
 * (`core/src/Geometry/Curve`). A point without a handle on a side is left, or reached, as if the handle lay on it.
 */
import type { Point } from './geometry.ts';

export type Side = 'in' | 'out';

export interface Node { at: Point; in: Point | null; out: Point | null }

export interface Part { nodes: Node[]; closed: boolean }

/** A point of a path: the numbers of its part and of itself, from 0. */
export interface Spot { subpath: number; node: number }

/** What is less apart, px, is in one place. */
const SAME = 0.01;
/** Directions that are less apart, as the sine of their angle, are one. */
const STRAIGHT = 0.01;

const plus = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });
const times = (a: Point, by: number): Point => ({ x: a.x * by, y: a.y * by });
const length = (a: Point): number => Math.hypot(a.x, a.y);
const isSame = (a: Point, b: Point): boolean => length(minus(a, b)) <= SAME;

/** Path data as the server writes it: absolute moves, lines, cubic curves and closings. */
export function parsePath(d: string): Part[] {
    const parts: Part[] = [];
    let part: Part = { nodes: [], closed: false };
    const end = (): void => {
        const last = part.nodes.at(-1);
        if (part.closed && part.nodes.length > 2 && last && isSame(last.at, part.nodes[0]!.at)) {
            part.nodes[0]!.in = last.in;
            part.nodes.pop();
        }
        if (part.nodes.length > 1) parts.push(part);
    };
    for (const [, letter, numbers] of d.matchAll(/([MLCZ])([^MLCZ]*)/g)) {
        const n = numbers!.trim().split(/[\s,]+/).filter(Boolean).map(Number);
        const last = part.nodes.at(-1);
        if (letter === 'Z') {
            const first = part.nodes[0];
            part.closed = true;
            end();
            part = { nodes: first ? [{ at: first.at, in: null, out: null }] : [], closed: false };
        } else if (letter === 'M') {
            end();
            part = { nodes: [{ at: { x: n[0]!, y: n[1]! }, in: null, out: null }], closed: false };
        } else if (letter === 'C' && last) {
            const [b, c, at] = [{ x: n[0]!, y: n[1]! }, { x: n[2]!, y: n[3]! }, { x: n[4]!, y: n[5]! }];
            last.out = length(minus(b, last.at)) > 0 ? b : null;
            part.nodes.push({ at, in: length(minus(c, at)) > 0 ? c : null, out: null });
        } else if (!last || length(minus(last.at, { x: n[0]!, y: n[1]! })) > 0) part.nodes.push({ at: { x: n[0]!, y: n[1]! }, in: null, out: null });
    }
    end();
    return parts;
}

/** How many curves and lines a part has. */
export const curvesOf = ({ nodes, closed }: Part): number => Math.max(0, nodes.length - (closed ? 0 : 1));

/** The control points of the curve after a point. */
export function curveAfter({ nodes }: Part, node: number): [Point, Point, Point, Point] {
    const [from, to] = [nodes[node]!, nodes[(node + 1) % nodes.length]!];
    if (!from.out && !to.in) return [from.at, plus(times(from.at, 2 / 3), times(to.at, 1 / 3)), plus(times(from.at, 1 / 3), times(to.at, 2 / 3)), to.at];
    return [from.at, from.out ?? from.at, to.in ?? to.at, to.at];
}

export function curveText(part: Part, node: number): string {
    const [a, b, c, d] = curveAfter(part, node);
    return `M${a.x} ${a.y}C${b.x} ${b.y} ${c.x} ${c.y} ${d.x} ${d.y}`;
}

export function pathText(parts: Part[]): string {
    return parts.map((part) => {
        const { nodes, closed } = part;
        const curves = nodes.slice(0, curvesOf(part)).map((from, i) => {
            const to = nodes[(i + 1) % nodes.length]!;
            const [, b, c, d] = curveAfter(part, i);
            const closes = closed && i === nodes.length - 1;
            return from.out || to.in ? `C${b.x} ${b.y} ${c.x} ${c.y} ${d.x} ${d.y}` : closes ? '' : `L${d.x} ${d.y}`;
        });
        return `M${nodes[0]!.at.x} ${nodes[0]!.at.y}${curves.join('')}${closed ? 'Z' : ''}`;
    }).join('');
}

export function pointAt([a, b, c, d]: [Point, Point, Point, Point], t: number): Point {
    const u = 1 - t;
    return plus(plus(times(a, u ** 3), times(b, 3 * u * u * t)), plus(times(c, 3 * u * t * t), times(d, t ** 3)));
}

/** The place, from 0 to 1, on a curve that is nearest to a point. */
export function nearestOn(curve: [Point, Point, Point, Point], p: Point): number {
    const far = (t: number): number => length(minus(pointAt(curve, t), p));
    let best = 0;
    for (let i = 0; i <= 32; i++) if (far(i / 32) < far(best)) best = i / 32;
    for (let step = 1 / 64; step > 1e-5; step /= 2) for (const t of [best - step, best + step]) if (t >= 0 && t <= 1 && far(t) < far(best)) best = t;
    return best;
}

export function isSmooth({ at, in: before, out: after }: Node): boolean {
    if (!before || !after) return false;
    const [a, b] = [minus(at, before), minus(after, at)];
    const size = length(a) * length(b);
    return size > 0 && Math.abs(a.x * b.y - a.y * b.x) <= STRAIGHT * size && a.x * b.x + a.y * b.y > 0;
}

/** With a handle pulled elsewhere: that of a smooth point on the other side turns with it, unless it is pulled apart. */
export function pulled(node: Node, side: Side, to: Point, apart: boolean): Node {
    const other = side === 'in' ? 'out' : 'in';
    const changed = { ...node, [side]: length(minus(to, node.at)) > 0 ? to : null };
    const way = minus(node.at, to);
    const opposite = node[other];
    if (apart || !opposite || !isSmooth(node) || length(way) <= 0) return changed;
    return { ...changed, [other]: plus(node.at, times(way, length(minus(opposite, node.at)) / length(way))) };
}

/** With handles alike on both sides, as they are drawn out of a point. */
export const drawnOut = (at: Point, to: Point): Node => (isSame(at, to) ? { at, in: null, out: null } : { at, in: minus(times(at, 2), to), out: to });

export const mapped = ({ at, in: before, out }: Node, map: (p: Point) => Point): Node => ({ at: map(at), in: before && map(before), out: out && map(out) });

/** Parts with some of their points changed. */
export function withSpots(parts: Part[], spots: Spot[], change: (node: Node) => Node): Part[] {
    return parts.map((part, subpath) => ({ ...part, nodes: part.nodes.map((node, i) => (spots.some((spot) => spot.subpath === subpath && spot.node === i) ? change(node) : node)) }));
}

export const shifted = (by: Point) => (p: Point): Point => plus(p, by);

/** With the curve after a point bent, so that its place `t` lies further by a distance; points that are smooth stay so. */
export function bent(part: Part, node: number, t: number, by: Point): Part {
    const [, b, c] = curveAfter(part, node);
    const u = 1 - t;
    const [first, second] = [3 * u * u * t, 3 * u * t * t];
    const all = first * first + second * second;
    const next = (node + 1) % part.nodes.length;
    const nodes = part.nodes.map((one, i) => (i === node ? pulled(one, 'out', plus(b, times(by, first / all)), false) : one));
    return { ...part, nodes: nodes.map((one, i) => (i === next ? pulled(one, 'in', plus(c, times(by, second / all)), false) : one)) };
}

/** The mark of a point, as path data: a corner stands on its tip, what is smooth is round. */
export const pointMark = ({ x, y }: Point, smooth: boolean): string => (smooth ? `M${x - 5} ${y}a5 5 0 1 0 10 0a5 5 0 1 0 -10 0` : `M${x} ${y - 6}L${x + 6} ${y}L${x} ${y + 6}L${x - 6} ${y}Z`);
