/** The browser's own geometry, held against Chromium's matrices and against what must hold of any resize. */
import { expect, test } from '@playwright/test';
import { apply, around, corners, contains, multiply, overlaps, placed, placement, turned, unturn, type Box, type Point } from '../../resources/ts/wall/geometry.ts';
import { resized, type Handle } from '../../resources/ts/wall/resize.ts';
import { distances } from '../../resources/ts/wall/measuring.ts';
import { numbers } from './support/random.ts';

const close = (a: Point, b: Point, within = 1e-6): void => {
    expect(Math.abs(a.x - b.x), `${a.x} against ${b.x}`).toBeLessThan(within);
    expect(Math.abs(a.y - b.y), `${a.y} against ${b.y}`).toBeLessThan(within);
};

test('places turned layers where Chromium does, through any depth of groups', async ({ page }) => {
    const next = numbers(5);
    const chains = Array.from({ length: 60 }, () => Array.from({ length: 1 + Math.floor(next() * 4) }, () => ({
        x: Math.round(next() * 400 - 200), y: Math.round(next() * 400 - 200), width: Math.round(next() * 300), height: Math.round(next() * 300), rotation: Math.round(next() * 720 - 360),
    })));
    const points = chains.map(() => ({ x: next() * 100, y: next() * 100 }));
    const theirs = await page.evaluate(([chains, points]) => chains.map((chain, i) => {
        const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
        document.body.replaceChildren(svg);
        let inner: SVGElement = svg;
        for (const transform of chain) {
            const g = document.createElementNS('http://www.w3.org/2000/svg', 'g');
            g.setAttribute('transform', transform);
            inner.append(g);
            inner = g;
        }
        const p = new DOMPoint(points[i]!.x, points[i]!.y).matrixTransform((inner as SVGGElement).getCTM()!);
        return { x: p.x, y: p.y };
    }), [chains.map((chain) => chain.map(placement)), points] as const);
    chains.forEach((chain, i) => {
        const matrix = chain.map((place) => placed(place, place.rotation)).reduce(multiply);
        // Chromium keeps these matrices in single precision.
        close(apply(matrix, points[i]!), theirs[i]!, 0.01);
    });
});

test('undoes the turn of a distance', () => {
    const next = numbers(9);
    for (let i = 0; i < 200; i++) {
        const m = placed({ x: next() * 90, y: next() * 90, width: next() * 50, height: next() * 50 }, next() * 720 - 360);
        const p = { x: next() * 100 - 50, y: next() * 100 - 50 };
        const back = unturn(m, p);
        close({ x: m.a * back.x + m.c * back.y, y: m.b * back.x + m.d * back.y }, p);
        close(turned(turned(p, 77), -77), p);
    }
});

test('goes around, holds and overlaps as boxes do', () => {
    expect(around([{ x: 3, y: 9 }, { x: -1, y: 4 }, { x: 2, y: 11 }])).toEqual({ x: -1, y: 4, width: 4, height: 7 });
    const box = { x: 0, y: 0, width: 10, height: 5 };
    expect(corners(box)).toEqual([{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 5 }, { x: 0, y: 5 }]);
    expect([contains(box, { x: 10, y: 5 }), contains(box, { x: 10.1, y: 5 })]).toEqual([true, false]);
    // Boxes that only touch do not overlap.
    expect([overlaps(box, { x: 9, y: 4, width: 5, height: 5 }), overlaps(box, { x: 10, y: 0, width: 5, height: 5 })]).toEqual([true, false]);
});

const HANDLES: Handle[] = ['nw', 'n', 'ne', 'e', 'se', 's', 'sw', 'w'];

/** Where the point of a box lies that does not move when one of its handles is dragged. */
function anchor(box: Box, rotation: number, handle: Handle, centre: boolean): Point {
    const x = centre ? 0.5 : handle.includes('e') ? 0 : handle.includes('w') ? 1 : 0.5;
    const y = centre ? 0.5 : handle.includes('s') ? 0 : handle.includes('n') ? 1 : 0.5;
    return apply(placed(box, rotation), { x: box.width * x, y: box.height * y });
}

