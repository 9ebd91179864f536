/** A picture that has been entered is moved and scaled in its box, which stays as it is. */
import { apply, around, contains, corners, unapply, within, type Box, type Point } from './geometry.ts';
import { draw } from './overlay.ts';
import type { Parts } from './parts.ts';
import type { Command } from './messages.ts';
import type { Drag } from './placing.ts';

/** As the picture lies: made larger by `zoom` from how it fits, its free room shared by `x` and `y` from 0 to 1. */
interface Lying { zoom: number; x: number; y: number }

/** What one key makes it larger. */
const STEP = 1.05;
/** The wheel rests after so long, ms. */
const REST = 250;
const CORNERS = ['nw', 'ne', 'se', 'sw'] as const;

/** The picture that a layer is, or the uppermost that fills it. */
const imageOf = (layer: Element): SVGImageElement | null =>
    layer.querySelector<SVGImageElement>(':scope > image, :scope > g:not([data-layer], [data-inside], .behind) > image') ?? [...layer.querySelectorAll<SVGImageElement>('pattern image:not([image-rendering])')].filter((image) => image.closest('[data-layer]') === layer && !image.closest('g[transform^="matrix"]')).at(-1) ?? null;

export class Inside {
    private id: string | null = null;
    /** What the wheel has made of it and the server has not heard of. */
    private turned: { before: Lying; now: Lying; timer: number } | null = null;
    private readonly marks: SVGElement;

