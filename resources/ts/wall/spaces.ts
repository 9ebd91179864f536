/** The gaps and the padding of a stack or an array, as they lie on the wall. */
import { apply, type Box, type Point } from './geometry.ts';
import { layersIn, type Picture } from './picture.ts';
import { items, spacing, type Axis } from './stacking.ts';

/** One distance of a stack in its own space; `sign` is −1 where dragging against the axis makes it longer. */
export interface Space { field: string; axis: Axis; from: number; to: number; across: number; value: number; sign: 1 | -1 }

/** As people call it: "row gap", "padding top". */
export const called = ({ field }: Space): string => field.replace('.', ' ').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

export function spaces(picture: Picture, stack: Element): Space[] {
    const about = spacing(stack);
    const array = stack.getAttribute('data-array')?.split(' ').map(Number);
    if (array) {
        const cells = layersIn(stack).map((cell) => picture.box(cell));
        // One bracket along each axis is enough, for the gaps are all the same.
        return (['x', 'y'] as const).flatMap((axis) => gaps(cells.slice(0, 12), axis, array[axis === 'x' ? 1 : 0]!).slice(0, 1));
    }
    if (!about) return [];
    const { width, height } = picture.box(stack);
    const [top, right, bottom, left] = about.padding;
    // Beside the bars in the middle of the edges.
    const [x, y] = [width * 0.25, height * 0.25];
    const list: Space[] = [
        { field: 'padding.top', axis: 'y', from: 0, to: top, across: x, value: top, sign: 1 },
        { field: 'padding.bottom', axis: 'y', from: height - bottom, to: height, across: x, value: bottom, sign: -1 },
        { field: 'padding.left', axis: 'x', from: 0, to: left, across: y, value: left, sign: 1 },
        { field: 'padding.right', axis: 'x', from: width - right, to: width, across: y, value: right, sign: -1 },
    ];
    const boxes = items(stack).map((item) => picture.box(item));
    for (const axis of about.wraps ? (['x', 'y'] as const) : [about.axis]) list.push(...gaps(boxes, axis, axis === 'x' ? about.columnGap : about.rowGap));
    return list;
}

/** The gaps between neighbours along an axis: those that lie beside each other, with nothing between. */
function gaps(boxes: Box[], axis: Axis, value: number): Space[] {
    const [side, other, breadth] = axis === 'x' ? (['width', 'y', 'height'] as const) : (['height', 'x', 'width'] as const);
    const sorted = [...boxes].sort((a, b) => a[axis] - b[axis]);
    return sorted.flatMap((box): Space[] => {
        const start = box[axis] + box[side];
        const next = sorted.find((one) => one[axis] >= start - 0.5 && one[other] < box[other] + box[breadth] && box[other] < one[other] + one[breadth]);
        if (!next || next === box) return [];
        const [low, high] = [Math.max(box[other], next[other]), Math.min(box[other] + box[breadth], next[other] + next[breadth])];
        return [{ field: axis === 'x' ? 'columnGap' : 'rowGap', axis, from: start, to: next[axis], across: (low + high) / 2, value, sign: 1 }];
    });
}

/** A place in a stack's own space on the wall. */
export const onWall = (picture: Picture, stack: Element, space: Space, along: number): Point =>
    apply(picture.matrix(stack), space.axis === 'x' ? { x: along, y: space.across } : { x: space.across, y: along });