test('keeps the side across, or the middle, where it was, at any angle', () => {
    const next = numbers(21);
    for (let i = 0; i < 400; i++) {
        const box = { x: Math.round(next() * 300), y: Math.round(next() * 300), width: 1 + Math.round(next() * 300), height: 1 + Math.round(next() * 300) };
        const rotation = Math.round(next() * 360 - 180);
        const handle = HANDLES[Math.floor(next() * 8)]!;
        const [keep, centre] = [next() < 0.5, next() < 0.5];
        const now = resized(box, rotation, { handle, keep, centre }, { x: next() * 400 - 200, y: next() * 400 - 200 });
        expect(Number.isInteger(now.width) && Number.isInteger(now.height)).toBe(true);
        expect(Math.min(now.width, now.height)).toBeGreaterThanOrEqual(1);
        close(anchor(now, rotation, handle, centre), anchor(box, rotation, handle, centre), 0.002);
        if (!keep && !handle.includes('n') && !handle.includes('s')) expect(now.height).toBe(box.height);
        if (!keep && !handle.includes('e') && !handle.includes('w')) expect(now.width).toBe(box.width);
    }
});

test('follows the pointer by the handle, whatever the angle', () => {
    const box = { x: 100, y: 100, width: 200, height: 100 };
    const plain = { keep: false, centre: false };
    expect(resized(box, 0, { handle: 'se', ...plain }, { x: 30, y: -20 })).toEqual({ x: 100, y: 100, width: 230, height: 80 });
    expect(resized(box, 0, { handle: 'nw', ...plain }, { x: 30, y: -20 })).toEqual({ x: 130, y: 80, width: 170, height: 120 });
    // Turned by 90° the right edge lies below: dragging it down widens the layer.
    expect(resized(box, 90, { handle: 'e', ...plain }, { x: 0, y: 50 })).toMatchObject({ width: 250, height: 100 });
    expect(resized(box, 0, { handle: 'e', keep: false, centre: true }, { x: 10, y: 0 })).toEqual({ x: 90, y: 100, width: 220, height: 100 });
    expect(resized(box, 0, { handle: 'se', keep: true, centre: false }, { x: 100, y: 0 })).toEqual({ x: 100, y: 100, width: 300, height: 150 });
    // Never through itself; what is flat already may stay flat.
    expect(resized(box, 0, { handle: 'w', ...plain }, { x: 900, y: 0 })).toEqual({ x: 299, y: 100, width: 1, height: 100 });
    expect(resized({ ...box, height: 0 }, 0, { handle: 'e', ...plain }, { x: 20, y: 20 })).toEqual({ x: 100, y: 100, width: 220, height: 0 });
});

test('measures apart, inside, and across', () => {
    const spans = (a: Box, b: Box): (string | number)[][] => distances(a, b).map((mark) => (mark.kind === 'gap' ? [mark.axis, mark.from, mark.to, mark.across] : []));
    const box = { x: 10, y: 10, width: 20, height: 20 };
    expect(spans(box, { x: 50, y: 16, width: 10, height: 8 })).toEqual([['x', 30, 50, 20], ['y', 10, 16, 20], ['y', 24, 30, 20]]);
    expect(spans(box, { x: 0, y: 0, width: 100, height: 100 })).toEqual([['x', 0, 10, 20], ['x', 30, 100, 20], ['y', 0, 10, 20], ['y', 30, 100, 20]]);
    expect(spans(box, { x: 40, y: 60, width: 5, height: 5 })).toEqual([['x', 30, 40, 20], ['y', 30, 60, 20]]);
    // Edges that meet have no distance.
    expect(spans(box, { x: 30, y: 10, width: 10, height: 20 })).toEqual([]);
    expect(spans(box, box)).toEqual([]);
});
