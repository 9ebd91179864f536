/** Paint against Chromium's CSS: gradients of all kinds, several fills that are mixed, corners, strokes; masks, filters and mixing in groups. */
import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { PNG } from 'pngjs';
import { apart, shot, type Area } from './support/compare.ts';
import { grouped, painted, type Painted } from './support/paints.ts';
import { ask } from './support/php.ts';
import { rounds } from './support/random.ts';

const [WIDTH, HEIGHT, APART, ACROSS] = [90, 70, 30, 10];
/** So large a share of the pixels of a case may differ. */
const SHARE = 0.005;
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

for (const [what, make, many] of [['boxes', painted, rounds(200)], ['groups', grouped, rounds(100)]] as const) {
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
            const off = Object.entries(drawn).flatMap(([name, picture]) => cases.map((one, i) => [`${name}, case ${first + from + i}`, apart(picture, css, around(one))] as const).filter(([, share]) => share > SHARE));
            expect(off.map(([name, share]) => `${name}: ${(share * 100).toFixed(2)} %`)).toEqual([]);
        });
    }
}

test('shapes, words, icons, strokes, blur and gradients mask the same on the wall and as PNG', async ({ page }) => {
    const stops = [{ colour: '#b4472e', at: 0 }, { colour: '#e9c46a', at: 0.5 }, { colour: '#17594f', at: 1 }];
    const masks: Record<string, unknown>[] = [
        { kind: 'text', words: 'Clay', wrapped: false, style: { family: 'Spectral', weight: 700, size: 64, lineHeight: 1.2 } },
        { kind: 'icon', icon: 'check', line: 3 },
        { kind: 'ellipse', strokes: [{ colour: '#000000', width: 16 }] },
        { kind: 'box', x: 30, y: 20, width: 60, height: 50, fills: [{ colour: '#000000' }], effects: [{ kind: 'blur', radius: 4 }] },
        { kind: 'box', fills: [{ kind: 'linear', angle: 90, stops: [{ colour: '#000000', at: 0 }, { colour: '#00000000', at: 1 }] }] },
        { kind: 'path', d: 'M0 90L60 0L120 90Z', fills: [{ colour: '#000000' }], opacity: 0.5, rotation: 10 },
    ];
    const [width, height] = [430, 240];
    const layers = masks.map((mask, i) => ({
        id: `group${i}`, kind: 'group', name: 'Masked', x: 10 + (i % 3) * 140, y: 10 + Math.floor(i / 3) * 110, width: 120, height: 90,
        children: [{ id: `within${i}`, kind: 'box', x: -10, y: -10, width: 140, height: 110, fills: [{ kind: 'linear', stops }] }, { id: `mask${i}`, masking: true, x: 0, y: 0, width: 120, height: 90, ...mask }],
    }));
    const svg = ask<{ page: string; alone: string; css: string }>('painted.php', { width, height, layers });
    const [wall, png] = [await shot(page, `<style>${svg.css}</style>${svg.page}`, width, height), PNG.sync.read(execFileSync('rsvg-convert', ['--format', 'png'], { input: svg.alone }))];
    expect(apart(png, wall, { x: 0, y: 0, width, height })).toBeLessThan(SHARE);
    // Each shows something, and not all of it.
    for (const [i] of masks.entries()) {
        const seen = [...Array(120 * 90).keys()].filter((at) => wall.data[((10 + Math.floor(i / 3) * 110 + Math.floor(at / 120)) * width + 10 + (i % 3) * 140 + at % 120) * 4 + 2]! < 250).length;
        expect(seen).toBeGreaterThan(300);
        expect(seen).toBeLessThan(120 * 90);
    }
});

