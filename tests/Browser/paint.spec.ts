/** Paint against Chromium's CSS: gradients of all kinds, several fills that are mixed, corners, strokes; masks, filters and mixing in groups. */
import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { PNG } from 'pngjs';
import { apart, shot, type Area } from './support/compare.ts';
import { grouped, painted, type Painted } from './support/paints.ts';
import { ask } from './support/php.ts';

const [WIDTH, HEIGHT, APART, ACROSS] = [90, 70, 30, 10];
/** So large a share of the pixels of a case may differ: what draws PNG blurs by boxes, which shows a little where a wide shadow is dark. */
const SHARES: Record<string, number> = { wall: 0.005, PNG: 0.015 };
/** Cases on one sheet. */
const SHEET = 50;

const first = Number(process.env['KINDRED_SEED'] ?? 1);

/** A case with what is drawn round it. */
function around({ layer }: Painted): Area {
    const [x, y, width, height] = ['x', 'y', 'width', 'height'].map((key) => Number(layer[key])) as [number, number, number, number];
    return { x: x - 12, y: y - 12, width: width + 24, height: height + 24 };
}

function sheet(make: typeof painted, from: number): Painted[] {
    return Array.from({ length: SHEET }, (_, i) => make(from + i, APART + (i % ACROSS) * (WIDTH + APART), APART + Math.floor(i / ACROSS) * (HEIGHT + APART), WIDTH, HEIGHT));
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
            const off = Object.entries(drawn).flatMap(([name, picture]) => cases.map((one, i) => [`${name}, case ${first + from + i}`, apart(picture, css, around(one))] as const).filter(([, share]) => share > SHARES[name]!));
            expect(off.map(([name, share]) => `${name}: ${(share * 100).toFixed(2)} %`)).toEqual([]);
        });
    }
}
