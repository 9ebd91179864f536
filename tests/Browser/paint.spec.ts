/** Paint against Chromium's CSS: gradients of all kinds, several fills that are mixed, corners, strokes; masks, filters and mixing in groups. */
import { execFileSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { grouped, painted, type Painted } from './support/paints.ts';
import { ask } from './support/php.ts';

const [WIDTH, HEIGHT, APART, ACROSS] = [90, 70, 30, 10];
/** So much of 255 may a pixel differ. */
const NEAR = 8;
/** So large a share of the pixels of a case may differ: what draws PNG blurs by boxes, which shows a little where a wide shadow is dark. */
const SHARES: Record<string, number> = { wall: 0.005, PNG: 0.015 };
/** Neighbours that differ by more of 255 are two sides of an edge. */
const EDGE = 24;
/** Cases on one sheet. */
const SHEET = 50;

const first = Number(process.env['KINDRED_SEED'] ?? 1);

function sheet(make: typeof painted, from: number): Painted[] {
    return Array.from({ length: SHEET }, (_, i) => make(from + i, APART + (i % ACROSS) * (WIDTH + APART), APART + Math.floor(i / ACROSS) * (HEIGHT + APART), WIDTH, HEIGHT));
}

async function shot(page: Page, markup: string, width: number, height: number): Promise<PNG> {
    await page.setViewportSize({ width, height });
    await page.setContent(`<!doctype html><style>body{margin:0;background:#fff}div{position:absolute}svg{display:block}</style>${markup}`);
    return PNG.sync.read(await page.screenshot());
}

/** Whether two pictures have nearly the same colour at a pixel. */
function isNear(a: PNG, b: PNG, x: number, y: number): boolean {
    const p = (y * a.width + x) * 4;
    return [0, 1, 2].every((k) => Math.abs(a.data[p + k]! - b.data[p + k]!) <= NEAR);
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

/** The share of the pixels of a case that differ. */
function apart(ours: PNG, theirs: PNG, { layer }: Painted): number {
    const [left, top, width, height] = ['x', 'y', 'width', 'height'].map((key) => Number(layer[key])) as [number, number, number, number];
    let many = 0;
    for (let y = top - 12; y < top + height + 12; y++) {
        for (let x = left - 12; x < left + width + 12; x++) if (!isNear(ours, theirs, x, y) && !(isEdge(ours, x, y) && isEdge(theirs, x, y))) many++;
    }
    return many / (WIDTH * HEIGHT);
}

for (const [what, make, many] of [['boxes', painted, 400], ['groups', grouped, 150]] as const) {
    for (let from = 0; from < many; from += SHEET) {
        test(`${what} ${from + 1} to ${from + SHEET} painted at random look as CSS paints them, on the wall and as PNG`, async ({ page }) => {
            const cases = sheet(make, first + from);
            const [width, height] = [APART + ACROSS * (WIDTH + APART), APART + (SHEET / ACROSS) * (HEIGHT + APART)];
            const svg = ask<{ page: string; alone: string; css: string }>('painted.php', { width, height, layers: cases.map(({ layer }) => layer) });
            const css = await shot(page, cases.map(({ html }) => html).join(''), width, height);
            const drawn = {
                wall: await shot(page, `<style>${svg.css}</style>${svg.page}`, width, height),
                PNG: PNG.sync.read(execFileSync('rsvg-convert', ['--format', 'png'], { input: svg.alone, maxBuffer: 1 << 26 })),
            };
            const off = Object.entries(drawn).flatMap(([name, picture]) => cases.map((one, i) => [`${name}, case ${first + from + i}`, apart(picture, css, one)] as const).filter(([, share]) => share > SHARES[name]!));
            expect(off.map(([name, share]) => `${name}: ${(share * 100).toFixed(2)} %`)).toEqual([]);
        });
    }
}
