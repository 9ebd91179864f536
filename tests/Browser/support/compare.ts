/** Drawings against each other, pixel by pixel. */
import type { Page } from '@playwright/test';
import { PNG } from 'pngjs';

/** So much of 255 may a pixel differ. */
const NEAR = 8;
/** Neighbours that differ by more of 255 are two sides of an edge. */
const EDGE = 24;

export interface Area { x: number; y: number; width: number; height: number }

export async function shot(page: Page, markup: string, width: number, height: number): Promise<PNG> {
    await page.setViewportSize({ width, height });
    await page.setContent(`<!doctype html><style>body{margin:0;background:#fff}div{position:absolute}svg{display:block}</style>${markup}`);
    // In a window of a new size there is something to be seen from its next frame on.
    await page.evaluate(() => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go))));
    return PNG.sync.read(await page.screenshot());
}

/** Whether two pictures have nearly the same colour at a pixel. */
function isNear(a: PNG, b: PNG, x: number, y: number, near: number): boolean {
    const p = (y * a.width + x) * 4;
    return [0, 1, 2].every((k) => Math.abs(a.data[p + k]! - b.data[p + k]!) <= near);
}

/** Whether an edge runs within a px of a pixel: those are smoothed in one way or another. */
function isEdge({ data, width }: PNG, x: number, y: number): boolean {
    return [0, 1, 2].some((k) => {
        let [low, high] = [255, 0];
        for (let dy = -1; dy <= 1; dy++) {
            for (let dx = -1; dx <= 1; dx++) {
                const value = data[((y + dy) * width + x + dx) * 4 + k]!;
                [low, high] = [Math.min(low, value), Math.max(high, value)];
            }
        }
        return high - low > EDGE;
    });
}

/** The share of the pixels of an area that differ by more than is near. */
export function apart(ours: PNG, theirs: PNG, { x: left, y: top, width, height }: Area, near = NEAR): number {
    let many = 0;
    for (let y = top; y < top + height; y++) {
        for (let x = left; x < left + width; x++) if (!isNear(ours, theirs, x, y, near) && !(isEdge(ours, x, y) && isEdge(theirs, x, y))) many++;
    }
    return many / (width * height);
}
