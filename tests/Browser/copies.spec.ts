/** Copies: made at equal distances, found again, edited together, gathered into an array; sections moved with all below. */
import { expect, type Locator } from '@playwright/test';
import { at, bareScreen, box, drag, middle, openBare, openDemo, saved, screen, setField, test } from './support/hand.ts';

test('copies at equal distances are found, edited together, and gathered into an array', async ({ page }) => {
    await openDemo(page, 'Copies');
    const bare = await bareScreen(page);
    const facets = page.locator('#facets');
    const kind = facets.locator('.subject .kind');
    // A card of a ground and a name.
    await page.keyboard.press('s');
    await drag(page, await at(bare, 24, 60), await at(bare, 184, 130), ['Control']);
    await expect(kind).toHaveText('box');
    await page.keyboard.press('w');
    await drag(page, await at(bare, 36, 72), await at(bare, 170, 90));
    await page.locator('#writing').fill('Bowl');
    await page.locator('#writing').press('Control+Enter');
    await expect(kind).toHaveText('text');
    await drag(page, await at(bare, 10, 40), await at(bare, 380, 150), ['Control']);
    await page.keyboard.press('Control+g');
    await expect(kind).toHaveText('group');
    const cards = bare.locator(':scope > svg > [data-kind=group]');
    // Alt and drag copies; Ctrl D copies again at the same distance, twice.
    await drag(page, await at(bare, 100, 110), await at(bare, 100, 200), ['Alt', 'Control']);
    await expect(cards).toHaveCount(2);
    await page.keyboard.press('Control+d');
    await expect(cards).toHaveCount(3);
    await page.keyboard.press('Control+d');
    await expect(cards).toHaveCount(4);
    await saved(page);
    const tops = await cards.evaluateAll((all) => all.map((card) => Number(card.getAttribute('data-box')!.split(' ')[1])));
    expect(tops.map((top, i) => top - tops[0]! - i * (tops[1]! - tops[0]!))).toEqual([0, 0, 0, 0]);

    // The second is called otherwise; what differs is shown.
    const name = (i: number): Locator => cards.nth(i).locator('[data-kind=text]');
    await page.mouse.dblclick(...(await middle(name(1))));
    await page.locator('#writing').fill('Mug');
    await page.locator('#writing').press('Control+Enter');
    await saved(page);
    await page.keyboard.press('Escape');
    await expect(kind).toHaveText('group');
    await facets.getByRole('button', { name: 'Find copies' }).click();
    const dialog = page.locator('#copies');
    await expect(dialog).toContainText('3 more groups are made of the same parts');
    await expect(dialog).toContainText('words: Mug, Bowl');

    // Together: one ground is coloured, and all are; where a copy lies, and its words, stay its own.
    await dialog.getByRole('button', { name: 'Edit together' }).click();
    await expect(page.locator('#together')).toContainText('Editing 4 copies together');
    await page.mouse.dblclick(...(await at(bare, 150, tops[2]! + 60)));
    await expect(kind).toHaveText('box');
    await expect(page.locator('#overlay .mate')).toHaveCount(3);
    await setField(page, 'Fill', '#d9a441');
    await expect(cards.locator('[data-kind=box] > rect[fill="#d9a441"]')).toHaveCount(4);
    // By hand too: the ground is pulled wider.
    const grip = await middle(page.locator('#overlay [data-handle=se]'));
    await drag(page, grip, [grip[0] + 30, grip[1]], ['Control']);
    const widths = async (): Promise<number[]> => cards.locator('[data-kind=box]').evaluateAll((all) => all.map((one) => Number(one.getAttribute('data-box')!.split(' ')[2])));
    await expect.poll(async () => new Set(await widths()).size).toBe(1);
    expect((await widths())[0]).toBeGreaterThan(180);
    await page.getByRole('button', { name: 'Stop' }).click();
    await setField(page, 'Fill', '#b4472e');
    await expect(cards.locator('[data-kind=box] > rect[fill="#d9a441"]')).toHaveCount(3);

    // Gathered, nothing of what differs is lost.
    await page.keyboard.press('Escape');
    await expect(kind).toHaveText('group');
    await facets.getByRole('button', { name: 'Find copies' }).click();
    await dialog.getByRole('button', { name: 'Make an array of the 4 here' }).click();
    const cells = bare.locator('[data-kind=array] > [data-layer]');
    await expect(cells).toHaveCount(4);
    expect(await cells.locator('[data-kind=text]').allTextContents()).toEqual(['Bowl', 'Mug', 'Bowl', 'Bowl']);
    expect(await cells.locator('[data-kind=box] > rect').evaluateAll((all) => all.map((one) => one.getAttribute('fill')))).toEqual(['#d9a441', '#d9a441', '#b4472e', '#d9a441']);
    await page.keyboard.press('Control+z');
    await expect(cards).toHaveCount(4);

    // As instances of a component, neither.
    await page.mouse.click(...(await middle(cards.first().locator('[data-kind=box]'))));
    await expect(kind).toHaveText('group');
    await facets.getByRole('button', { name: 'Find copies' }).click();
    await dialog.getByRole('button', { name: 'Make a component of all 4' }).click();
    await expect(kind).toHaveText('instance');
    const uses = page.locator('article.screen:not([data-sheet]) > svg > [data-kind=instance]');
    await expect(uses).toHaveCount(4);
    expect(await uses.locator('[data-kind=text]').allTextContents()).toEqual(['Bowl', 'Mug', 'Bowl', 'Bowl']);
    expect(await uses.locator('[data-kind=box] > rect').evaluateAll((all) => all.map((one) => one.getAttribute('fill')))).toEqual(['#d9a441', '#d9a441', '#b4472e', '#d9a441']);
});

