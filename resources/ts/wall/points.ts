/** A path that has been entered: its points and handles, in the hand. What they come to the server says. */
import { copiesOf } from './address.ts';
import { toast } from '../dialogs.ts';
import { bent, curvesOf, curveAfter, curveText, isSmooth, mapped, nearestOn, parsePath, pathText, pointMark, pulled, shifted, withSpots, type Part, type Side, type Spot } from './curve.ts';
import { apply, around, atAngle, contains, short, unapply, within, type Matrix, type Point } from './geometry.ts';
import type { Command } from './messages.ts';
import { draw } from './overlay.ts';
import { chosen, type Parts } from './parts.ts';
import { free, type Drag } from './placing.ts';
import { Tried } from './reflow.ts';
import type { Mark, Snapping } from './snapping.ts';

/** px of the window: how near a press must be to a curve, what lies around the path that is still about it, what snaps. */
const GRIP = 12;
const AROUND = 24;
const SNAP = 6;
/** Two presses so shortly after each other are a double press, ms: its marks are drawn anew with the first, so the browser tells of none. */
const TWICE = 400;
/** Shapes that become paths when they are entered. */
const SHAPES = ['box', 'ellipse', 'polygon', 'line'];
/** What a press means otherwise: only who asks for it makes paths of these. */
const OUTLINED = ['text', 'icon'];
const CORNERS = ['nw', 'ne', 'se', 'sw'] as const;

const key = ({ subpath, node }: Spot): string => `${subpath}.${node}`;
const spot = (text: string): Spot => {
    const [subpath, node] = text.split('.').map(Number) as [number, number];
    return { subpath, node };
};

export class Points {
    private readonly marks: SVGElement;
    private id: string | null = null;
    private parts: Part[] = [];
    /** From the path to the wall, when the server told it: the box goes along with what is dragged. */
    private frame: Matrix | null = null;
    /** As it is dragged, before the server has told it. */
    private held: Part[] | null = null;
    private picked: Spot[] = [];
    /** The press on a point before this one. */
    private pressed: { name: string; at: number } | null = null;

