/**
 * How the picture of layers changes with their size, learned from what the server draws of them once wider, once higher
 * and once both: every number in between changes evenly. So shapes, strokes, cuts and whatever else is painted follow the
 * pointer, and nothing here knows any of them. What does not change evenly is stretched.
 */
import { placement, type Box, type Place } from './geometry.ts';
import type { Command, Patch } from './messages.ts';
import { own, type Picture } from './picture.ts';
import type { Server } from './server.ts';

/** A layer before it is resized. */
export interface Sized { id: string; box: Place; kept: SVGGElement }

/** An attribute that changes: what stands between its numbers, these, and by how much they change with each px. */
interface Changing { element: Element; name: string; between: string[]; at: number[]; wide: number[]; high: number[] }

/** What changes of a layer itself, and of what it draws; null where it is stretched instead. */
interface Grown { layer: Element; kept: Element; place: Changing[]; drawn: Changing[] | null }

/** A drawing of the same, so many px wider and higher. */
type Larger = [Element, number, number];

const NUMBER = /-?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/g;

/** Of more layers than this the pictures are only stretched. */
const MOST = 300;

/** How far off a number may be of what the server draws, px. */
const OFF = 2;

/** How much larger the server draws a side, px: far enough that what is rounded does not show. */
const step = (side: number): number => Math.max(16, side / 2);

const numbers = (text: string): number[] => (text.match(NUMBER) ?? []).map(Number);

/**
 * How an element's attributes change; null where they do not change evenly.
 *
 * @param element what is to be changed
 * @param base the same as it was
 */
export function changing(element: Element, base: Element, ...[wide, high, both]: [Larger, Larger, Larger]): Changing[] | null {
    const all: Changing[] = [];
    for (const { name, value } of base.attributes) {
        const [w, h, b] = [wide, high, both].map(([drawn]) => drawn.getAttribute(name)) as [string | null, string | null, string | null];
        // What only the wall marks is not drawn.
        if ((w === value && h === value && b === value) || (w === null && h === null) || name === 'class') continue;
        const between = value.split(NUMBER);
        if (w === null || h === null || b === null || [w, h, b].some((other) => other.split(NUMBER).join('|') !== between.join('|'))) return null;
        const [at, wider, higher] = [value, w, h].map(numbers) as [number[], number[], number[]];
        const change = { element, name, between, at, wide: at.map((n, i) => (wider[i]! - n) / wide[1]), high: at.map((n, i) => (higher[i]! - n) / high[2]) };
        const said = numbers(grown(change, both[1], both[2]));
        if (numbers(b).some((n, i) => Math.abs(n - said[i]!) > OFF)) return null;
        all.push(change);
    }
    return all;
}

/** The attribute where both sides are so many px longer. */
export function grown({ between, at, wide, high }: Omit<Changing, 'element' | 'name'>, dw: number, dh: number): string {
    let out = '';
    for (const [i, text] of between.entries()) {
        // In path data a sign may stand for the space.
        out += text === '' && i > 0 && i < at.length ? ' ' : text;
        if (i < at.length) out += String(Math.round((at[i]! + wide[i]! * dw + high[i]! * dh) * 1000) / 1000);
    }
    return out;
}

export class Growth {
    private known: Map<string, Grown[]> | null = null;

    constructor(private readonly server: Server, private readonly picture: Picture, private readonly before: readonly Sized[], screen: string) {
        void this.learn((wide, high) => ({
            type: 'place-layers', screen: screen || null,
            places: before.map(({ id, box }) => ({ id, ...box, width: box.width + wide * step(box.width), height: box.height + high * step(box.height) })),
        }));
    }

    /** Shows a layer at its new size. */
    show({ id, box, kept }: Sized, now: Box): void {
        const layer = this.picture.layer(id);
        if (!layer) return;
        layer.setAttribute('data-box', `${now.x} ${now.y} ${now.width} ${now.height} ${box.rotation}`);
        layer.setAttribute('transform', placement({ ...now, rotation: box.rotation }));
        const known = this.known?.get(id);
        if (!known) return stretch(layer, kept, [...layer.children]);
        for (const one of known) {
            for (const change of [...one.place, ...one.drawn ?? []]) change.element.setAttribute(change.name, grown(change, now.width - box.width, now.height - box.height));
            if (one.drawn === null) stretch(one.layer, one.kept, [...one.layer.children].filter((child) => !child.hasAttribute('data-layer') && !child.hasAttribute('data-inside')));
        }
    }

