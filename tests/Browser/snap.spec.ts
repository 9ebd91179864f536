/** Coming to rest against what lies around, by hand. */
import { expect, type Page } from '@playwright/test';
import { at, box, drag, extent, middle, near, openBare, openDemo, pick, saved, screen, test } from './support/hand.ts';

/** Drags and looks before letting go. The press asks what there is to snap to: the answer is waited for from before it. */
async function held(page: Page, from: [number, number], to: [number, number], look: () => Promise<void>): Promise<void> {
    await page.mouse.move(...from);
    const answer = page.waitForResponse(/\/snap\?/);
    await page.mouse.down();
    await page.mouse.move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2, { steps: 3 });
    await answer;
    await page.mouse.move(to[0], to[1], { steps: 4 });
    await look();
    await page.mouse.up();
    await saved(page);
}

test('a layer comes to rest in the middle of its screen, with the guide shown; Ctrl leaves it free', async ({ page }) => {
    await openDemo(page, 'Snap');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const ring = booked.locator('[data-layer][data-kind=ellipse]');
    const guides = page.locator('#overlay .guide');
    const start = await at(booked, 145, 250);
    await pick(page, start, 'ellipse');
    const [x = 0] = await box(ring);
    expect(x + 60).toBe(195);
    // Away with Ctrl, to no round place.
    await drag(page, start, [start[0] + 23, start[1] + 9], ['Control']);
    const away = (await box(ring))[0]!;
    expect(away).toBeGreaterThan(x + 20);
    const from = await at(booked, away + 60, (await box(ring))[1]! + 12);
    await held(page, from, [from[0] - 20, from[1]], async () => {
        await expect(guides).not.toHaveCount(0);
    });
    await expect(guides).toHaveCount(0);
    expect((await box(ring))[0]).toBe(x);

    // The same way with Ctrl it stays where the hand left it.
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await box(ring))[0]).toBe(away);
    await drag(page, from, [from[0] - 20, from[1]], ['Control']);
    const free = (await box(ring))[0]!;
    expect(free).not.toBe(x);
    expect(Math.abs(free - x)).toBeLessThan(9);
});

test('equal gaps are found and numbered, also in a drawing of one’s own', async ({ page }) => {
    await openDemo(page, 'Gaps');
    await page.keyboard.press('a');
    await page.locator('#devices').getByRole('button', { name: /^Phone / }).click();
    const bare = page.locator('article.screen').last();
    await expect(page.locator('article.screen')).toHaveCount(8);
    await saved(page);
    await page.keyboard.press('f');
    const last = bare.locator(':scope > svg > [data-layer]').last();
    const draw = async (x: number, y: number): Promise<void> => {
        await page.keyboard.press('s');
        await drag(page, await at(bare, x, y), await at(bare, x + 40, y + 24), ['Control']);
        await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    };
    await draw(20, 60);
    const first = await box(last);
    await draw(90, 60);
    const second = await box(last);
    await draw(190, 60);
    const third = await box(last);
    const gap = second[0]! - first[0]! - first[2]!;
    const grip = await at(bare, third[0]! + 10, third[1]! + 12);
    // Three px short of the place where the gap repeats.
    const target = second[0]! + second[2]! + gap;
    const there = await at(bare, target + 10 + 3, third[1]! + 12);
    const marks = page.locator('#overlay .gap');
    await held(page, grip, [there[0], there[1]], async () => {
        // Both gaps, and how far the neighbour is whose edges it meets.
        await expect(marks).toHaveCount(2);
        await expect(page.locator('#overlay .guides text', { hasText: new RegExp(`^${gap}$`) })).toHaveCount(3);
    });
    expect((await box(last))[0]).toBe(target);

    // The edge of a resize comes to rest against the edge of a neighbour.
    await page.keyboard.press('Escape');
    await pick(page, await at(bare, first[0]! + 8, first[1]! + 8), 'box');
    const south = await extent(page.locator('#overlay [data-handle=se]'));
    const middle: [number, number] = [south.x + south.width / 2, south.y + south.height / 2];
    const edge = await at(bare, second[0]!, first[1]! + first[3]!);
    const corner = await at(bare, first[0]! + first[2]!, first[1]! + first[3]!);
    await held(page, middle, [middle[0] + edge[0] - corner[0] - 2, middle[1] + 30], async () => {
        await expect(page.locator('#overlay .guide')).not.toHaveCount(0);
    });
    const grown = await box(bare.locator(`[data-layer="${await page.locator('#facets [data-rename]').getAttribute('data-rename')}"]`));
    expect(grown[0]! + grown[2]!).toBe(second[0]);
});