test('a gradient runs along its stroke: at every place that Chromium finds on the line the colour is that of so much of the way', async ({ page }) => {
    const [first, last] = [[180, 71, 46], [23, 89, 200]] as const;
    const hex = (colour: readonly number[]): string => `#${colour.map((part) => part.toString(16).padStart(2, '0')).join('')}`;
    const stroke = { kind: 'linear', stops: [{ colour: hex(first), at: 0 }, { colour: hex(last), at: 1 }], width: 9, along: true, position: 'centre' };
    // What each is along: of a free path its own, of others where their outlines begin.
    const cases: { layer: Record<string, unknown>; d: string; dash?: number[] }[] = [
        { layer: { kind: 'path', d: 'M0 80C30 -60 90 150 120 0', strokes: [{ ...stroke, cap: 'round' }] }, d: 'M0 80C30 -60 90 150 120 0' },
        { layer: { kind: 'path', d: 'M0 0L120 0L120 80L0 80L0 40', strokes: [{ ...stroke, join: 'miter', cap: 'butt' }] }, d: 'M0 0L120 0L120 80L0 80L0 40' },
        { layer: { kind: 'path', d: 'M0 0L120 0L60 80Z', strokes: [{ ...stroke, opacity: 0.999 }] }, d: 'M0 0L120 0L60 80Z' },
        { layer: { kind: 'path', d: 'M0 40L120 40', strokes: [{ ...stroke, dash: [20, 20], cap: 'butt' }] }, d: 'M0 40L120 40', dash: [20, 20] },
        { layer: { kind: 'line', strokes: [stroke] }, d: 'M0 0L120 80' },
        { layer: { kind: 'path', d: 'M0 0L40 0M0 40L120 40', strokes: [stroke] }, d: 'M0 0L40 0M0 40L120 40' },
    ];
    const [width, height] = [3 * 150 + 30, 2 * 120 + 30];
    const place = (i: number): [number, number] => [30 + (i % 3) * 150, 30 + Math.floor(i / 3) * 120];
    const svg = ask<{ page: string; alone: string; css: string }>('painted.php', { width, height, layers: cases.map(({ layer }, i) => ({ id: `ribbon${i}`, name: 'Ribbon', x: place(i)[0], y: place(i)[1], width: 120, height: 80, ...layer })) });
    const drawn = { wall: await shot(page, `<style>${svg.css}</style>${svg.page}`, width, height), PNG: PNG.sync.read(execFileSync('rsvg-convert', ['--format', 'png'], { input: svg.alone, maxBuffer: 1 << 26 })) };
    const off: string[] = [];
    for (const [i, { d, dash }] of cases.entries()) {
        // Each part of a path runs through all of the gradient.
        const places = await page.evaluate((parts) => parts.flatMap((d) => {
            const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
            path.setAttribute('d', d);
            const length = path.getTotalLength();
            return Array.from({ length: 40 }, (_, k) => {
                const along = (length * (k + 0.5)) / 40;
                const { x, y } = path.getPointAtLength(along);
                return { x, y, share: (k + 0.5) / 40, along };
            });
        }), d.split(/(?=M)/));
        for (const [name, picture] of Object.entries(drawn)) {
            for (const { x, y, share, along } of places) {
                if (dash && Math.abs(along % 20 - 10) > 8) continue;
                // Where a closed line comes back, the corner of its end lies on its start.
                if (d.endsWith('Z') && share < 0.03) continue;
                const at = (Math.round(place(i)[1] + y - 0.5) * width + Math.round(place(i)[0] + x - 0.5)) * 4;
                const seen = [...picture.data.subarray(at, at + 3)];
                const wanted = dash && Math.floor(along / 20) % 2 === 1 ? [255, 255, 255] : first.map((part, k) => part + (last[k]! - part) * share);
                const most = Math.max(...seen.map((part, k) => Math.abs(part - wanted[k]!)));
                // Along the shortest of these the colour changes by 4 a px, and the edges of pixels are smoothed.
                if (most > 14) off.push(`${name}, case ${i}, ${Math.round(share * 100)} %: ${String(seen)} for ${String(wanted.map(Math.round))}`);
            }
        }
    }
    expect(off).toEqual([]);
});