    private async learn(sized: (wide: number, high: number) => Command): Promise<void> {
        const count = this.before.reduce((sum, { kept }) => sum + 1 + kept.querySelectorAll('[data-layer]').length, 0);
        if (count > MOST) return;
        const drawn = (await Promise.all([[1, 0], [0, 1], [1, 1]].map(([wide, high]) => this.server.preview(sized(wide!, high!))))).map((patches) => this.drawn(patches));
        const known = new Map<string, Grown[]>();
        for (const start of this.before) {
            const changes = this.changes(start, drawn);
            if (changes) known.set(start.id, changes);
        }
        this.known = known;
    }

    private drawn(patches: Patch[]): Map<string, Element> {
        return new Map(patches.flatMap(({ layer, svg }) => {
            if (!layer || svg === undefined) return [];
            const root = this.picture.parse(svg);
            return [root, ...root.querySelectorAll('[data-layer]')].map((one) => [one.getAttribute('data-layer')!, one] as const);
        }));
    }

    /** All that changes in a layer and in what lies in it; null where it is not what it was any more. */
    private changes({ id, box, kept }: Sized, drawn: Map<string, Element>[]): Grown[] | null {
        const layer = this.picture.layer(id);
        if (!layer || drawn.some((one) => !one.has(id))) return null;
        const [was, is] = [kept, layer].map((root) => [root, ...root.querySelectorAll('[data-layer]')]) as [Element[], Element[]];
        if (was.length !== is.length || was.some((one, i) => one.getAttribute('data-layer') !== is[i]!.getAttribute('data-layer'))) return null;
        const [w, h] = [step(box.width), step(box.height)];
        const all: Grown[] = [];
        for (const [i, one] of was.entries()) {
            const [base, live] = [own(one), own(is[i]!)];
            // What does not change is not sent.
            const larger = drawn.map((all) => own(all.get(one.getAttribute('data-layer')!) ?? one));
            const changes = (j: number): Changing[] | null =>
                changing(live[j]!, base[j]!, [larger[0]![j]!, w, 0], [larger[1]![j]!, 0, h], [larger[2]![j]!, w, h]);
            const place = changes(0);
            if (place === null) return null;
            const alike = live.length === base.length && larger.every((all) => all.map(({ tagName }) => tagName).join() === base.map(({ tagName }) => tagName).join());
            const inner = alike ? base.slice(1).map((_, j) => changes(j + 1)) : [null];
            all.push({
                layer: is[i]!, kept: one,
                // Where the layer itself lies is the pointer's.
                place: i === 0 ? place.filter(({ name }) => name !== 'transform' && name !== 'data-box') : place,
                drawn: inner.includes(null) ? null : inner.flatMap((changes) => changes ?? []),
            });
        }
        // Nothing is stretched as a whole any more.
        for (const [i, child] of [...layer.children].entries()) restore(child, kept.children[i]?.getAttribute('transform') ?? null);
        return all;
    }
}

/** Stretches what a layer draws to the size that its box has by now. */
function stretch(layer: Element, kept: Element, children: Element[]): void {
    const [was, is] = [kept, layer].map((one) => (one.getAttribute('data-box') ?? '').split(' ').map(Number)) as [number[], number[]];
    const [x, y] = [is[2]! / (was[2] || 1), is[3]! / (was[3] || 1)];
    for (const child of children) {
        const at = [...layer.children].indexOf(child);
        child.setAttribute('transform', `scale(${x} ${y})${kept.children[at]?.getAttribute('transform') ?? ''}`);
    }
}

function restore(element: Element, transform: string | null): void {
    if (transform === null) element.removeAttribute('transform');
    else element.setAttribute('transform', transform);
}
