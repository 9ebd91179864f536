/** Stacks on the wall: what lies in one, and where something that is dragged over it would go. */
import { apply, contains, unapply, type Point } from './geometry.ts';
import { layersIn, type Picture } from './picture.ts';

export type Axis = 'x' | 'y';

/** What the picture says of a stack. Lengths in px; padding at the top, right, bottom and left. */
export interface Spacing { axis: Axis; reversed: boolean; wraps: boolean; rowGap: number; columnGap: number; padding: [number, number, number, number] }

/** Between which siblings a layer would go: right above `above` in its stack, or first; drawn as a line from `from` to `to` on the wall. */
export interface Slot { stack: string; above: string | null; from: Point; to: Point }

export function spacing(stack: Element): Spacing | null {
    const data = stack.getAttribute('data-stack');
    if (data === null) return null;
    const [direction = '', wrap = '', ...lengths] = data.split(' ');
    const [rowGap = 0, columnGap = 0, top = 0, right = 0, bottom = 0, left = 0] = lengths.map(Number);
    return { axis: direction.startsWith('row') ? 'x' : 'y', reversed: direction.endsWith('reverse'), wraps: wrap !== 'nowrap', rowGap, columnGap, padding: [top, right, bottom, left] };
}

/** The stack that gives a layer its place; null where it lies freely. */
export function laidBy(layer: Element): SVGGElement | null {
    const parent = layer.parentElement?.closest<SVGGElement>('[data-layer]') ?? null;
    return parent?.hasAttribute('data-stack') && !layer.hasAttribute('data-free') ? parent : null;
}

/** The layers that a stack lays out, in their order. */
export function items(stack: Element, without: ReadonlySet<string> = new Set()): SVGGElement[] {
    return layersIn(stack, ':not([data-free])')
        .filter((layer) => layer.getAttribute('display') !== 'none' && !without.has(layer.dataset['layer']!));
}

/** Stacks that may lie under a place, in drawing order: of an array, which may have a thousand cells, only those of the lines there. */
function stacks(picture: Picture, root: Element | null, at: Point): SVGGElement[] {
    return (root ? picture.laying(root) : []).flatMap((one) => {
        if (!one.hasAttribute('data-array')) return [one];
        const cells = [...one.querySelectorAll<SVGGElement>(':scope > [data-layer]')];
        const { y } = unapply(picture.matrix(one), at);
        let [low, high] = [0, cells.length];
        while (low < high) {
            const half = (low + high) >> 1;
            if (picture.box(cells[half]!).y <= y) low = half + 1;
            else high = half;
        }
        const line = low > 0 ? picture.box(cells[low - 1]!).y : 0;
        let first = low;
        while (first > 0 && picture.box(cells[first - 1]!).y === line) first--;
        return cells.slice(first, low).flatMap((cell) => [...(cell.hasAttribute('data-stack') ? [cell] : []), ...cell.querySelectorAll<SVGGElement>('[data-stack]')]);
    });
}

/** Where layers that are dragged to a place on the wall would go: into the innermost stack there that is none of them. */
export function slotAt(picture: Picture, root: Element | null, at: Point, moving: ReadonlySet<string>): Slot | null {
    const stack = stacks(picture, root, at).reverse().find((one) => {
        if (one.hasAttribute('data-locked') || one.closest('[display=none]') || [...moving].some((id) => one.closest(`[data-layer="${id}"]`))) return false;
        const { width, height } = picture.box(one);
        return contains({ x: 0, y: 0, width, height }, unapply(picture.matrix(one), at));
    });
    const about = stack && spacing(stack);
    if (!stack || !about) return null;
    const { axis, reversed, padding: [top, right, bottom, left] } = about;
    const m = picture.matrix(stack);
    const own = unapply(m, at);
    const { width, height } = picture.box(stack);
    const list = items(stack, moving);
    const line = (along: number, low: number, high: number): Pick<Slot, 'from' | 'to'> => ({
        from: apply(m, axis === 'x' ? { x: along, y: low } : { x: low, y: along }),
        to: apply(m, axis === 'x' ? { x: along, y: high } : { x: high, y: along }),
    });
    const id = stack.dataset['layer']!;
    const far = (layer: Element): number => {
        const box = picture.box(layer);
        return Math.hypot(Math.max(box.x - own.x, 0, own.x - box.x - box.width), Math.max(box.y - own.y, 0, own.y - box.y - box.height));
    };
    const near = list.length === 0 ? null : list.reduce((a, b) => (far(b) < far(a) ? b : a));
    if (!near) {
        const [low, high] = axis === 'x' ? [top, height - bottom] : [left, width - right];
        return { stack: id, above: null, ...line(axis === 'x' ? left : top, low, high) };
    }
    const box = picture.box(near);
    const size = axis === 'x' ? 'width' : 'height';
    const later = own[axis] > box[axis] + box[size] / 2;
    const after = later !== reversed;
    const index = list.indexOf(near);
    const half = (axis === 'x' ? about.columnGap : about.rowGap) / 2;
    const [low, high] = axis === 'x' ? [box.y, box.y + box.height] : [box.x, box.x + box.width];
    return {
        stack: id,
        above: (after ? near : list[index - 1])?.dataset['layer'] ?? null,
        ...line(later ? box[axis] + box[size] + half : box[axis] - half, low, high),
    };
}
