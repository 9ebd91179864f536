/** The curve tool: points are set one after the other, with a drag their handles are drawn out; the server hears of the path when it is ended. */
import { curveText, curvesOf, drawnOut, pathText, pointMark, type Node, type Part } from './curve.ts';
import { atAngle, type Point } from './geometry.ts';
import { draw } from './overlay.ts';
import type { Parts } from './parts.ts';
import { free, type Drag } from './placing.ts';
import { FILLED, LINED } from './shapes.ts';
import type { Snapping } from './snapping.ts';

/** px of the window: a press so near to the first point closes the path, one so near to the last ends it. */
const NEAR = 9;

export class Curving {
    private readonly marks: SVGElement;
    private nodes: Node[] = [];
    private screen = '';
    /** Where the next point would be set. */
    private pointer: Point | null = null;
    private snaps: Snapping | null = null;

    constructor(
        private readonly on: Parts,
        private readonly create: (screen: string, layer: Record<string, unknown>) => void,
    ) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'points curving' });
        on.overlay.followed.add(() => this.show());
    }

    get active(): boolean {
        return this.nodes.length > 0;
    }

    press(event: PointerEvent): Drag {
        const { camera, gestures } = this.on;
        if (!this.active) {
            this.screen = gestures.screenNear(camera.toWall(event));
            this.snaps = gestures.desk.snapping(this.screen, null, []);
        }
        const before = this.nodes;
        const [first, last] = [before[0], before.at(-1)];
        if (before.length > 1 && first && this.isNear(first.at, event)) return this.closing(first);
        const rest = this.place(event);
        const isLast = last !== undefined && (this.isNear(last.at, event) || (last.at.x === rest.x && last.at.y === rest.y));
        if (isLast && before.length > 1) return { move: () => undefined, end: () => this.end(false) };
        // The only point once more: a drag draws its handle out.
        const at = isLast ? last.at : rest;
        const set = isLast ? [] : before;
        this.nodes = [...set, { at, in: null, out: null }];
        this.pointer = null;
        this.show();
        return {
            move: (moved) => {
                this.nodes = [...set, drawnOut(at, this.outOf(at, moved))];
                this.show();
            },
            end: () => this.show(),
            cancel: () => {
                this.nodes = before;
                this.show();
            },
        };
    }

    /** Shows how the path would go on to the pointer. */
    hover(event: PointerEvent): void {
        if (!this.active) return;
        this.pointer = this.place(event);
        this.show();
    }

    /** Takes the last point back; false where there is none. */
    back(): boolean {
        if (!this.active) return false;
        this.nodes = this.nodes.slice(0, -1);
        if (!this.active) this.stop();
        this.show();
        return true;
    }

    /** Ends the path as it is; false where none is under way. One point alone is none. */
    end(closed: boolean): boolean {
        if (!this.active) return false;
        const { nodes } = this;
        const screen = this.on.gestures.meantFor(this.screen, nodes.map(({ at }) => at));
        this.stop();
        if (nodes.length > 1) {
            const origin = this.on.picture.screenBox(screen);
            const part: Part = { nodes, closed };
            this.create(screen, { kind: 'path', d: pathText([part]), x: -origin.x, y: -origin.y, ...(closed ? FILLED : LINED) });
        }
        return true;
    }

    show(): void {
        this.marks.replaceChildren();
        if (!this.active) return;
        const view = (p: Point): Point => this.on.camera.toView(p);
        const drawn = this.nodes.map(({ at, in: before, out }): Node => ({ at: view(at), in: before && view(before), out: out && view(out) }));
        const part: Part = { nodes: drawn, closed: false };
        if (curvesOf(part) > 0) draw(this.marks, 'path', { class: 'curve', d: pathText([part]) });
        const last = drawn.at(-1)!;
        if (this.pointer) draw(this.marks, 'path', { class: 'curve coming', d: curveText({ nodes: [last, { at: view(this.pointer), in: null, out: null }], closed: false }, 0) });
        for (const side of ['in', 'out'] as const) if (last[side]) {
            draw(this.marks, 'path', { class: 'handle-line', d: `M${last.at.x} ${last.at.y}L${last[side].x} ${last[side].y}` });
            draw(this.marks, 'circle', { class: 'handle-end', cx: last[side].x, cy: last[side].y, r: 4 });
        }
        for (const [i, { at, out }] of drawn.entries()) {
            draw(this.marks, 'path', { class: `point${i === drawn.length - 1 ? ' picked' : ''}${i === 0 && drawn.length > 1 ? ' first' : ''}`, d: pointMark(at, out !== null) });
        }
    }

    private stop(): void {
        this.nodes = [];
        this.pointer = null;
        this.on.overlay.snapped([]);
        this.show();
    }

    /** The first point once more: a press closes the path as it is shown, straight to it; with a drag the handle there is drawn out. */
    private closing(first: Node): Drag {
        const before = this.nodes;
        this.nodes = [{ ...first, in: null }, ...before.slice(1)];
        return {
            move: (moved) => {
                const { in: back } = drawnOut(first.at, this.outOf(first.at, moved));
                this.nodes = [{ ...first, in: back, out: first.out }, ...before.slice(1)];
                this.show();
            },
            end: () => this.end(true),
            cancel: () => {
                this.nodes = before;
                this.show();
            },
        };
    }

    private isNear(p: Point, event: PointerEvent): boolean {
        const [a, b] = [this.on.camera.toView(p), this.on.camera.inView(event)];
        return Math.hypot(a.x - b.x, a.y - b.y) <= NEAR;
    }

    /** Where a handle is drawn out to: with Shift at a multiple of 45°. */
    private outOf(at: Point, event: PointerEvent): Point {
        const to = this.on.camera.toWall(event);
        return event.shiftKey ? atAngle(at, to, 8) : to;
    }

    /** Where a point comes to rest: on whole px, against what is near, with Shift at a multiple of 45° from the last one. */
    private place(event: PointerEvent): Point {
        const { camera, overlay } = this.on;
        const at = camera.toWall(event);
        const whole = { x: Math.round(at.x), y: Math.round(at.y) };
        const last = this.nodes.at(-1);
        if (event.shiftKey && last) return atAngle(last.at, whole, 8);
        if (free(event) || !this.snaps) {
            overlay.snapped([]);
            return whole;
        }
        const near = this.snaps.edges({ ...at, width: 0, height: 0 }, { x: 0, y: 0 });
        const rest = { x: near.x === 0 ? whole.x : at.x + near.x, y: near.y === 0 ? whole.y : at.y + near.y };
        overlay.snapped(this.snaps.edgeMarks({ ...rest, width: 0, height: 0 }, { x: 0, y: 0 }));
        return rest;
    }
}
