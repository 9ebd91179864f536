/** The line of a gradient on the wall: its ends, and the stops along it, in the hand. */
import { apply, atAngle, unapply, within, type Matrix, type Point } from './geometry.ts';
import { draw } from './overlay.ts';
import { chosen, type Parts } from './parts.ts';
import type { Drag } from './placing.ts';
import { Tried } from './reflow.ts';
import type { Command, GradientLine, GradientStop } from './messages.ts';

/** px of the window: a stop that is pulled so far off the line goes, and a press so near to it is one on it. */
const OFF = 28;
const SNAP = 15;
/** Directions of a line that is turned in steps. */
const STEPS = 24;

const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
const rounded = (n: number): number => Math.round(n * 1000) / 1000;

export class Gradients {
    private readonly marks: SVGElement;
    private line: GradientLine | null = null;
    /** The layer that the line is of: it stays until another is told. */
    private of: string | undefined;
    /** As it is dragged, before the server has told it. */
    private held: GradientLine | null = null;
    private gone: number | null = null;

    constructor(
        private readonly on: Parts,
        /** The line that the facets tell, of the one layer that is selected. */
        private readonly told: () => GradientLine | null | undefined,
        /** A stop is coloured. */
        private readonly colour: (paint: string, stop: number) => void,
    ) {
        this.marks = draw(document.getElementById('overlay')!, 'g', { class: 'gradient' });
        on.overlay.followed.add(() => this.show());
        on.facets.renewed.add(() => this.hear());
    }

    /** The facets tell another line, or one of another layer. */
    hear(): void {
        const told = this.told();
        if (told !== undefined) [this.line, this.of] = [told, this.layer()?.dataset['layer']];
        this.show();
    }

    show(): void {
        const layer = this.layer();
        this.marks.replaceChildren();
        const line = this.held ?? this.line;
        if (line === null || layer === null || layer.dataset['layer'] !== this.of || layer.hasAttribute('data-locked')) return;
        const view = (p: Point): Point => this.on.camera.toView(apply(this.on.picture.matrix(layer), p));
        const [from, to] = [view(line.from), view(line.to)];
        const across = line.across && view(line.across);
        if (line.kind === 'conic') this.path(`M${from.x - distance(from, to)} ${from.y}a${distance(from, to)} ${distance(from, to)} 0 1 0 ${2 * distance(from, to)} 0a${distance(from, to)} ${distance(from, to)} 0 1 0 ${-2 * distance(from, to)} 0M${from.x} ${from.y}L${to.x} ${to.y}`);
        else this.path(`M${from.x} ${from.y}L${to.x} ${to.y}${across ? `M${from.x} ${from.y}L${across.x} ${across.y}` : ''}`);
        for (const [name, at] of [['from', from], ['to', to], ['across', across]] as const) if (at) draw(this.marks, 'circle', { class: 'gradient-end', cx: at.x, cy: at.y, r: 9, 'data-gradient': name });
        line.stops.forEach((stop, i) => {
            if (i === this.gone) return;
            const at = view(this.at(line, stop.at));
            const mark = draw(this.marks, 'circle', { class: 'gradient-stop', cx: at.x, cy: at.y, r: 6, 'data-gradient': `stop ${i}` });
            mark.style.fill = stop.colour;
        });
    }

    /** What a press on the line does; null beside it. */
    press(event: PointerEvent): Drag | null {
        const part = (event.target as Element).getAttribute('data-gradient');
        const layer = this.layer();
        if (part === null || this.line === null || layer === null) return null;
        const matrix = this.on.picture.matrix(layer);
        const start = this.line;
        const at = (moved: PointerEvent): Point => unapply(matrix, this.on.camera.toWall(moved));
        if (part === 'line') return this.adding(start, this.place(start, at(event)));
        const stop = part.startsWith('stop') ? Number(part.slice(5)) : null;
        const end = stop === null ? part as 'from' | 'to' | 'across' : this.isEnd(start, stop);
        return end !== null ? this.laying(start, end, stop, at) : this.moving(start, stop!, matrix, at);
    }

    private layer(): SVGGElement | null {
        const { selection, picture } = this.on;
        return selection.layers.length === 1 ? picture.layer(selection.layers[0]!) : null;
    }

    private path(d: string): void {
        draw(this.marks, 'path', { class: 'gradient-line under', d });
        draw(this.marks, 'path', { class: 'gradient-line', d });
        draw(this.marks, 'path', { class: 'gradient-grip', d, 'stroke-width': SNAP, 'data-gradient': 'line' });
    }

    /** Where on the layer a place of the line lies. */
    private at({ kind, from, to, places: [first, last] }: GradientLine, place: number): Point {
        if (kind === 'conic') {
            const angle = Math.atan2(to.x - from.x, from.y - to.y) + place * 2 * Math.PI;
            const radius = distance(from, to);
            return { x: from.x + radius * Math.sin(angle), y: from.y - radius * Math.cos(angle) };
        }
        const share = (place - first) / (last - first || 1);
        return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
    }