    constructor(
        private readonly on: Parts,
        private readonly facets: HTMLElement,
        /** The path that the facets tell, of the one layer that is selected; null where it is none, undefined while that is not known. */
        private readonly told: () => string | null | undefined,
    ) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'points' });
        on.overlay.followed.add(() => this.show());
        on.facets.renewed.add(() => this.hear());
        facets.addEventListener('change', (event) => this.typed(event.target as HTMLInputElement));
    }

    get active(): boolean {
        return this.id !== null;
    }

    /**
     * False where the layer is no path and none can be made of it.
     *
     * @param asked whether that is what was asked for, and not what a double press means
     */
    enter(layer: Element, asked = false): boolean {
        const kind = layer.getAttribute('data-kind') ?? '';
        if (layer.hasAttribute('data-locked') || (kind !== 'path' && !SHAPES.includes(kind) && !(asked && OUTLINED.includes(kind)))) return false;
        // In a copy a shape would become a path in all of them: whoever goes in by pressing again does not mean that.
        if (!asked && kind !== 'path' && copiesOf(layer.getAttribute('data-layer')!).length > 0) return false;
        const { selection, picture, server } = this.on;
        selection.pick([layer.getAttribute('data-layer')!], picture.screenOf(layer));
        const id = selection.layers.join();
        if (kind === 'path') this.begin();
        else void server.edit({ type: 'convert-to-paths', ...chosen(this.on) }).then((answer) => {
            if (!answer || selection.layers.join() !== id) return;
            toast(`The ${kind} is a path now, and its points can be moved. Ctrl+Z takes that back.`);
            this.begin();
        });
        return true;
    }

    private begin(): void {
        this.id = this.on.selection.layers[0] ?? null;
        this.picked = [];
        this.parts = [];
        this.held = null;
        void this.on.facets.told().then(() => this.hear());
    }

    /** True when one had been entered: first nothing of it is picked any more, then it is left. */
    leave(whole = false): boolean {
        if (this.id === null) return false;
        if (this.picked.length > 0 && !whole) this.pick([]);
        else {
            this.id = null;
            this.show();
        }
        return true;
    }

    /** The facets tell it anew. */
    hear(): void {
        const told = this.told();
        if (this.id === null || told === undefined || this.held) return this.show();
        const layer = this.layer();
        if (told === null || !layer) return void this.leave(true);
        this.parts = parsePath(told);
        this.frame = this.on.picture.matrix(layer);
        if (!this.picked.every((one) => this.node(one))) this.picked = this.picked.filter((one) => this.node(one));
        this.show();
    }

    show(): void {
        const overlay = document.getElementById('overlay')!;
        if (this.id !== null && this.on.selection.layers.join() !== this.id) this.id = null;
        overlay.classList.toggle('pointing', this.active);
        this.tell();
        // What is drawn already stays: a hand may be on it.
        const drawn = document.createElementNS(this.marks.namespaceURI, 'g') as SVGElement;
        if (this.id !== null && this.frame) this.draw(drawn);
        if (drawn.innerHTML !== this.marks.innerHTML) this.marks.replaceChildren(...drawn.childNodes);
    }

    private draw(on: SVGElement): void {
        const parts = this.held ?? this.parts;
        const view = (p: Point): Point => this.view(p);
        const seen = parts.map((part) => ({ ...part, nodes: part.nodes.map((node) => mapped(node, view)) }));
        draw(on, 'path', { class: 'curve', d: pathText(seen) });
        for (const [subpath, part] of seen.entries()) for (let node = 0; node < curvesOf(part); node++) draw(on, 'path', { class: 'curve-grip', d: curveText(part, node), 'stroke-width': GRIP, 'data-curve': key({ subpath, node }) });
        this.frameOf(on, seen);
        for (const [subpath, part] of seen.entries()) for (const [number, node] of part.nodes.entries()) {
            const name = key({ subpath, node: number });
            const isPicked = this.isPicked({ subpath, node: number });
            if (isPicked || this.isBeside({ subpath, node: number })) for (const side of ['in', 'out'] as const) if (node[side]) {
                draw(on, 'path', { class: 'handle-line', d: `M${node.at.x} ${node.at.y}L${node[side].x} ${node[side].y}` });
                draw(on, 'circle', { class: 'handle-end', cx: node[side].x, cy: node[side].y, r: 4, 'data-pull': `${name} ${side}` });
            }
            draw(on, 'path', { class: `point${isPicked ? ' picked' : ''}`, 'data-point': name, d: pointMark(node.at, isSmooth(node)) });
        }
    }

    /** Several that are picked have a frame, by whose corners they are scaled together. */
    private frameOf(on: SVGElement, seen: Part[]): void {
        const all = this.picked.flatMap(({ subpath, node }) => seen[subpath]?.nodes[node]?.at ?? []);
        if (all.length < 2) return;
        const { x, y, width, height } = around(all);
        const [left, top, right, bottom] = [x - 12, y - 12, x + width + 12, y + height + 12];
        draw(on, 'rect', { class: 'points-frame', x: left, y: top, width: right - left, height: bottom - top });
        for (const [i, [cx, cy]] of ([[left, top], [right, top], [right, bottom], [left, bottom]] as const).entries()) draw(on, 'circle', { class: `points-scale ${CORNERS[i]!}`, cx, cy, r: 5, 'data-scale': CORNERS[i]! });
    }

    /** What a press does while a path is entered; null well outside it, where a press leaves it. */
    press(event: PointerEvent): Drag | null {
        const layer = this.layer();
        if (this.id === null || !layer || !this.frame) return null;
        const { dataset } = event.target as SVGElement;
        const at = this.at(event);
        if (dataset['pull']) {
            const [name, side] = dataset['pull'].split(' ') as [string, Side];
            return this.pulling(spot(name), side, at);
        }
        if (dataset['point']) return this.moving(spot(dataset['point']), event);
        if (dataset['scale']) return this.scaling(dataset['scale'], at);
        if (dataset['curve']) return this.bending(spot(dataset['curve']), at);
        const edges = around(this.parts.flatMap(({ nodes }) => nodes.map((node) => this.view(node.at))));
        const near = { x: edges.x - AROUND, y: edges.y - AROUND, width: edges.width + 2 * AROUND, height: edges.height + 2 * AROUND };
        if (!contains(near, this.on.camera.inView(event))) {
            this.leave(true);
            return null;
        }
        return this.gathering(event);
    }

    /* By keys and from the facets, of what is picked; false where nothing is entered, or nothing picked. */

    remove(): boolean {
        return this.each((points) => ({ type: 'remove-points', points }), []);
    }

    nudge(dx: number, dy: number): boolean {
        return this.each((points) => ({ type: 'move-points', points, ...this.turnedBack({ x: dx, y: dy }) }));
    }

    /** Smooth, or corners where all of them are smooth already. */
    convert(smooth?: boolean): boolean {
        return this.each((points) => ({ type: 'convert-points', points, smooth: smooth ?? !points.every((one) => isSmooth(this.node(one)!)) }));
    }

    align(to: string): boolean {
        return this.each((points) => ({ type: 'align-points', points, to }));
    }

    cut(): boolean {
        return this.each((points) => ({ type: 'cut-path', points }), []);
    }

    join(): boolean {
        return this.each((points) => ({ type: 'join-path', points }), []);
    }

    reverse(): boolean {
        if (this.id === null || this.parts.length === 0) return false;
        const points = this.picked.length > 0 ? this.picked : this.parts.map((_, subpath) => ({ subpath, node: 0 }));
        this.edit({ type: 'reverse-path', points }, []);
        return true;
    }

    /** The next point, or the one before. */
    step(by: 1 | -1): boolean {
        if (this.id === null) return false;
        const all = this.all();
        const at = all.findIndex((one) => this.isPicked(one));
        if (all.length > 0) this.pick([all[(Math.max(at, by > 0 ? -1 : 0) + by + all.length) % all.length]!]);
        return true;
    }

    pickAll(): boolean {
        if (this.id === null) return false;
        this.pick(this.all());
        return true;
    }

    private each(make: (points: Spot[]) => Command, next?: Spot[]): boolean {
        if (this.id === null || this.picked.length === 0) return false;
        this.edit(make(this.picked), next);
        return true;
    }

    private all(): Spot[] {
        return this.parts.flatMap((part, subpath) => part.nodes.map((_, node) => ({ subpath, node })));
    }

    private pick(spots: Spot[]): void {
        this.picked = spots;
        this.show();
    }

    private isPicked(one: Spot): boolean {
        return this.picked.some((other) => key(other) === key(one));
    }

    /** Whether a curve runs from it to a point that is picked: its handles show, too. */
    private isBeside({ subpath, node }: Spot): boolean {
        const { nodes, closed } = this.parts[subpath] ?? { nodes: [], closed: false };
        return [-1, 1].some((by) => {
            const other = node + by;
            return (closed || (other >= 0 && other < nodes.length)) && this.isPicked({ subpath, node: (other + nodes.length) % nodes.length });
        });
    }

    private node({ subpath, node }: Spot): Part['nodes'][number] | undefined {
        return (this.held ?? this.parts)[subpath]?.nodes[node];
    }

    private layer(): SVGGElement | null {
        return this.id === null ? null : this.on.picture.layer(this.id);
    }

    private view(p: Point): Point {
        return this.on.camera.toView(apply(this.frame!, p));
    }

    private at(event: PointerEvent): Point {
        return unapply(this.frame!, this.on.camera.toWall(event));
    }

    /** A distance on the wall as one of the path, which may be turned. */
    private turnedBack(by: Point): { dx: number; dy: number } {
        const [from, to] = [unapply(this.frame!, { x: 0, y: 0 }), unapply(this.frame!, by)];
        return { dx: to.x - from.x, dy: to.y - from.y };
    }

    private command(command: Command): Command {
        return { ...command, screen: this.on.selection.screen || null, layer: this.id };
    }

    /** @param next what is picked once it is done, if nothing was meanwhile: points may have other numbers then */
    private edit(command: Command, next?: Spot[]): void {
        const before = this.picked;
        const none: Spot[] = next ? [] : before;
        this.picked = none;
        void this.on.server.edit(this.command(command)).then(async (answer) => {
            await this.on.facets.told();
            if (next && this.picked === none) this.picked = answer ? next : before;
            this.hear();
        });
    }

    /** Where the point at hand lies, in the facets; they are drawn with the layer and do not know what is picked. */
    private tell(): void {
        const place = this.facets.querySelector<HTMLElement>('[data-points]');
        if (!place) return;
        place.hidden = !this.active;
        const nodes = this.picked.flatMap((one) => this.node(one) ?? []);
        for (const axis of ['x', 'y'] as const) {
            const field = place.querySelector<HTMLInputElement>(`[data-point-field=${axis}]`)!;
            const values = new Set(nodes.map(({ at }) => short(at[axis])));
            field.disabled = nodes.length === 0;
            field.placeholder = values.size > 1 ? 'mixed' : '';
            const value = values.size === 1 ? [...values][0]! : '';
            if (field !== document.activeElement || field.value === field.defaultValue) field.value = value;
            field.defaultValue = value;
        }
        for (const button of place.querySelectorAll<HTMLButtonElement>('button[data-do]')) button.disabled = nodes.length < Number(button.dataset['least'] ?? 1);
    }

    private typed(field: HTMLInputElement): void {
        const axis = field.dataset['pointField'];
        if (!axis || this.picked.length === 0 || field.value === field.defaultValue) return;
        field.defaultValue = field.value;
        this.edit({ type: 'place-points', points: this.picked, [axis]: field.value });
    }

    /* What is dragged */

    /** A point, and with it all that are picked; a double press makes it smooth, or a corner. */
    private moving(one: Spot, event: PointerEvent): Drag {
        const was = this.isPicked(one);
        if (event.shiftKey) this.pick(was ? this.picked.filter((other) => key(other) !== key(one)) : [...this.picked, one]);
        else if (!was) this.pick([one]);
        const spots = this.picked;
        const from = this.node(one)!.at;
        const start = this.at(event);
        const snaps = this.snaps();
        return this.dragging((moved, to) => {
            const way = { x: to.x - start.x, y: to.y - start.y };
            const straight = Math.abs(way.x) > Math.abs(way.y) ? { x: way.x, y: 0 } : { x: 0, y: way.y };
            const by = moved.shiftKey ? straight : this.snapped(moved, way, from, snaps, spots);
            return [withSpots(this.parts, spots, (node) => mapped(node, shifted(by))), { type: 'move-points', points: spots, dx: by.x, dy: by.y }];
        }, () => {
            const twice = this.pressed?.name === key(one) && event.timeStamp - this.pressed.at < TWICE;
            this.pressed = { name: key(one), at: event.timeStamp };
            if (twice) {
                this.pressed = null;
                this.edit({ type: 'convert-points', points: [one], smooth: !isSmooth(this.node(one)!) });
            } else if (was && !event.shiftKey) this.pick([one]);
        });
    }

    private pulling(one: Spot, side: Side, start: Point): Drag {
        const node = this.node(one)!;
        const grip = node[side]!;
        const snaps = this.snaps();
        return this.dragging((moved, at) => {
            const to = { x: grip.x + at.x - start.x, y: grip.y + at.y - start.y };
            const way = this.snapped(moved, { x: to.x - node.at.x, y: to.y - node.at.y }, node.at, snaps, []);
            const place = moved.shiftKey ? atAngle(node.at, to, 8) : { x: node.at.x + way.x, y: node.at.y + way.y };
            const apart = moved.altKey;
            return [withSpots(this.parts, [one], (old) => pulled(old, side, place, apart)), { type: 'pull-handle', points: [one], handle: side, ...place, apart }];
        }, () => this.pick([one]));
    }

    private bending(after: Spot, from: Point): Drag {
        const part = this.parts[after.subpath]!;
        const place = nearestOn(curveAfter(part, after.node), from);
        const t = within(place, 0.2, 0.8);
        return this.dragging((_, to) => {
            const by = { x: to.x - from.x, y: to.y - from.y };
            return [this.parts.map((one, i) => (i === after.subpath ? bent(part, after.node, t, by) : one)), { type: 'bend-curve', after, t, dx: by.x, dy: by.y }];
        }, () => {
            this.edit({ type: 'add-point', after, t: place }, [{ subpath: after.subpath, node: after.node + 1 }]);
        });
    }

    private scaling(corner: string, from: Point): Drag {
        const spots = this.picked;
        const box = around(spots.map((one) => this.node(one)!.at));
        const own: Point = { x: corner.includes('w') ? box.x : box.x + box.width, y: corner.includes('n') ? box.y : box.y + box.height };
        const across: Point = { x: 2 * box.x + box.width - own.x, y: 2 * box.y + box.height - own.y };
        return this.dragging((moved, to) => {
            const about = moved.altKey ? { x: box.x + box.width / 2, y: box.y + box.height / 2 } : across;
            const share = (axis: 'x' | 'y'): number => (own[axis] === about[axis] ? 1 : (own[axis] + to[axis] - from[axis] - about[axis]) / (own[axis] - about[axis]));
            let [wide, high] = [share('x'), share('y')];
            if (moved.shiftKey) wide = high = Math.abs(wide - 1) > Math.abs(high - 1) ? wide : high;
            const map = (p: Point): Point => ({ x: about.x + (p.x - about.x) * wide, y: about.y + (p.y - about.y) * high });
            return [withSpots(this.parts, spots, (node) => mapped(node, map)), { type: 'scale-points', points: spots, about, across: wide, down: high }];
        }, () => undefined);
    }

    /** Points within what is drawn round them are picked. */
    private gathering(event: PointerEvent): Drag {
        const { camera, overlay } = this.on;
        const from = camera.toWall(event);
        const before = event.shiftKey ? this.picked : [];
        return {
            move: (moved) => overlay.rubber(from, camera.toWall(moved), 'marquee'),
            end: (moved, dragged) => {
                if (!dragged) return void (this.picked.length > 0 ? this.pick([]) : this.leave(true));
                const box = around([from, camera.toWall(moved)]);
                const found = this.all().filter((one) => contains(box, apply(this.frame!, this.node(one)!.at)));
                this.pick([...before, ...found.filter((one) => !before.some((other) => key(other) === key(one)))]);
            },
        };
    }

    private dragging(follow: (moved: PointerEvent, to: Point) => [Part[], Command], still: () => void): Drag {
        const { server, picture, overlay } = this.on;
        const tried = new Tried(server, picture, this.layer()!, () => overlay.showSelection());
        let last: Command | null = null;
        const clear = (): void => {
            this.held = null;
            overlay.snapped([]);
            this.hear();
        };
        return {
            move: (moved) => {
                const [parts, command] = follow(moved, this.at(moved));
                this.held = parts;
                last = command;
                this.show();
                tried.show(this.command(command));
            },
            end: (_, moved) => {
                overlay.snapped([]);
                if (moved && last !== null) return void tried.keep(this.command(last)).then(() => this.on.facets.told()).then(clear);
                this.held = null;
                still();
            },
            cancel: () => {
                tried.back();
                clear();
            },
        };
    }

    /** What there is around the path to come to rest against. */
    private snaps(): Snapping {
        const layer = this.layer();
        return this.on.gestures.desk.snapping(this.on.selection.screen, layer && this.on.picture.parentOf(layer), [this.id!]);
    }

    /**
     * A distance that a point is dragged by, so that it comes to rest against what lies around it on its screen, or another point of the path.
     *
     * @param own the points that go along
     */
    private snapped(event: PointerEvent, by: Point, from: Point, snaps: Snapping, own: Spot[]): Point {
        const { overlay, camera } = this.on;
        if (free(event)) {
            overlay.snapped([]);
            return by;
        }
        const to = apply(this.frame!, { x: from.x + by.x, y: from.y + by.y });
        const near = snaps.edges({ ...to, width: 0, height: 0 }, { x: 0, y: 0 });
        const others = this.all().filter((one) => !own.some((other) => key(other) === key(one))).map((one) => apply(this.frame!, this.node(one)!.at));
        const marks: Mark[] = [];
        for (const axis of ['x', 'y'] as const) {
            const other = axis === 'x' ? 'y' : 'x';
            const beside = others.filter((p) => Math.abs(p[axis] - to[axis]) <= SNAP / camera.scale).sort((a, b) => Math.abs(a[axis] - to[axis]) - Math.abs(b[axis] - to[axis]))[0];
            const distance = beside ? beside[axis] - to[axis] : null;
            if (beside && distance !== null && (near[axis] === 0 || Math.abs(distance) <= Math.abs(near[axis]))) {
                near[axis] = distance;
                marks.push({ kind: 'line', axis, at: beside[axis], from: Math.min(beside[other], to[other]), to: Math.max(beside[other], to[other]), apart: null });
            }
        }
        const rest = { x: to.x + near.x, y: to.y + near.y };
        overlay.snapped([...snaps.edgeMarks({ ...rest, width: 0, height: 0 }, { x: 0, y: 0 }).filter((mark) => !marks.some(({ axis }) => axis === mark.axis)), ...marks]);
        const place = unapply(this.frame!, rest);
        return { x: place.x - from.x, y: place.y - from.y };
    }
}