test('M held shows how far the selection is from what is under the pointer, locked layers too', async ({ page }) => {
    await openDemo(page, 'Measure');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    await pick(page, await at(booked, 145, 250), 'ellipse');
    const numbers = page.locator('#overlay .guides text');
    // Over the bare screen: to its four edges. The ring is 120 px wide at 135, 190.
    await page.mouse.move(...(await at(booked, 30, 120)));
    await page.keyboard.down('m');
    await expect(numbers).toHaveText(['135', '135', '190', '534']);
    const number = booked.locator('[data-kind=group]').first();
    const other = await box(number);
    await page.mouse.move(...(await at(booked, other[0]! + 4, other[1]! + other[3]! / 2)));
    await expect(numbers.last()).toHaveText(String(other[1]! - 310));
    await page.keyboard.up('m');
    await expect(numbers).toHaveCount(0);
});

test('layers are brought into line and their gaps made equal by the facets', async ({ page }) => {
    await openDemo(page, 'Align');
    await page.keyboard.press('a');
    await page.locator('#devices').getByRole('button', { name: /^Phone / }).click();
    const bare = page.locator('article.screen').last();
    await expect(page.locator('article.screen')).toHaveCount(8);
    await saved(page);
    await page.keyboard.press('f');
    const places: [number, number, number, number][] = [[30, 90, 90, 130], [150, 120, 190, 190], [270, 60, 350, 100]];
    for (const [x, y, right, bottom] of places) {
        await page.keyboard.press('s');
        await drag(page, await at(bare, x, y), await at(bare, right, bottom), ['Control']);
    }
    await expect(bare.locator('[data-layer]')).toHaveCount(3);
    await drag(page, await at(bare, 10, 40), await at(bare, 380, 300), ['Control']);
    await expect(page.locator('#facets .subject')).toContainText('3 layers');
    const boxes = (): Promise<number[][]> => bare.locator('[data-layer]').evaluateAll((layers) => layers.map((layer) => layer.getAttribute('data-box')!.split(' ').map(Number)));

    await page.getByRole('button', { name: 'Align middle' }).click();
    await saved(page);
    await expect.poll(async () => new Set((await boxes()).map(([, y = 0, , height = 0]) => y + height / 2)).size).toBe(1);
    await page.locator('#facets').getByLabel('with').selectOption('parent');
    await page.getByRole('button', { name: 'Align bottom' }).click();
    await saved(page);
    await expect.poll(async () => (await boxes()).map(([, y = 0, , height = 0]) => y + height)).toEqual([844, 844, 844]);

    await page.getByRole('button', { name: 'Set gaps across' }).click();
    await saved(page);
    const gaps = async (): Promise<number[]> => {
        const [a, b, c] = (await boxes()) as [number[], number[], number[]];
        return [b[0]! - a[0]! - a[2]!, c[0]! - b[0]! - b[2]!].map((gap) => Math.round(gap * 100) / 100);
    };
    await expect.poll(async () => { const [one, two] = await gaps(); return Math.abs(one! - two!); }).toBeLessThan(0.02);
    await page.locator('#gap').fill('12');
    await page.getByRole('button', { name: 'Set gaps across' }).click();
    await expect.poll(gaps).toEqual([12, 12]);
    await page.getByRole('button', { name: 'History' }).click();
    await expect(page.locator('#steps')).toContainText('Set the gap of 3 layers');
});

test('words come to rest on the baseline of others, which is shown', async ({ page }) => {
    const bare = await openBare(page, 'Baselines');
    for (const [words, y, size] of [['Stoneware', 200, '40'], ['Earth', 320, '16']] as const) {
        await page.keyboard.press('t');
        await page.mouse.click(...(await at(bare, words === 'Earth' ? 260 : 20, y)));
        await page.keyboard.type(words);
        await page.keyboard.press('Control+Enter');
        await saved(page);
        await page.locator('#f-style-size').fill(size);
        await page.locator('#f-style-size').press('Enter');
        await saved(page);
        await page.locator('#f-style-size').press('Escape');
    }
    const [large, small] = [bare.locator('[data-kind=text]').first(), bare.locator('[data-kind=text]').last()];
    const baseline = async (text: typeof large): Promise<number> => (await box(text))[1]! + Number(await text.locator('tspan').first().getAttribute('y'));
    const [x = 0, y = 0, width = 0, height = 0] = await box(small);
    const from = await at(bare, x + width / 2, y + height / 2);
    const to = await at(bare, x + width / 2 + 3, y + height / 2 - (await baseline(small)) + (await baseline(large)) - 1);
    await held(page, from, to, async () => {
        await expect(page.locator('#overlay .guide.baseline')).not.toHaveCount(0);
    });
    expect(Math.abs((await baseline(small)) - (await baseline(large)))).toBeLessThan(0.02);

    // With a grid on the screen one sees what the selected words stand on.
    await expect(page.locator('#overlay .marks .baseline')).toHaveCount(0);
    await bare.locator('.screen-name').click();
    await page.locator('#facets:not([aria-busy]) #add-grid').selectOption('baseline');
    await saved(page);
    await pick(page, await middle(small), 'text');
    await expect(page.locator('#overlay .marks .baseline')).toHaveCount(1);
});
