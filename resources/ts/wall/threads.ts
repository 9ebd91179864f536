/** The threads of all cues: drawn once in the wall's coordinates, and moved with the camera. */
import type { Camera } from './camera.ts';
import type { Box, Point } from './geometry.ts';
import { Lanes, rounded, type Course } from './lanes.ts';
import { draw, type Overlay } from './overlay.ts';
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';

/** Seen from farther away than this, all marks are smaller. */
const FAR = 0.5;
const BEND = 14;
/** px of the window from a thread within which the pointer is on it. */
const NEAR = 5;
/** So many cues are said at once. */
const MOST_SAID = 4;

interface Thread { course: Course; owner: string; cue: string; said: string; way: Point[] }

export class Threads {
    shown = localStorage.getItem('kindred.threads') !== 'off';
    private readonly place: SVGElement;
    private threads: Thread[] = [];
    private returns: { at: Point; owner: string; cue: string; said: string; screen: string }[] = [];
    /** The cue that has just happened in the rehearsal beside the wall. */
    private lit: string | null = null;
    private lanes = new Lanes(new Map());
    /** The screens that the lanes run between, and the threads that have ways on them, by which a change is noticed. */
    private known = ['', ''];
    private scale = 0;

    constructor(svg: SVGSVGElement, private readonly camera: Camera, private readonly picture: Picture, private readonly selection: Selection, overlay: Overlay) {
        // Below the marks of the selection.
        svg.prepend(this.place = draw(svg, 'g', { class: 'threads' }));
        camera.moved.add(() => this.follow());
        overlay.shown.add(() => this.show());
    }

    toggle(): boolean {
        this.shown = !this.shown;
        localStorage.setItem('kindred.threads', this.shown ? 'on' : 'off');
        this.show();
        return this.shown;
    }

    /** A cue stands out; none without one. */
    light(cue: string | null): void {
        this.lit = cue;
        this.show();
    }

    /** After anything changed: where things lie, what leads where, what is selected. */
    show(): void {
        if (this.shown) this.find();
        this.scale = this.camera.scale;
        this.place.replaceChildren();
        this.place.classList.toggle('far', this.scale < FAR);
        this.follow();
        if (!this.shown) return;
        const { layers, screens, screen } = this.selection;
        const selected = new Set([...layers, ...screens]);
        const [quiet, loud, lit] = [draw(this.place, 'g', { class: 'quiet' }), draw(this.place, 'g', { class: 'picked' }), draw(this.place, 'g', { class: 'lit' })];
        for (const { course, owner, cue, way } of this.threads) {
            const belongs = selected.has(owner) || (layers.length === 0 && (screens.length > 0 ? selected.has(course.screen) || selected.has(course.target) : screen === course.screen));
            this.thread(cue === this.lit ? lit : belongs ? loud : quiet, way);
        }
        for (const { at, owner, cue, screen: on } of this.returns) this.returning(cue === this.lit ? lit : selected.has(owner) || (layers.length === 0 && on === screen) ? loud : quiet, at);
    }

    /** The camera moved. */
    follow(): void {
        const origin = this.camera.toView({ x: 0, y: 0 });
        this.place.setAttribute('transform', `translate(${origin.x} ${origin.y})scale(${this.camera.scale})`);
        // What marks the ends has the same size at every zoom.
        if (this.shown && this.scale !== this.camera.scale) this.show();
    }

    /** The way, as path data in px of the wall, that a thread from a layer would take to a screen. */
    from(element: Element, target: string): string {
        if (!this.shown) this.find();
        const course = { from: this.picture.bounds(element), screen: this.picture.screenOf(element), target };
        const way = this.lanes.ways([...this.threads.map((thread) => thread.course), course]).at(-1);
        return rounded(way ?? straight(course.from, this.picture.screenBox(target)), BEND);
    }

    /** What the cue of the thread at a place of the wall does, in words; null where there is none. Of several together all are said. */
    at(place: Point): string | null {
        if (!this.shown) return null;
        const within = NEAR / this.camera.scale;
        const near = [
            ...this.threads.filter(({ way }) => way.some((point, i) => i > 0 && distance(place, way[i - 1]!, point) <= within)),
            ...this.returns.filter(({ at }) => Math.hypot(at.x - 16 / this.camera.scale - place.x, at.y - place.y) <= 2 * within),
        ];
        const said = [...new Set(near.map((one) => one.said).filter(Boolean))];
        return said.length === 0 ? null : said.slice(0, MOST_SAID).join('\n') + (said.length > MOST_SAID ? `\nand ${said.length - MOST_SAID} more` : '');
    }

