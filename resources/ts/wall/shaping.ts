/** What makes an arc, a ring, a polygon or a star what it is, in the hand: where it starts and ends, its hole, its points. */
import { apply, short, unapply, within, type Point } from './geometry.ts';
import { draw } from './overlay.ts';
import { chosen, type Parts } from './parts.ts';
import { free, type Drag } from './placing.ts';
import { Tried } from './reflow.ts';
import type { Command } from './messages.ts';

/** px of the window: how far inside its edge a mark lies, and how long the sides are that leave room for them. */
const INSIDE = 16;
const ROOM = 72;
/** An angle that is so near to an eighth of a turn comes to rest, degrees. */
const NEAR = 3;
/** Holes that are so near to nothing, or to all of it, are none. */
const NONE = 0.04;

interface Arc { kind: 'arc'; start: number; sweep: number; hole: number; ends: string }
interface Polygon { kind: 'polygon'; points: number; inner: number; rounding: number }
type Values = Arc | Polygon;
type Mark = 'start' | 'end' | 'hole' | 'points' | 'inner' | 'rounding';

/** The fields that are set by a mark. */
const FIELDS: Record<Mark, [string, (values: Values) => number][]> = {
    start: [['startAngle', (values) => (values as Arc).start], ['sweep', (values) => (values as Arc).sweep]],
    end: [['sweep', (values) => (values as Arc).sweep]],
    hole: [['hole', (values) => (values as Arc).hole]],
    points: [['points', (values) => (values as Polygon).points]],
    inner: [['innerRadius', (values) => (values as Polygon).inner]],
    rounding: [['rounding', (values) => (values as Polygon).rounding]],
};

const TITLES: Record<Mark, string> = {
    start: 'Drag: where the arc starts', end: 'Drag: how far the arc goes', hole: 'Drag: how large the hole is',
    points: 'Drag round: how many points', inner: 'Drag: how deep the star is cut', rounding: 'Drag: how round the corners are',
};

export class Shaping {
    private readonly marks: SVGElement;
    private held: Values | null = null;

    constructor(private readonly on: Parts) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'rounding' });
        on.overlay.followed.add(() => this.show());
    }

    show(): void {
        const layer = this.layer();
        this.marks.replaceChildren();
        if (!layer) return;
        const { camera, picture } = this.on;
        const { width, height } = picture.box(layer);
        if (Math.min(width, height) * camera.scale < ROOM) return;
        for (const [name, place] of this.places(layer, this.held ?? valuesOf(layer))) {
            const at = camera.toView(apply(picture.matrix(layer), place));
            const mark = draw(this.marks, 'g', { class: 'shape-mark', transform: `translate(${at.x} ${at.y})`, 'data-shapes': name });
            draw(mark, 'circle', { class: 'corner-room', r: 10 });
            draw(mark, name === 'rounding' ? 'circle' : 'rect', name === 'rounding' ? { class: 'shape-dot', r: 4.5 } : { class: 'shape-dot', x: -4, y: -4, width: 8, height: 8, transform: 'rotate(45)' });
            draw(mark, 'title', {}).textContent = TITLES[name];
        }
    }

    /** What a press on a mark does; null beside them. */
    press(event: PointerEvent): Drag | null {
        const name = (event.target as Element).closest('[data-shapes]')?.getAttribute('data-shapes') as Mark | null | undefined;
        const layer = this.layer();
        if (!name || !layer) return null;
        const { camera, picture, overlay, server } = this.on;
        const matrix = picture.matrix(layer);
        const before = valuesOf(layer);
        const box = picture.box(layer);
        const half = { x: box.width / 2, y: box.height / 2 };
        /** From the middle, half of the box being 1 across and down. */
        const share = (moved: PointerEvent): Point => {
            const at = unapply(matrix, camera.toWall(moved));
            return { x: at.x / half.x - 1, y: at.y / half.y - 1 };
        };
        const from = share(event);
        const tried = new Tried(server, picture, layer, () => overlay.showSelection());
        const commands = (values: Values): Command[] => FIELDS[name].map(([field, of]) => ({ type: 'put-field', ...chosen(this.on), ...this.on.facets.inCell, field, value: of(values) }));
        const clear = (): void => {
            this.held = null;
            overlay.show();
        };
        return {
            move: (moved) => {
                this.held = shaped(name, this.held ?? before, before, from, share(moved), Math.min(half.x, half.y), moved);
                this.show();
                overlay.say(said(name, this.held), moved);
                tried.show(...commands(this.held));
            },
            end: (_, moved) => {
                if (moved && this.held) return void tried.keep(...commands(this.held)).then(clear);
                clear();
            },
            cancel: () => {
                tried.back();
                clear();
            },
        };
    }

    private layer(): SVGGElement | null {
        const { selection, picture, gestures } = this.on;
        const layer = selection.layers.length === 1 && gestures.tool === 'pick' ? picture.layer(selection.layers[0]!) : null;
        if (!layer?.matches(':is([data-arc], [data-polygon]):not([data-locked])')) return null;
        const values = this.held ?? valuesOf(layer);
        // A whole ellipse is moved by a press anywhere on it: it becomes an arc or a ring by its numbers.
        return values.kind === 'arc' && values.sweep >= 360 && values.hole === 0 ? null : layer;
    }

    /** Where each mark lies, in the layer's coordinates. */
    private places(layer: SVGGElement, values: Values): [Mark, Point][] {
        const { width, height } = this.on.picture.box(layer);
        const inside = 1 - INSIDE / this.on.camera.scale / (Math.min(width, height) / 2);
        const at = (degrees: number, share: number): Point => {
            const angle = (degrees * Math.PI) / 180;
            return { x: (width / 2) * (1 + share * Math.sin(angle)), y: (height / 2) * (1 - share * Math.cos(angle)) };
        };
        if (values.kind === 'polygon') {
            const turn = 180 / values.points;
            return [['points', at(2 * turn, 1)], ['inner', at(turn, Math.min(values.inner, Math.cos(Math.PI / values.points)))], ['rounding', at(0, inside)]];
        }
        const hasHole = values.hole > 0 && values.ends === 'sector';
        const band = hasHole ? (1 + values.hole) / 2 : inside;
        const end = values.start + values.sweep;
        return [
            // Both lie on one place where the arc goes all round; its start is of no use then.
            ...(values.sweep < 360 ? [['start', at(values.start, band)] as [Mark, Point]] : []),
            ['end', at(end, band)],
            ...(values.ends === 'sector' || values.sweep >= 360 ? [['hole', at(values.start + values.sweep / 2, hasHole ? values.hole : inside)] as [Mark, Point]] : []),
        ];
    }
}

