/** Stacks by hand: made from what lies there, reordered, spaced, resized. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, bareScreen, box, drag, extent, likeReload, middle, near, openBare, openDemo, saved, screen, setField, test } from './support/hand.ts';

async function draw(page: Page, on: Locator, x: number, y: number, right: number, bottom: number): Promise<string> {
    await page.keyboard.press('s');
    await drag(page, await at(on, x, y), await at(on, right, bottom), ['Control']);
    const id = (await on.locator(':scope > svg > [data-layer]').last().getAttribute('data-layer'))!;
    await expect(page.locator('#facets [data-rename]')).toHaveAttribute('data-rename', id);
    return id;
}

test('three boxes become a column that keeps their places; dragging reorders it, brackets space it', async ({ page }) => {
    const bare = await openBare(page, 'Stack');
    const [first, second, third] = [await draw(page, bare, 40, 100, 240, 150), await draw(page, bare, 40, 170, 180, 210), await draw(page, bare, 40, 230, 300, 280)];
    const layer = (id: string): Locator => bare.locator(`[data-layer="${id}"]`);
    const before = await Promise.all([first, second, third].map((id) => layer(id).boundingBox()));
    await drag(page, await at(bare, 10, 60), await at(bare, 380, 320), ['Control']);
    await expect(page.locator('#facets .subject')).toContainText('3 layers');
    // The layout that is there already is offered with what was read off it.
    await expect(page.locator('#facets').getByRole('button', { name: 'Stack column, gap 20' })).toBeVisible();
    await page.keyboard.press('l');
    await saved(page);
    await expect(page.locator('#facets .subject .kind')).toHaveText('stack');
    const stack = bare.locator('[data-kind=stack]');
    expect((await box(stack)).slice(0, 4)).toEqual([40, 100, 260, 180]);
    expect(await Promise.all([first, second, third].map((id) => layer(id).boundingBox()))).toEqual(before);

    // The last goes first: an insertion mark shows where, and the stack closes up.
    const grip = await at(bare, 260, 255);
    await page.mouse.dblclick(...grip);
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    await page.mouse.move(...grip);
    await page.mouse.down();
    const above = await at(bare, 120, 108);
    await page.mouse.move(grip[0], grip[1] - 20, { steps: 3 });
    await page.mouse.move(...above, { steps: 6 });
    await expect(page.locator('#overlay .slot')).toHaveCount(1);
    await page.mouse.up();
    await saved(page);
    await expect.poll(() => box(layer(third))).toEqual([0, 0, 260, 50, 0]);
    expect(await box(layer(first))).toEqual([0, 70, 200, 50, 0]);
    await page.keyboard.press('Control+z');
    await expect.poll(() => box(layer(third))).toEqual([0, 130, 260, 50, 0]);

    // A gap pulled by its bracket, ten px longer.
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets .subject .kind')).toHaveText('stack');
    const scale = ((await extent(layer(first))).width) / 200;
    const bracket = page.locator('#overlay .space.ns').filter({ has: page.locator('title', { hasText: 'row gap' }) }).first().locator('.space-grip');
    const hold = await middle(bracket);
    await drag(page, hold, [hold[0], hold[1] + 10 * scale]);
    await expect.poll(() => box(stack)).toEqual([40, 100, 260, 200, 0]);
    expect(await box(layer(second))).toEqual([0, 80, 140, 40, 0]);

    // As a row that wraps, in a set width.
    const facets = page.locator('#facets');
    await facets.getByLabel('Direction').selectOption('row');
    await saved(page);
    await expect.poll(async () => (await box(layer(third))).slice(0, 2)).toEqual([380, 0]);
    await setField(page, 'W', '300');
    await facets.getByLabel('Wrap').selectOption('wrap');
    await saved(page);
    // Lines of one, one and one: 200 + 30 + 140 is more than there is room for.
    await expect.poll(async () => (await box(layer(third))).slice(0, 2)).toEqual([0, 150]);
    await setField(page, 'Padding', '12');
    await expect.poll(async () => (await box(layer(first))).slice(0, 2)).toEqual([12, 12]);

    // Taken out of the stack by dragging it away.
    await page.mouse.dblclick(...(await middle(layer(second))));
    await expect(facets.locator('.subject .kind')).toHaveText('box');
    await drag(page, await middle(layer(second)), await at(bare, 200, 700));
    await expect(bare.locator(':scope > svg > [data-layer]')).toHaveCount(2);
    await expect(bare.locator('[data-kind=stack] > [data-layer]')).toHaveCount(2);
    await page.keyboard.press('Control+z');
    await expect(bare.locator('[data-kind=stack] > [data-layer]')).toHaveCount(3);
});

test('a stack flows while it is resized, and the wall is as it was when the gesture is given up', async ({ page }) => {
    const bare = await openBare(page, 'Reflow');
    const [left, right] = [await draw(page, bare, 20, 100, 120, 140), await draw(page, bare, 140, 100, 200, 140)];
    await drag(page, await at(bare, 10, 60), await at(bare, 380, 320), ['Control']);
    await page.keyboard.press('l');
    await saved(page);
    const stack = bare.locator('[data-kind=stack]');
    await page.mouse.dblclick(...(await at(bare, 50, 120)));
    await page.locator('#facets').getByLabel('Width', { exact: true }).first().selectOption('stretch');
    await saved(page);
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets .subject .kind')).toHaveText('stack');
    await setField(page, 'W', '220');
    await expect.poll(() => box(bare.locator(`[data-layer="${left}"]`))).toEqual([0, 0, 140, 40, 0]);

    const corner = await middle(page.locator('#overlay [data-handle=se]'));
    const wider = await at(bare, 340, 120);
    await page.mouse.move(...corner);
    await page.mouse.down();
    await page.keyboard.down('Control');
    await page.mouse.move(corner[0] + 30, corner[1], { steps: 3 });
    await page.mouse.move(wider[0], corner[1], { steps: 6 });
    // Before the pointer is up the server has laid it out again.
    await expect.poll(async () => (await box(bare.locator(`[data-layer="${left}"]`)))[2]).toBeGreaterThan(200);
    await page.keyboard.up('Control');
    await page.keyboard.press('Escape');
    await page.mouse.up();
    expect(await box(stack)).toEqual([20, 100, 220, 40, 0]);
    expect(await box(bare.locator(`[data-layer="${left}"]`))).toEqual([0, 0, 140, 40, 0]);
    expect(await box(bare.locator(`[data-layer="${right}"]`))).toEqual([160, 0, 60, 40, 0]);
});

test('pins hold a layer to the edges when the device changes', async ({ page }) => {
    await openDemo(page, 'Pins');
    const bare = await bareScreen(page);
    const id = await draw(page, bare, 24, 700, 366, 756);
    const facets = page.locator('#facets');
    for (const edge of ['right', 'bottom']) {
        await facets.getByRole('button', { name: `Pin ${edge}` }).click();
        await expect(facets.getByRole('button', { name: `Pin ${edge}` })).toHaveAttribute('aria-pressed', 'true');
    }
    await facets.getByRole('button', { name: 'Pin top' }).click();
    await expect(facets.getByRole('button', { name: 'Pin top' })).toHaveAttribute('aria-pressed', 'false');
    await bare.locator('.screen-name').click();
    await facets.getByLabel('Device').selectOption('tablet');
    await saved(page);
    await expect.poll(() => box(bare.locator(`[data-layer="${id}"]`))).toEqual([24, 1036, 772, 56, 0]);
    await page.keyboard.press('Control+z');
    await expect.poll(() => box(bare.locator(`[data-layer="${id}"]`))).toEqual([24, 700, 342, 56, 0]);
    expect(await screen(page, 'Booked').count()).toBe(1);
});

test('what holds other layers is stacked, grouped, taken apart and undone, and the wall shows what a reload draws', async ({ page }) => {
    await openDemo(page, 'Nested');
    await near(page, 'Book a wheel');
    const book = screen(page, 'Book a wheel');
    await likeReload(page, book);
    const pickTimes = async (): Promise<void> => {
        await page.keyboard.press('Escape');
        await page.mouse.click(...(await middle(book.locator('text', { hasText: '10:00' }))));
        await page.keyboard.down('Shift');
        for (const time of ['14:00', '18:00', '20:00']) await page.mouse.click(...(await middle(book.locator('text', { hasText: time }).first())));
        await page.keyboard.up('Shift');
        await expect(page.locator('#facets .subject')).toContainText('4 layers');
    };
    await pickTimes();
    for (const [key, count] of [['l', 1], ['Control+z', 0], ['Control+Shift+z', 1], ['Control+z', 0]] as const) {
        await page.keyboard.press(key);
        await expect(book.locator('[data-kind=stack]')).toHaveCount(count);
        await likeReload(page, book);
    }
    await pickTimes();
    const groups = await book.locator('[data-kind=group]').count();
    await page.keyboard.press('Control+g');
    await expect(book.locator('[data-kind=group]')).toHaveCount(groups + 1);
    await likeReload(page, book);
    await page.keyboard.press('Control+Shift+g');
    await expect(book.locator('[data-kind=group]')).toHaveCount(groups);
    await likeReload(page, book);
});