    private find(): void {
        const { picture } = this;
        const screens = new Map(picture.screens().map((screen) => [screen.dataset['screen']!, picture.screenBox(screen.dataset['screen']!)]));
        const found: { course: Course; owner: string; cue: string; said: string }[] = [];
        this.returns = [];
        for (const element of picture.withCues()) {
            const screen = picture.screenOf(element);
            const isScreen = element.matches('.screen');
            const from = isScreen ? picture.screenBox(screen) : picture.bounds(element);
            const owner = isScreen ? screen : element.dataset['layer']!;
            for (const { id: cue, target, said } of picture.threads(element)) {
                if (target === '') this.returns.push({ at: { x: from.x, y: from.y + from.height / 2 }, owner, cue, said, screen });
                else if (screens.has(target)) found.push({ owner, cue, said, course: { from, screen, target } });
            }
        }
        const [around, led] = [JSON.stringify([...screens]), JSON.stringify(found)];
        if (around === this.known[0] && led === this.known[1]) return;
        if (around !== this.known[0]) this.lanes = new Lanes(screens);
        this.known = [around, led];
        const all = this.lanes.ways(found.map(({ course }) => course));
        this.threads = found.map(({ course, owner, cue, said }, i) => ({ course, owner, cue, said, way: all[i] ?? straight(course.from, screens.get(course.target)!) }));
    }

    private thread(into: Element, way: Point[]): void {
        const size = (this.scale < FAR ? 2.4 : 3.5) / this.scale;
        const [start, end, before] = [way[0]!, way.at(-1)!, way.at(-2)!];
        const length = Math.hypot(end.x - before.x, end.y - before.y) || 1;
        const u = { x: (end.x - before.x) / length, y: (end.y - before.y) / length };
        const group = draw(into, 'g', {});
        draw(group, 'path', { class: 'thread', d: rounded(way, BEND), 'vector-effect': 'non-scaling-stroke' });
        draw(group, 'circle', { class: 'knot-mark', cx: start.x, cy: start.y, r: size });
        // A needle with its eye where the thread comes in: it points to where the thread goes.
        const [tip, eye] = [size * 4.2, size * 0.4];
        const side = { x: -u.y * size, y: u.x * size };
        const back = { x: end.x - u.x * size * 1.6, y: end.y - u.y * size * 1.6 };
        draw(group, 'path', {
            class: 'needle',
            d: `M${back.x} ${back.y}Q${end.x + side.x * 1.5} ${end.y + side.y * 1.5} ${end.x + u.x * tip} ${end.y + u.y * tip}Q${end.x - side.x * 1.5} ${end.y - side.y * 1.5} ${back.x} ${back.y}Z`,
        });
        draw(group, 'circle', { class: 'eye', cx: end.x, cy: end.y, r: eye });
    }

    private returning(into: Element, { x, y }: Point): void {
        const k = Math.min(1, this.scale * 1.5) / this.scale;
        const group = draw(into, 'g', {});
        draw(group, 'path', { class: 'thread', 'vector-effect': 'non-scaling-stroke', d: `M${x} ${y}c${-18 * k} ${-26 * k} ${-44 * k} ${-26 * k} ${-44 * k} ${-4 * k}c0 ${16 * k} ${20 * k} ${16 * k} ${20 * k} ${4 * k}` });
        draw(group, 'circle', { class: 'knot-mark', cx: x, cy: y, r: (this.scale < FAR ? 2.4 : 3.5) / this.scale });
    }
}

/** How far a point is from the straight line between two others. */
function distance(from: Point, a: Point, b: Point): number {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const share = dx === 0 && dy === 0 ? 0 : Math.max(0, Math.min(1, ((from.x - a.x) * dx + (from.y - a.y) * dy) / (dx * dx + dy * dy)));
    return Math.hypot(from.x - a.x - share * dx, from.y - a.y - share * dy);
}

/** Where screens lie over each other and leave no way between. */
function straight(from: Box, to: Box): Point[] {
    const leftwards = from.x + from.width / 2 > to.x + to.width / 2;
    const start = { x: leftwards ? from.x : from.x + from.width, y: from.y + from.height / 2 };
    const end = { x: leftwards ? to.x + to.width : to.x, y: Math.min(Math.max(start.y, to.y + 12), to.y + to.height - 12) };
    const middle = (start.x + end.x) / 2;
    return [start, { x: middle, y: start.y }, { x: middle, y: end.y }, end];
}
