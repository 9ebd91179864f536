/** Where a box goes when one of its handles is dragged. */
import { turned, type Box, type Point } from './geometry.ts';

export type Handle = 'nw' | 'n' | 'ne' | 'e' | 'se' | 's' | 'sw' | 'w';

export interface Pull { handle: Handle; keep: boolean; centre: boolean; /** What it is not pulled below, px. */ min?: { width: number; height: number } }

/**
 * The box after its handle moved by a distance given in the parent's space. The side across stays,
 * or the middle does; `keep` keeps the proportion. Sides are whole px and at min 1 (0 for what is flat already).
 */
export function resized(box: Box, rotation: number, { handle, keep, centre, min }: Pull, by: Point): Box {
    const local = turned(by, -rotation);
    const h = handle.includes('e') ? 1 : handle.includes('w') ? -1 : 0;
    const v = handle.includes('s') ? 1 : handle.includes('n') ? -1 : 0;
    const reach = centre ? 2 : 1;
    let width = h === 0 ? box.width : side(box.width + local.x * h * reach, box.width, min?.width);
    let height = v === 0 ? box.height : side(box.height + local.y * v * reach, box.height, min?.height);
    if (keep && box.width > 0 && box.height > 0) {
        const [fx, fy] = [width / box.width, height / box.height];
        const factor = h === 0 ? fy : v === 0 ? fx : Math.abs(fx - 1) > Math.abs(fy - 1) ? fx : fy;
        width = side(box.width * factor, box.width, min?.width);
        height = side(box.height * factor, box.height, min?.height);
    }
    const shift = centre ? { x: 0, y: 0 } : turned({ x: ((width - box.width) / 2) * h, y: ((height - box.height) / 2) * v }, rotation);
    return {
        x: round(box.x + box.width / 2 + shift.x - width / 2),
        y: round(box.y + box.height / 2 + shift.y - height / 2),
        width,
        height,
    };
}

const side = (length: number, was: number, min = 1): number => Math.max(was === 0 ? 0 : Math.min(min, was), Math.round(length));
const round = (n: number): number => Math.round(n * 1000) / 1000;
