/** The corners of the one selected layer, in the hand: an arc in each of them is dragged. */
import { apply, short, unapply, within, type Point } from './geometry.ts';
import { draw } from './overlay.ts';
import { chosen, type Parts } from './parts.ts';
import { free, type Drag } from './placing.ts';
import { Tried } from './reflow.ts';
import type { Command, Radii } from './messages.ts';

type Corner = keyof Radii;

/** Which way is inwards, across and down. */
const CORNERS: [Corner, 1 | -1, 1 | -1][] = [['topLeft', 1, 1], ['topRight', -1, 1], ['bottomRight', -1, -1], ['bottomLeft', 1, -1]];
/** px of the window: the arcs lie so far inside at least, their radius, and how long the sides are that leave room for them. */
const INSIDE = 16;
const ARC = 6;
const ROOM = 72;
/** A radius that is so near, px of the window, comes to rest. */
const SNAP = 6;

export class Rounding {
    private readonly marks: SVGElement;
    /** Those that are dragged alone. */
    private readonly alone = new Set<Corner>();
    private of: string | undefined;
    private held: Radii | null = null;

    constructor(private readonly on: Parts) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'rounding' });
        on.overlay.followed.add(() => this.show());
    }

    show(): void {
        const layer = this.layer();
        this.marks.replaceChildren();
        if (layer?.dataset['layer'] !== this.of) this.alone.clear();
        this.of = layer?.dataset['layer'];
        if (!layer) return;
        const { camera, picture } = this.on;
        const { width, height } = picture.box(layer);
        if (Math.min(width, height) * camera.scale < ROOM) return;
        const radii = this.held ?? radiiOf(layer);
        for (const [corner, across, down] of CORNERS) {
            const at = camera.toView(apply(picture.matrix(layer), this.place(layer, corner, radii[corner])));
            const arc = `M${-across * ARC} ${ARC * down}A${ARC * 2} ${ARC * 2} 0 0 ${across * down > 0 ? 1 : 0} ${across * ARC} ${-down * ARC}`;
            const mark = draw(this.marks, 'g', { class: this.alone.has(corner) ? 'corner-mark alone' : 'corner-mark', transform: `translate(${at.x} ${at.y})`, 'data-corner': corner });
            draw(mark, 'circle', { class: 'corner-room', r: 10 });
            draw(mark, 'path', { d: arc });
            draw(mark, 'title', {}).textContent = 'Drag to round the corners; press to choose this one, Shift for more';
        }
    }

    /** What a press on an arc does; null beside them. */
    press(event: PointerEvent): Drag | null {
        const corner = (event.target as Element).closest('[data-corner]')?.getAttribute('data-corner') as Corner | null | undefined;
        const layer = this.layer();
        if (!corner || !layer) return null;
        const { camera, picture, overlay, server } = this.on;
        const [, across, down] = CORNERS.find(([one]) => one === corner)!;
        const matrix = picture.matrix(layer);
        const before = radiiOf(layer);
        const { width, height } = picture.box(layer);
        const away = (moved: PointerEvent): number => {
            const at = unapply(matrix, camera.toWall(moved));
            return ((across > 0 ? at.x : width - at.x) + (down > 0 ? at.y : height - at.y)) / 2;
        };
        const from = away(event);
        const near = this.on.facets.concentric()?.[corner];
        const tried = new Tried(server, picture, layer, () => overlay.showSelection());
        const command = (value: Radii): Command => ({ type: 'put-field', ...chosen(this.on), ...this.on.facets.inCell, field: 'corners', value });
        const clear = (): void => {
            this.held = null;
            overlay.show();
        };
        return {
            move: (moved) => {
                const most = Math.min(width, height) / 2;
                let radius = within(before[corner] + away(moved) - from, 0, most);
                if (!free(moved) && near !== undefined && Math.abs(near - radius) * camera.scale < SNAP) radius = near;
                else radius = moved.shiftKey ? Math.round(radius / 4) * 4 : Math.round(radius);
                const those: Corner[] = moved.altKey ? [corner] : this.alone.has(corner) ? [...this.alone] : this.alone.size > 0 ? [corner] : CORNERS.map(([one]) => one);
                this.held = { ...before, ...Object.fromEntries(those.map((one) => [one, radius])) };
                this.show();
                overlay.say(`${short(radius)}${radius === near ? ', concentric' : ''}`, moved);
                tried.show(command(this.held));
            },
            end: (ended, moved) => {
                if (moved && this.held) return void tried.keep(command(this.held)).then(clear);
                this.choose(corner, ended.shiftKey);
                clear();
            },
            cancel: () => {
                tried.back();
                clear();
            },
        };
    }

    private choose(corner: Corner, more: boolean): void {
        const only = this.alone.has(corner) && (more || this.alone.size === 1);
        if (!more) this.alone.clear();
        if (only) this.alone.delete(corner);
        else this.alone.add(corner);
    }

    private layer(): SVGGElement | null {
        const { selection, picture, gestures } = this.on;
        const layer = selection.layers.length === 1 && gestures.tool === 'pick' ? picture.layer(selection.layers[0]!) : null;
        return layer?.matches('[data-corners]:not([data-locked])') ? layer : null;
    }

    /** Where the arc of a corner lies: in the middle of the circle that rounds it, or as far inside as a hand needs it. */
    private place(layer: Element, corner: Corner, radius: number): Point {
        const { width, height } = this.on.picture.box(layer);
        const [, across, down] = CORNERS.find(([one]) => one === corner)!;
        const room = INSIDE / this.on.camera.scale;
        const inside = Math.min(Math.max(radius, room), Math.min(width, height) / 2 - room);
        return { x: across > 0 ? inside : width - inside, y: down > 0 ? inside : height - inside };
    }
}

function radiiOf(layer: Element): Radii {
    const [a = 0, b = a, c = a, d = a] = (layer.getAttribute('data-corners') ?? '').split(' ').filter(Boolean).map(Number);
    return { topLeft: a, topRight: b, bottomRight: c, bottomLeft: d };
}