test('a section moves with all that lies below it; copies go to several screens at once', async ({ page }) => {
    await openDemo(page, 'Sections');
    const bare = await bareScreen(page);
    for (const [top, bottom] of [[40, 100], [120, 200], [640, 800]] as const) {
        await page.keyboard.press('s');
        await drag(page, await at(bare, 30, top), await at(bare, 330, bottom), ['Control']);
        await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    }
    const layers = bare.locator(':scope > svg > [data-layer]');
    const tops = (): Promise<number[]> => layers.evaluateAll((all) => all.map((one) => Number(one.getAttribute('data-box')!.split(' ')[1])));
    const before = await tops();
    await page.mouse.click(...(await middle(layers.nth(1))));
    await expect(page.locator('#facets').getByLabel('Y', { exact: true })).toHaveValue(String(before[1]));
    // B held: 90 px down, with the one below, and only down; the screen grows for it.
    await drag(page, await middle(layers.nth(1)), [(await middle(layers.nth(1)))[0] + 25, (await at(bare, 0, (before[1]! + 40) + 90))[1]], ['b', 'Control']);
    const after = await tops();
    expect(after[0]).toBe(before[0]);
    expect(after[2]! - before[2]!).toBe(after[1]! - before[1]!);
    expect(after[1]! - before[1]!).toBeGreaterThan(80);
    expect((await box(layers.nth(1)))[0]).toBe(30);
    expect(Number((await bare.getAttribute('data-box'))!.split(' ')[3])).toBe(Math.ceil(after[2]! + 160));
    // And by keys.
    await page.keyboard.down('b');
    await page.keyboard.press('Shift+ArrowUp');
    await page.keyboard.up('b');
    await saved(page);
    await expect.poll(tops).toEqual([after[0], after[1]! - 10, after[2]! - 10]);

    await page.keyboard.press('Control+c');
    await page.keyboard.press('f');
    await page.keyboard.press('f');
    const [booked, today] = [screen(page, 'Booked'), screen(page, 'Today')];
    const counts = await Promise.all([booked, today].map((one) => one.locator('[data-layer]').count()));
    await booked.locator('.screen-name').click();
    await today.locator('.screen-name').click({ modifiers: ['Shift'] });
    await page.keyboard.press('Control+v');
    await expect(booked.locator('[data-layer]')).toHaveCount(counts[0]! + 1);
    await expect(today.locator('[data-layer]')).toHaveCount(counts[1]! + 1);
    await page.keyboard.press('Control+z');
    await expect(booked.locator('[data-layer]')).toHaveCount(counts[0]!);
    await expect(today.locator('[data-layer]')).toHaveCount(counts[1]!);
});

test('keys that follow each other quickly are carried out in their order', async ({ page }) => {
    const bare = await openBare(page, 'Quick');
    await page.keyboard.press('s');
    await drag(page, await at(bare, 30, 100), await at(bare, 130, 200), ['Control']);
    const layers = bare.locator(':scope > svg > [data-layer]');
    const places = (): Promise<number[]> => layers.evaluateAll((all) => all.map((one) => Number(one.getAttribute('data-box')!.split(' ')[1])));
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    const [y] = await places();
    // The copy is of the place after the step, and undo takes back the paste, not the step.
    for (const key of ['Shift+ArrowDown', 'Control+c', 'Shift+ArrowDown', 'Control+v']) await page.keyboard.press(key);
    await expect.poll(places).toEqual([y! + 20, y! + 26]);
    await page.keyboard.press('Control+z');
    await expect.poll(places).toEqual([y! + 20]);
    await page.keyboard.press('Control+z');
    await expect.poll(places).toEqual([y! + 10]);
});