/** What a mark that is dragged from one place to another makes of the values, both as shares of half the box from its middle; `half` is the shorter of these, px. */
export function shaped(name: Mark, now: Values, before: Values, from: Point, to: Point, half: number, { shiftKey, ctrlKey, metaKey }: { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean }): Values {
    const [angle, out] = [(Math.atan2(to.x, -to.y) * 180) / Math.PI, Math.hypot(to.x, to.y)];
    const loose = free({ ctrlKey, metaKey });
    if (now.kind === 'polygon' && before.kind === 'polygon') {
        if (name === 'points') return { ...now, points: within(Math.round(360 / Math.max(1, inTurn(angle))), 3, 100) };
        // The middle of what rounds a corner lies on the line from its point to the middle of all.
        if (name === 'rounding') return { ...now, rounding: Math.round(within(before.rounding + (to.y - from.y) * half * Math.sin(halfCorner(before)), 0, half)) };
        const most = Math.cos(Math.PI / now.points);
        const inner = within(out, 0.05, 1);
        return { ...now, inner: inner > most - 0.02 ? 1 : shiftKey ? Math.round(inner * 20) / 20 : Math.round(inner * 100) / 100 };
    }
    if (now.kind !== 'arc') return now;
    if (name === 'hole') {
        const hole = shiftKey ? Math.round(out * 10) / 10 : Math.round(out * 100) / 100;
        return { ...now, hole: hole < NONE || hole > 1 - NONE ? 0 : hole };
    }
    const step = shiftKey ? 15 : 1;
    const eighth = Math.round(angle / 45) * 45;
    const turned = inTurn(!loose && Math.abs(angle - eighth) < NEAR ? eighth : Math.round(angle / step) * step);
    const end = inTurn(now.start + now.sweep);
    const swept = whole(name === 'start' ? end - turned : turned - now.start);
    // It stops where it goes all round, or is nothing: it does not jump from the one to the other.
    const sweep = now.sweep > 270 && swept < 90 ? 360 : now.sweep < 90 && swept > 270 ? 1 : swept;
    return name === 'start' ? { ...now, start: inTurn(end - sweep), sweep } : { ...now, sweep };
}

/** An angle from 0 up to a whole turn; one above 0, up to a whole turn. */
const inTurn = (degrees: number): number => ((degrees % 360) + 360) % 360;
const whole = (degrees: number): number => inTurn(degrees) || 360;

/** Half the angle at a point of it, rad. */
function halfCorner({ points, inner }: Polygon): number {
    const turn = Math.PI / points;
    const share = Math.min(inner, Math.cos(turn));
    return Math.atan2(share * Math.sin(turn), 1 - share * Math.cos(turn));
}

function said(name: Mark, values: Values): string {
    if (values.kind === 'polygon') return name === 'points' ? `${values.points} points` : name === 'inner' ? `${short(values.inner * 100)}%` : short(values.rounding);
    return name === 'hole' ? (values.hole > 0 ? `hole ${short(values.hole * 100)}%` : 'no hole') : name === 'start' ? `${short(values.start)}°, ${short(values.sweep)}° wide` : `${short(values.sweep)}°`;
}

function valuesOf(layer: Element): Values {
    const [a = '0', b = '0', c = '0', ends = 'sector'] = (layer.getAttribute('data-arc') ?? layer.getAttribute('data-polygon') ?? '').split(' ');
    return layer.hasAttribute('data-arc') ? { kind: 'arc', start: Number(a), sweep: Number(b), hole: Number(c), ends } : { kind: 'polygon', points: Number(a), inner: Number(b), rounding: Number(c) };
}