    constructor(private readonly on: Parts) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'inside' });
        on.camera.moved.add(() => this.show());
        on.overlay.shown.add(() => this.show());
    }

    get active(): boolean {
        return this.id !== null;
    }

    /** False where the layer is no picture whose size is known. */
    enter(layer: Element): boolean {
        if (!this.lying(layer) || layer.hasAttribute('data-locked')) return false;
        const { selection, picture } = this.on;
        this.id = layer.getAttribute('data-layer');
        selection.pick([this.id!], picture.screenOf(layer));
        this.show();
        return true;
    }

    /** True when one had been entered. */
    leave(): boolean {
        if (this.id === null) return false;
        this.rest();
        this.id = null;
        this.show();
        return true;
    }

    /** The whole picture around its box, or nothing when it is not the one that is selected any more. */
    show(): void {
        this.marks.replaceChildren();
        document.getElementById('overlay')!.classList.toggle('entered', this.active);
        if (this.id === null) return;
        const layer = this.layer();
        const lying = layer && this.lying(layer);
        if (!layer || !lying || this.on.selection.layers.join() !== this.id) return void this.leave();
        this.draw(layer, this.place(layer, lying));
    }

    /** What a press does while a picture is entered; null outside it, where a press leaves it. */
    press(event: PointerEvent): Drag | null {
        const layer = this.layer();
        const lying = layer && this.lying(layer);
        if (!layer || !lying) return null;
        const { camera, picture } = this.on;
        const matrix = picture.matrix(layer);
        const from = unapply(matrix, camera.toWall(event));
        const place = this.place(layer, lying);
        const corner = (event.target as Element).getAttribute('data-inside');
        if (!corner && !contains(around([...corners(place), ...corners({ ...this.box(layer), x: 0, y: 0 })]), from)) {
            this.leave();
            return null;
        }
        let now = lying;
        return {
            move: (moved) => {
                const at = unapply(matrix, camera.toWall(moved));
                const by = { x: at.x - from.x, y: at.y - from.y };
                if (moved.shiftKey) by[Math.abs(by.x) < Math.abs(by.y) ? 'x' : 'y'] = 0;
                now = corner ? this.scaled(layer, lying, corner, at) : this.lyingAt(layer, lying.zoom, { x: place.x + by.x, y: place.y + by.y });
                this.try(layer, now);
                this.on.overlay.say(`${Math.round(now.zoom * 100)}%`, moved);
            },
            end: (_, moved) => {
                if (moved) this.keep(lying, now);
            },
            cancel: () => this.try(layer, lying),
        };
    }

    /** The wheel scales it about the pointer; what it comes to is kept once the wheel rests. False where none has been entered. */
    wheel(event: WheelEvent): boolean {
        const layer = this.layer();
        const lying = layer && this.lying(layer);
        if (!layer || !lying) return false;
        const { camera, picture } = this.on;
        const turn = this.turned ??= { before: lying, now: lying, timer: 0 };
        turn.now = this.zoomed(layer, turn.now, turn.now.zoom * Math.exp(-event.deltaY * (event.deltaMode === 1 ? 16 : 1) * 0.0015), unapply(picture.matrix(layer), camera.toWall(event)));
        this.try(layer, turn.now);
        this.on.overlay.say(`${Math.round(turn.now.zoom * 100)}%`, event);
        clearTimeout(turn.timer);
        turn.timer = window.setTimeout(() => this.rest(), REST);
        return true;
    }

    private rest(): void {
        if (!this.turned) return;
        const { before, now, timer } = this.turned;
        clearTimeout(timer);
        this.turned = null;
        this.on.overlay.clearLive();
        this.keep(before, now);
    }

    /** By keys: so many px. */
    nudge(dx: number, dy: number): void {
        this.change((layer, lying) => {
            const place = this.place(layer, lying);
            return this.lyingAt(layer, lying.zoom, { x: place.x + dx, y: place.y + dy });
        });
    }

    /** By keys: larger or smaller about the middle of the box. */
    scale(by: 1 | -1): void {
        this.change((layer, lying) => {
            const { width, height } = this.box(layer);
            return this.zoomed(layer, lying, lying.zoom * STEP ** by, { x: width / 2, y: height / 2 });
        });
    }

    private change(make: (layer: Element, lying: Lying) => Lying): void {
        const layer = this.layer();
        const lying = layer && this.lying(layer);
        if (!layer || !lying) return;
        const now = make(layer, lying);
        this.try(layer, now);
        this.keep(lying, now);
    }

    private layer(): Element | null {
        return this.id === null ? null : this.on.picture.layer(this.id);
    }

    private box(layer: Element): { width: number; height: number } {
        return this.on.picture.box(layer);
    }

    private lying(layer: Element): Lying | null {
        const [width, , zoom, x, y] = this.told(layer);
        return width === undefined ? null : { zoom: zoom!, x: x!, y: y! };
    }

    /** Width and height of the picture as it fits, then its position, then the minimum and the maximum zoom. */
    private told(layer: Element): number[] {
        return (layer.getAttribute('data-picture') ?? '').split(' ').filter(Boolean).map(Number);
    }

    private place(layer: Element, { zoom, x, y }: Lying): Box {
        const [fitWidth = 0, fitHeight = 0] = this.told(layer);
        const { width, height } = this.box(layer);
        const [wide, high] = [fitWidth * zoom, fitHeight * zoom];
        return { x: (width - wide) * x, y: (height - high) * y, width: wide, height: high };
    }

    /** How it lies with its corner at a place, as far as that may be: what covers its box goes on covering it. */
    private lyingAt(layer: Element, zoom: number, at: Point): Lying {
        const { width, height } = this.box(layer);
        const [fitWidth = 0, fitHeight = 0] = this.told(layer);
        const share = (room: number, place: number): number => (Math.abs(room) < 0.01 ? 0.5 : within(place / room, 0, 1));
        return { zoom, x: share(width - fitWidth * zoom, at.x), y: share(height - fitHeight * zoom, at.y) };
    }

    /** As large as the corner that is dragged says; the one across from it stays. */
    private scaled(layer: Element, lying: Lying, corner: string, at: Point): Lying {
        const place = this.place(layer, lying);
        const across = { x: corner.includes('w') ? place.x + place.width : place.x, y: corner.includes('n') ? place.y + place.height : place.y };
        const factor = Math.max(Math.abs(at.x - across.x) / place.width, Math.abs(at.y - across.y) / place.height);
        return this.zoomed(layer, lying, lying.zoom * factor, across);
    }

    /** With another zoom, a point of the box staying where it is in the picture. */
    private zoomed(layer: Element, lying: Lying, zoom: number, fixed: Point): Lying {
        const [, , , , , min = 0, max = Infinity] = this.told(layer);
        const to = Math.round(within(zoom, min, max) * 1000) / 1000;
        const place = this.place(layer, lying);
        const factor = to / lying.zoom;
        return this.lyingAt(layer, to, { x: fixed.x + (place.x - fixed.x) * factor, y: fixed.y + (place.y - fixed.y) * factor });
    }

    /** The picture shows it before the server has heard of it. */
    private try(layer: Element, lying: Lying): void {
        const image = imageOf(layer);
        if (!image) return;
        const place = this.place(layer, lying);
        const { width, height } = this.box(layer);
        const pattern = image.closest('pattern');
        if (!pattern && !image.closest('[clip-path]')) {
            const clip = draw(layer, 'clipPath', { id: 'inside-clip' });
            draw(clip, 'rect', { width, height });
            image.setAttribute('clip-path', 'url(#inside-clip)');
        }
        // What it goes on with beyond its edges waits.
        for (const mirrored of [...image.parentElement!.children]) if (mirrored !== image && mirrored.matches('g')) mirrored.remove();
        image.setAttribute('preserveAspectRatio', 'none');
        const tiled = pattern && pattern.getAttribute('width') !== String(width) && Number(pattern.getAttribute('width')) !== width;
        for (const [name, value] of Object.entries(place)) image.setAttribute(name, String(tiled && (name === 'x' || name === 'y') ? 0 : value));
        if (tiled) for (const [name, value] of Object.entries(place)) pattern.setAttribute(name, String(value));
        this.draw(layer, place);
    }

    private keep(before: Lying, now: Lying): void {
        const { selection, server, facets } = this.on;
        const percent = (share: number): string => `${Math.round(share * 1e6) / 1e4}%`;
        const of = this.layer()?.getAttribute('data-picture-of') ?? '';
        const set = (field: string, from: number, to: number): Command[] => from === to ? [] : [{ type: 'set-field', screen: selection.screen || null, layers: selection.layers, field: `${of}${field}`, value: percent(to), ...facets.inCell }];
        const commands = [...set('zoom', before.zoom, now.zoom), ...set('positionX', before.x, now.x), ...set('positionY', before.y, now.y)];
        if (commands.length > 0) void server.edit(...commands).then(() => this.show());
    }

    private draw(layer: Element, place: Box): void {
        this.marks.replaceChildren();
        const { camera, picture } = this.on;
        const matrix = picture.matrix(layer);
        const points = corners(place).map((p) => camera.toView(apply(matrix, p)));
        const href = imageOf(layer)?.getAttribute('href');
        const [a, b, , d] = points as [Point, Point, Point, Point];
        if (href) {
            draw(this.marks, 'image', {
                href, width: 1, height: 1, preserveAspectRatio: 'none', class: 'whole',
                transform: `matrix(${b.x - a.x} ${b.y - a.y} ${d.x - a.x} ${d.y - a.y} ${a.x} ${a.y})`,
            });
        }
        draw(this.marks, 'path', { class: 'whole-edge', d: `M${points.map(({ x, y }) => `${x} ${y}`).join('L')}Z` });
        points.forEach(({ x, y }, i) => draw(this.marks, 'circle', { class: `whole-grip ${CORNERS[i]!}`, cx: x, cy: y, r: 7, 'data-inside': CORNERS[i]! }));
    }
}
