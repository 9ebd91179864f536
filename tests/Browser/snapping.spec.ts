/** What is dragged comes to rest against what the server has named: the browser's part of it, on its own. */
import { expect, test } from '@playwright/test';
import type { Camera } from '../../resources/ts/wall/camera.ts';
import type { Picture } from '../../resources/ts/wall/picture.ts';
import { Snapping } from '../../resources/ts/wall/snapping.ts';

const LINES = {
    x: [{ at: 100, from: 0, to: 50 }, { at: 195, from: 0, to: 844 }],
    y: [{ at: 300, from: 20, to: 80 }],
};
// Beside two that are 30 apart, and a third as far away again.
const GAPS = { x: [{ at: 260, from: 0, to: 400, spans: [[200, 230], [230, 260]] }], y: [] };

/** What words nearby stand on; those that move stand 16 px below their top. */
const BASELINES = [{ at: 430.5, from: 40, to: 90 }];

/** What asks the server looks for a token in the page. */
test.beforeAll(() => void Object.assign(globalThis, { document: { querySelector: () => null } }));
test.afterAll(() => void Reflect.deleteProperty(globalThis, 'document'));

/** Snapping as it is once the server has answered; the screen lies at 1000, 500 on the wall, its group 10 px further in. */
async function snapping(scale = 1): Promise<Snapping> {
    const fetched = globalThis.fetch;
    globalThis.fetch = () => Promise.resolve(Response.json({ by: { x: 10, y: 0 }, lines: LINES, gaps: GAPS, baselines: BASELINES, own: [16] }));
    const one = new Snapping({ scale } as Camera, { screenBox: () => ({ x: 990, y: 500, width: 390, height: 844 }) } as unknown as Picture, '/snap', 'home', null, ['bowl']);
    await new Promise((go) => setTimeout(go));
    globalThis.fetch = fetched;
    return one;
}

test('the nearest within 6 px of the window draws, whatever the zoom; without one whole px', async () => {
    const at = async (x: number, y: number, scale = 1): Promise<[number, number]> => {
        const { box } = (await snapping(scale)).move({ x, y, width: 40, height: 20 });
        return [box.x, box.y];
    };
    expect(await at(1097, 700.4)).toEqual([1100, 700]);
    // Its right edge, its middle.
    expect(await at(1058.2, 700)).toEqual([1060, 700]);
    expect(await at(1078, 700)).toEqual([1080, 700]);
    expect(await at(1093, 700)).toEqual([1093, 700]);
    expect(await at(1093, 700, 0.5)).toEqual([1100, 700]);
    expect(await at(1095, 700, 4)).toEqual([1095, 700]);
    // Both axes at once.
    expect(await at(1099, 797)).toEqual([1100, 800]);
});

test('what it rests against is shown, and how far away that is', async () => {
    const { marks } = (await snapping()).move({ x: 1099, y: 797, width: 40, height: 20 });
    expect(marks).toEqual([
        { kind: 'line', axis: 'x', at: 1100, from: 500, to: 820, apart: [550, 800] },
        { kind: 'line', axis: 'y', at: 800, from: 1020, to: 1140, apart: [1080, 1100] },
    ]);
});

test('equal gaps draw, too, and are shown as gaps', async () => {
    const { box, marks } = (await snapping()).move({ x: 1257, y: 620, width: 40, height: 20 });
    expect(box.x).toBe(1260);
    expect(marks).toEqual([
        { kind: 'gap', axis: 'x', across: 630, from: 1200, to: 1230 },
        { kind: 'gap', axis: 'x', across: 630, from: 1230, to: 1260 },
    ]);
    // Not where it lies beside none of them.
    expect((await snapping()).move({ x: 1257, y: 1000, width: 40, height: 20 }).box.x).toBe(1257);
});

test('edges that a handle moves come to rest alone', async () => {
    const one = await snapping();
    const box = { x: 1050, y: 700, width: 142, height: 98 };
    expect(one.edges(box, { x: 1, y: null })).toEqual({ x: 3, y: 0 });
    expect(one.edges(box, { x: 0, y: 1 })).toEqual({ x: 0, y: 2 });
    expect(one.edgeMarks({ ...box, width: 145 }, { x: 1, y: null })).toEqual([{ kind: 'line', axis: 'x', at: 1195, from: 500, to: 1344, apart: null }]);
});

test('nothing draws before the server has answered, or when it has not', async () => {
    const fetched = globalThis.fetch;
    globalThis.fetch = () => Promise.reject(new TypeError('away'));
    const one = new Snapping({ scale: 1 } as Camera, { screenBox: () => ({ x: 0, y: 0, width: 390, height: 844 }) } as unknown as Picture, '/snap', 'home', null, []);
    await new Promise((go) => setTimeout(go));
    globalThis.fetch = fetched;
    expect(one.move({ x: 99.6, y: 10, width: 10, height: 10 })).toEqual({ box: { x: 100, y: 10, width: 10, height: 10 }, marks: [] });
});

test('words come to rest on the baseline of others, which is shown as one', async () => {
    const resting = await snapping();
    const { box, marks } = resting.move({ x: 1400, y: 500 + 430.5 - 16 + 2, width: 60, height: 23 });
    expect(box.y).toBe(500 + 430.5 - 16);
    expect(marks).toMatchObject([{ kind: 'line', axis: 'y', at: 930.5, baseline: true }]);
    // Edges that a handle moves have nothing to do with it.
    expect(resting.edges({ x: 1400, y: 500 + 430.5 - 16 + 2, width: 60, height: 23 }, { x: null, y: 0 }).y).toBe(0);
});

test('what is copied rests in line with what it is a copy of, which stays', async () => {
    const one = await snapping();
    const original = { x: 1300, y: 700, width: 40, height: 20 };
    expect(one.move({ ...original, x: 1380.4, y: 702.6 }, original).box.y).toBe(700);
    expect(one.move({ ...original, x: 1380.4, y: 702.6 }, original).marks).toContainEqual(expect.objectContaining({ kind: 'line', axis: 'y', at: 700 }));
    // What moves itself does not hold itself back.
    expect(one.move({ ...original, x: 1380.4, y: 702.6 }).box.y).toBe(703);
});
