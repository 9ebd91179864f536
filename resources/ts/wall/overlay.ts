/** What is drawn over the picture: outlines, brackets, sizes. All in px of the window. */
import { Listeners } from '../listeners.ts';
import { apply, corners, short, type Box, type Matrix, type Point } from './geometry.ts';
import type { Camera } from './camera.ts';
import { compoundOf, layersIn, type Picture } from './picture.ts';
import type { Handle } from './resize.ts';
import type { Selection } from './selection.ts';
import { edge, isShape } from './shapes.ts';
import type { Mark } from './snapping.ts';
import { called, onWall, spaces } from './spaces.ts';
import type { Slot } from './stacking.ts';

const NS = 'http://www.w3.org/2000/svg';
/** Length of a bracket's arm and of an edge bar, px. */
const ARM = 11;
/** How far outside a bracket turning begins at most, px; less around what is small. */
const TURN = 26;
/** What is lower or narrower is small, px: its frame and marks lie outside it, so that it can be seen and taken hold of. */
const SMALL = 28;

export function draw(parent: Element, name: string, attributes: Record<string, string | number>): SVGElement {
    const element = document.createElementNS(NS, name);
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, String(value));
    parent.append(element);
    return element;
}

const line = (...points: Point[]): string => points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('');

const unit = (from: Point, to: Point): Point => {
    const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    return { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
};

/** The shorter side of a frame, px; of a line its length. */
function shortest([nw, ne, , sw]: [Point, Point, Point, Point]): number {
    const [wide, high] = [Math.hypot(ne.x - nw.x, ne.y - nw.y), Math.hypot(sw.x - nw.x, sw.y - nw.y)];
    return Math.min(wide < 1 ? high : wide, high < 1 ? wide : high);
}

/** A point moved away from a side, at right angles to it, seen from the corner `a` towards `across`. */
function away(p: Point, a: Point, across: Point, by: number): Point {
    const u = unit(across, a);
    return { x: p.x + u.x * by, y: p.y + u.y * by };
}

function outwards(corner: Point, before: Point, after: Point, by: number): Point {
    const [u, v] = [unit(before, corner), unit(after, corner)];
    return { x: corner.x + (u.x + v.x) * by, y: corner.y + (u.y + v.y) * by };
}

/** Three quarters of a disc around a corner: the part that lies outside the box. */
function outside(corner: Point, before: Point, after: Point, radius: number): string {
    const [u, v] = [unit(corner, before), unit(corner, after)];
    const sweep = u.x * v.y - u.y * v.x > 0 ? 0 : 1;
    return `M${corner.x} ${corner.y}L${corner.x + u.x * radius} ${corner.y + u.y * radius}A${radius} ${radius} 0 1 ${sweep} ${corner.x + v.x * radius} ${corner.y + v.y * radius}Z`;
}

export class Overlay {
    private readonly marks: SVGGElement;
    private readonly live: SVGGElement;
    private readonly guides: SVGGElement;
    private readonly tag: HTMLElement;
    showGuides = true;
    /** Told when the marks of the selection have been drawn. */
    readonly followed = new Listeners();
    /** Told when all of it has been drawn. */
    readonly shown = new Listeners();
    /** The same parts of copies that are edited together. */
    mates: (id: string) => string[] = () => [];
    private readonly ruled: SVGGElement;
    /** The outline of what a press would pick, where the camera looks now. */
    private hovered: () => string = () => '';

    constructor(
        svg: SVGSVGElement,
        private readonly camera: Camera,
        private readonly picture: Picture,
        private readonly selection: Selection,
    ) {
        this.ruled = draw(svg, 'g', {}) as SVGGElement;
        this.marks = draw(svg, 'g', { class: 'marks' }) as SVGGElement;
        this.live = draw(svg, 'g', { class: 'live' }) as SVGGElement;
        this.guides = draw(svg, 'g', { class: 'guides' }) as SVGGElement;
        this.tag = document.getElementById('tag')!;
        camera.moved.add(() => this.follow());
        selection.changed.add(() => this.show());
    }

    show(): void {
        this.follow();
        this.shown.tell();
    }

    /** The camera moved, or the picture under the hand: what depends on more waits for `show`. */
    follow(): void {
        this.showSelection();
        this.showRuled();
        this.live.querySelector(':scope > .hover')?.setAttribute('d', this.hovered());
    }

    /** The ruler guides of every screen that has some and is not too small to tell them apart. */
    private showRuled(): void {
        this.ruled.replaceChildren();
        if (!this.showGuides || this.camera.scale < 0.15) return;
        for (const screen of this.picture.screens()) {
            const [x = '', y = ''] = (screen.dataset['guides'] ?? '|').split('|');
            if (x === '' && y === '') continue;
            const id = screen.dataset['screen']!;
            for (const [axis, list] of [['x', x], ['y', y]] as const) {
                for (const at of list.split(' ').filter(Boolean)) {
                    const d = this.across(this.picture.screenBox(id), axis, this.picture.screenBox(id)[axis] + Number(at));
                    draw(this.ruled, 'path', { class: 'ruled', d });
                    draw(this.ruled, 'path', { class: `ruled-grip ${axis}`, d, 'data-guide': `${id} ${axis} ${at}` });
                }
            }
        }
    }

    /** A guide under way. */
    guide(box: Box | null, axis: 'x' | 'y', at: number): void {
        this.live.replaceChildren();
        if (box) draw(this.live, 'path', { class: 'ruled', d: this.across(box, axis, Math.round(at - box[axis]) + box[axis]) });
    }

    /** Across a box, at a place along an axis. */
    private across(box: Box, axis: 'x' | 'y', at: number): string {
        const [a, b] = axis === 'x' ? [{ x: at, y: box.y }, { x: at, y: box.y + box.height }] : [{ x: box.x, y: at }, { x: box.x + box.width, y: at }];
        return line(this.camera.toView(a), this.camera.toView(b));
    }

    /** The outline follows the picture during a gesture. */
    showSelection(): void {
        this.followed.tell();
        this.marks.replaceChildren();
        const layers = this.selection.elements();
        for (const layer of layers) {
            const { width, height } = this.picture.box(layer);
            this.outline({ x: 0, y: 0, width, height }, this.picture.matrix(layer));
            for (const mate of this.mates(layer.dataset['layer']!)) {
                const other = this.picture.layer(mate);
                if (other) this.outline({ ...this.picture.box(other), x: 0, y: 0 }, this.picture.matrix(other), 'mate');
            }
        }
        const group = this.selection.group === null ? null : this.picture.layer(this.selection.group);
        for (const mask of layersIn(group, '[data-masking]:not([display])')) if (!layers.includes(mask)) this.maskEdge(mask);
        for (const id of this.selection.screens) this.outline(this.picture.screenBox(id), null, 'screen-outline');
        const only = layers.length === 1 ? layers[0]! : null;
        if (only) {
            const { width, height } = this.picture.box(only);
            if (!only.hasAttribute('data-locked')) this.handles({ x: 0, y: 0, width, height }, this.picture.matrix(only));
            if (!only.hasAttribute('data-locked')) this.spacing(only);
            this.knot(only);
            if (this.showGuides) this.baselines(only);
        } else if (layers.length > 1) {
            const bounds = this.selection.bounds();
            if (bounds) this.handles(bounds, null);
        } else if (this.selection.screens.length === 1) {
            this.handles(this.picture.screenBox(this.selection.screens[0]!), null, ['e', 's', 'se']);
        }
    }

    /** What the lines of the selected words stand on, where a grid is laid that they could stand on. */
    private baselines(text: SVGGElement): void {
        if (text.dataset['kind'] !== 'text' || !this.picture.screen(this.picture.screenOf(text))?.querySelector(':scope > svg.grid')) return;
        const { width } = this.picture.box(text);
        for (const y of new Set([...text.querySelectorAll('tspan')].map((run) => Number(run.getAttribute('y'))))) {
            draw(this.marks, 'path', { class: 'baseline', d: line(...this.points({ x: 0, y, width, height: 0 }, this.picture.matrix(text)).slice(0, 2)) });
        }
    }

    /** Where what masks the selection ends: it is taken hold of there. */
    private maskEdge(mask: SVGGElement): void {
        const d = line(...this.points({ ...this.picture.box(mask), x: 0, y: 0 }, this.picture.matrix(mask))) + 'Z';
        draw(this.marks, 'path', { class: 'mask-edge', d });
        draw(draw(this.marks, 'path', { class: 'mask-grip', d, 'data-mask-edge': mask.dataset['layer']! }), 'title', {}).textContent = 'What masks this: press to move or change it';
    }

    /** Layers that take in what is dropped. */
    lights(layers: SVGElement[]): void {
        this.live.replaceChildren();
        for (const layer of layers) draw(this.live, 'path', { class: 'takes-in', d: line(...this.points({ ...this.picture.box(layer), x: 0, y: 0 }, this.picture.matrix(layer))) + 'Z' });
    }

    hover(box: Box | null, matrix: Matrix | null = null): void {
        this.live.replaceChildren();
        this.hovered = () => (box ? line(...this.points(box, matrix)) + 'Z' : '');
        if (box) draw(this.live, 'path', { class: 'hover', d: this.hovered() });
    }

    rubber(a: Point, b: Point, shape: string): void {
        this.live.replaceChildren();
        const [p, q] = [this.camera.toView(a), this.camera.toView(b)];
        const [x, y, width, height] = [Math.min(p.x, q.x), Math.min(p.y, q.y), Math.abs(p.x - q.x), Math.abs(p.y - q.y)];
        if (shape === 'line') draw(this.live, 'line', { class: 'rubber', x1: p.x, y1: p.y, x2: q.x, y2: q.y });
        else if (isShape(shape)) draw(this.live, 'path', { class: 'rubber', d: edge(shape, { x, y, width, height }) });
        else draw(this.live, 'rect', { class: shape === 'marquee' ? 'marquee' : 'rubber', x, y, width, height });
    }

    /** A thread under way from a layer to the pointer. */
    pull(from: Point, to: Point): void {
        this.live.replaceChildren();
        draw(this.live, 'path', { class: 'thread', d: this.curve(from, to) });
    }

    /** A thread that reaches a screen, the way it will run: path data in px of the wall. */
    reach(target: string, way: string): void {
        this.live.replaceChildren();
        const origin = this.camera.toView({ x: 0, y: 0 });
        draw(this.live, 'path', { class: 'reach', d: line(...this.points(this.picture.screenBox(target), null)) + 'Z' });
        draw(this.live, 'path', { class: 'thread', d: way, 'vector-effect': 'non-scaling-stroke', transform: `translate(${origin.x} ${origin.y})scale(${this.camera.scale})` });
    }

    /** What a gesture has come to rest against: dashes with the distance, hatched brackets for equal gaps. */
    snapped(marks: Mark[]): void {
        this.guides.replaceChildren();
        const place = (axis: 'x' | 'y', along: number, across: number): Point => this.camera.toView(axis === 'x' ? { x: along, y: across } : { x: across, y: along });
        for (const mark of marks) {
            if (mark.kind === 'line') {
                const [a, b] = [place(mark.axis, mark.at, mark.from), place(mark.axis, mark.at, mark.to)];
                draw(this.guides, 'path', { class: mark.baseline ? 'guide baseline' : 'guide', d: line(a, b) });
                if (mark.apart) this.number(place(mark.axis, mark.at, (mark.apart[0] + mark.apart[1]) / 2), mark.apart[1] - mark.apart[0]);
            } else {
                const [a, b] = [place(mark.axis, mark.from, mark.across), place(mark.axis, mark.to, mark.across)];
                const [dx, dy] = mark.axis === 'x' ? [0, 5] : [5, 0];
                draw(this.guides, 'path', { class: 'gap', d: line({ x: a.x - dx, y: a.y - dy }, { x: a.x + dx, y: a.y + dy }) + line(a, b) + line({ x: b.x - dx, y: b.y - dy }, { x: b.x + dx, y: b.y + dy }) });
                // A short distance has its number beside it, not over it.
                const aside = Math.hypot(b.x - a.x, b.y - a.y) < 24 ? 18 : 0;
                this.number({ x: (a.x + b.x) / 2 + (mark.axis === 'y' ? aside : 0), y: (a.y + b.y) / 2 + (mark.axis === 'x' ? aside : 0) }, mark.to - mark.from);
            }
        }
    }

    private number(at: Point, value: number): void {
        const text = short(value);
        const width = text.length * 6.6 + 8;
        draw(this.guides, 'rect', { class: 'plate', x: at.x - width / 2, y: at.y - 8, width, height: 16 });
        draw(this.guides, 'text', { x: at.x, y: at.y + 4, 'text-anchor': 'middle' }).textContent = text;
    }

    clearLive(): void {
        this.live.replaceChildren();
        this.guides.replaceChildren();
        this.tag.hidden = true;
    }

    /** A small tag beside the pointer: sizes, places, angles. */
    say(text: string, at: { clientX: number; clientY: number }): void {
        const { x, y } = this.camera.inView(at);
        this.tag.textContent = text;
        this.tag.hidden = false;
        this.tag.style.transform = `translate(${x + 14}px, ${y + 18}px)`;
    }

    /** Where the knot of a layer is, in px of the window: on its right edge, where threads begin. */
    knotOf(layer: Element): Point {
        const { width, height } = this.picture.box(layer);
        const at = this.camera.toView(apply(this.picture.matrix(layer), { x: width, y: height / 2 }));
        return { x: at.x + 16, y: at.y };
    }

    private points(box: Box, matrix: Matrix | null): [Point, Point, Point, Point] {
        return corners(box).map((p) => this.camera.toView(matrix ? apply(matrix, p) : p)) as [Point, Point, Point, Point];
    }

    private outline(box: Box, matrix: Matrix | null, style = 'edge'): void {
        draw(this.marks, 'path', { class: style, d: line(...this.apart(this.points(box, matrix))) + 'Z' });
    }

    /** The corners of a frame: of what is small, a little outside it. */
    private apart(points: [Point, Point, Point, Point]): [Point, Point, Point, Point] {
        if (shortest(points) >= SMALL) return points;
        const [nw, ne, se, sw] = points;
        return [outwards(nw, sw, ne, 3), outwards(ne, nw, se, 3), outwards(se, ne, sw, 3), outwards(sw, se, nw, 3)];
    }

    /** L-shaped brackets at the corners, short bars on the edges, and the room around the brackets where turning begins. */
    private handles(box: Box, matrix: Matrix | null, only?: Handle[]): void {
        const points = this.points(box, matrix);
        const room = shortest(points);
        const [nw, ne, se, sw] = this.apart(points);
        const [reach, radius] = [Math.min(TURN, Math.max(9, room / 2)), Math.min(6, Math.max(3.5, room / 5))];
        const along = (a: Point, b: Point, length: number): Point => {
            const whole = Math.hypot(b.x - a.x, b.y - a.y) || 1;
            const share = Math.min(length, whole / 3) / whole;
            return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
        };
        // On what is as dark as they are, a light rim shows where they are.
        const rim = draw(this.marks, 'path', { class: 'rim' });
        let all = '';
        const brackets: [Handle, Point, Point, Point][] = [['nw', nw, sw, ne], ['ne', ne, nw, se], ['se', se, ne, sw], ['sw', sw, se, nw]];
        for (const [handle, corner, before, after] of brackets) {
            if (only && !only.includes(handle)) continue;
            if (!only) draw(this.marks, 'path', { class: 'turn', d: outside(corner, before, after, reach), 'data-turn': handle });
            const d = line(along(corner, before, ARM), corner, along(corner, after, ARM));
            draw(this.marks, 'path', { class: room < SMALL ? 'bracket small' : 'bracket', d });
            all += d;
            const out = outwards(corner, before, after, room < SMALL ? radius : 4);
            draw(this.marks, 'circle', { class: `grip ${handle}`, cx: out.x, cy: out.y, r: radius, 'data-handle': handle });
        }
        // Bars only where they leave room to take hold of the layer itself.
        const [wide, high] = [Math.hypot(ne.x - nw.x, ne.y - nw.y), Math.hypot(sw.x - nw.x, sw.y - nw.y)];
        const edges: [Handle, Point, Point, Point, boolean][] = [
            ['n', nw, ne, sw, wide >= 30 && high >= 24], ['s', sw, se, nw, wide >= 30 && high >= 24],
            ['e', ne, se, nw, high >= 30], ['w', nw, sw, ne, high >= 30],
        ];
        for (const [handle, a, b, across, roomy] of edges) {
            if (!roomy || (only && !only.includes(handle))) continue;
            const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
            const d = line(along(middle, a, 6), along(middle, b, 6));
            draw(this.marks, 'path', { class: 'bar', d });
            all += d;
            const [p, q] = [away(along(a, b, 12), a, across, 2), away(along(b, a, 12), a, across, 2)];
            draw(this.marks, 'path', { class: `grip ${handle}`, d: line(p, q), 'data-handle': handle });
        }
        rim.setAttribute('d', all);
    }

    /** The gaps and padding of a stack, each with a bracket to drag. */
    private spacing(stack: Element): void {
        spaces(this.picture, stack).forEach((space, i) => {
            const [a, b] = [onWall(this.picture, stack, space, space.from), onWall(this.picture, stack, space, space.to)].map((p) => this.camera.toView(p)) as [Point, Point];
            const along = a.x === b.x && a.y === b.y ? (space.axis === 'x' ? { x: 1, y: 0 } : { x: 0, y: 1 }) : unit(a, b);
            const side = { x: -along.y * 5, y: along.x * 5 };
            const ends = (p: Point): string => line({ x: p.x - side.x, y: p.y - side.y }, { x: p.x + side.x, y: p.y + side.y });
            const group = draw(this.marks, 'g', { class: `space ${space.axis === 'x' ? 'ew' : 'ns'}`, 'data-space': i });
            draw(group, 'path', { class: 'space-mark', d: ends(a) + line(a, b) + ends(b) });
            const [p, q] = [{ x: a.x - along.x * 3, y: a.y - along.y * 3 }, { x: b.x + along.x * 3, y: b.y + along.y * 3 }];
            draw(group, 'path', { class: 'space-grip', d: line(p, q) });
            draw(group, 'title', {}).textContent = `${called(space)} ${short(space.value)}: drag to change`;
        });
    }

    /** Where in a stack a dragged layer would go. */
    slot(slot: Slot | null): void {
        this.live.replaceChildren();
        if (!slot) return;
        const [a, b] = [this.camera.toView(slot.from), this.camera.toView(slot.to)];
        draw(this.live, 'path', { class: 'slot', d: line(a, b) });
        for (const end of [a, b]) draw(this.live, 'circle', { class: 'slot-end', cx: end.x, cy: end.y, r: 3.5 });
    }

    private knot(layer: Element): void {
        // Of a compound it is the whole that is tapped.
        if (this.picture.screenOf(layer) === '' || compoundOf(layer)) return;
        const at = this.knotOf(layer);
        const knot = draw(this.marks, 'g', { class: 'knot', 'data-knot': layer.getAttribute('data-layer') ?? '' });
        draw(knot, 'circle', { cx: at.x, cy: at.y, r: 9, class: 'knot-room' });
        draw(knot, 'path', { d: `M${at.x - 9} ${at.y}h5m8 0h5`, class: 'knot-end' });
        draw(knot, 'circle', { cx: at.x, cy: at.y, r: 4 });
        draw(knot, 'title', {}).textContent = 'Drag this knot to a screen: a thread is the drawn line of a cue, “when this is tapped, show that screen”.';
    }

    private curve(a: Point, b: Point): string {
        const pull = Math.max(40, Math.abs(b.x - a.x) / 2);
        const side = b.x >= a.x ? 1 : -1;
        return `M${a.x} ${a.y}C${a.x + pull * side} ${a.y} ${b.x - pull * side} ${b.y} ${b.x} ${b.y}`;
    }
}
