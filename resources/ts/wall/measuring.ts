/** Distances between two boxes on the wall, as marks to draw. */
import type { Box } from './geometry.ts';
import type { Mark } from './snapping.ts';

type Axis = 'x' | 'y';
const SIDE = { x: 'width', y: 'height' } as const;

/**
 * Along each axis the distance between the boxes where they lie apart; where they do not, how far
 * their two pairs of edges are from each other. Nothing where edges meet.
 */
export function distances(a: Box, b: Box): Mark[] {
    return (['x', 'y'] as const).flatMap((axis) => {
        const other: Axis = axis === 'x' ? 'y' : 'x';
        const [a0, a1, b0, b1] = [a[axis], a[axis] + a[SIDE[axis]], b[axis], b[axis] + b[SIDE[axis]]];
        const spans: [number, number][] = a1 <= b0 ? [[a1, b0]] : b1 <= a0 ? [[b1, a0]] : [[Math.min(a0, b0), Math.max(a0, b0)], [Math.min(a1, b1), Math.max(a1, b1)]];
        // Where both reach, so that the mark touches both; otherwise beside the first.
        const low = Math.max(a[other], b[other]);
        const high = Math.min(a[other] + a[SIDE[other]], b[other] + b[SIDE[other]]);
        const across = low <= high ? (low + high) / 2 : a[other] + a[SIDE[other]] / 2;
        return spans.filter(([from, to]) => to - from > 0.005).map(([from, to]): Mark => ({ kind: 'gap', axis, across, from, to }));
    });
}