    /** The place on the line that is nearest to a point. */
    private place({ kind, from, to, places: [first, last] }: GradientLine, p: Point): number {
        if (kind === 'conic') {
            const turn = (Math.atan2(p.x - from.x, from.y - p.y) - Math.atan2(to.x - from.x, from.y - to.y)) / (2 * Math.PI);
            return rounded(((turn % 1) + 1) % 1);
        }
        const share = ((p.x - from.x) * (to.x - from.x) + (p.y - from.y) * (to.y - from.y)) / (distance(from, to) ** 2 || 1);
        return rounded(first + within(share, 0, 1) * (last - first));
    }

    /** A stop that lies at an end moves the line with it. */
    private isEnd({ kind, places: [first, last], stops }: GradientLine, stop: number): 'from' | 'to' | null {
        const { at } = stops[stop]!;
        if (kind === 'conic') return at === 0 ? 'to' : null;
        return at === first ? 'from' : at === last ? 'to' : null;
    }

    private laying(start: GradientLine, end: 'from' | 'to' | 'across', stop: number | null, at: (moved: PointerEvent) => Point): Drag {
        const command = (line: GradientLine): Command => ({
            type: 'place-gradient', ...chosen(this.on), ...this.on.facets.inCell, paint: start.paint, from: line.from, to: line.to,
            ...(line.across ? { across: Math.abs(line.across.y - line.from.y) } : {}),
        });
        return this.dragging(command, (moved) => {
            const to = at(moved);
            // The centre takes the rest along.
            const by = { x: to.x - start.from.x, y: to.y - start.from.y };
            const shifted = (p: Point | null): Point | null => p && { x: p.x + by.x, y: p.y + by.y };
            if (end === 'from' && start.kind !== 'linear') return { ...start, from: to, to: shifted(start.to)!, across: shifted(start.across) };
            if (end === 'across') return { ...start, across: { x: start.from.x, y: Math.max(to.y, start.from.y + 1) } };
            if (start.kind === 'linear') return { ...start, ...this.swung(start, end as 'from' | 'to', to, moved.shiftKey) };
            return { ...start, to: moved.shiftKey ? atAngle(start.from, to, STEPS) : start.across ? { x: Math.max(to.x, start.from.x + 1), y: start.from.y } : to };
        }, () => {
            if (stop !== null) this.colour(start.paint, stop);
        });
    }

    /** The line of a linear gradient runs through the middle of the box: one end goes along, the other swings about the middle. */
    private swung(start: GradientLine, end: 'from' | 'to', to: Point, inSteps: boolean): { from: Point; to: Point } {
        const { width, height } = this.on.picture.box(this.layer()!);
        const middle = { x: width / 2, y: height / 2 };
        const length = distance(start.from, start.to) || 1;
        const unit = { x: (start.to.x - start.from.x) / length, y: (start.to.y - start.from.y) / length };
        const along = (p: Point): number => (p.x - middle.x) * unit.x + (p.y - middle.y) * unit.y;
        const place = inSteps ? atAngle(middle, to, STEPS) : to;
        const reach = distance(middle, place) || 1;
        const side = along(start[end]) < 0 ? -1 : 1;
        const turned = { x: ((place.x - middle.x) / reach) * side, y: ((place.y - middle.y) / reach) * side };
        const at = (p: Point): Point => ({ x: middle.x + turned.x * along(p), y: middle.y + turned.y * along(p) });
        return end === 'from' ? { from: place, to: at(start.to) } : { from: at(start.from), to: place };
    }

    private moving(start: GradientLine, stop: number, matrix: Matrix, at: (moved: PointerEvent) => Point): Drag {
        const sorted = (stops: GradientStop[]): GradientStop[] => [...stops].sort((a, b) => a.at - b.at);
        const left = (line: GradientLine): GradientStop[] => sorted(line.stops.filter((_, i) => i !== this.gone));
        const view = (p: Point): Point => this.on.camera.toView(apply(matrix, p));
        return this.dragging((line) => ({ type: 'put-field', ...chosen(this.on), ...this.on.facets.inCell, field: `${start.paint}.stops`, value: left(line) }), (moved) => {
            const place = this.place(start, at(moved));
            const off = distance(view(this.at(start, place)), this.on.camera.toView(this.on.camera.toWall(moved)));
            this.gone = off > OFF && start.stops.length > 2 ? stop : null;
            return { ...start, stops: start.stops.map((one, i) => (i === stop ? { ...one, at: place } : one)) };
        }, () => this.colour(start.paint, stop));
    }

    /** A press on the line makes a stop there. */
    private adding(start: GradientLine, place: number): Drag {
        return {
            move: () => undefined,
            end: () => void this.on.server.edit({ type: 'change-paint', ...chosen(this.on), ...this.on.facets.inCell, paint: start.paint, stops: 'add', at: place }),
        };
    }

    private dragging(command: (line: GradientLine) => Command, follow: (moved: PointerEvent) => GradientLine, still: () => void): Drag {
        const { server, picture, overlay } = this.on;
        const tried = new Tried(server, picture, this.layer()!, () => overlay.showSelection());
        const clear = (): void => {
            this.held = this.gone = null;
            this.show();
        };
        return {
            move: (moved) => {
                this.held = follow(moved);
                this.show();
                tried.show(command(this.held));
            },
            end: (_, moved) => {
                // What is told of it comes with the facets.
                if (moved && this.held) return void tried.keep(command(this.held)).then(() => this.on.facets.told()).then(clear);
                clear();
                still();
            },
            cancel: () => {
                tried.back();
                clear();
            },
        };
    }
}
