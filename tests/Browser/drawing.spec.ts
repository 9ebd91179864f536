/** Drawing on screens and on the wall, with the keys that steer it; pictures by dialog. */
import { expect, type FileChooser, type Page } from '@playwright/test';
import { allowError, at, box, drag, near, openBare, openDemo, saved, screen, setField, test } from './support/hand.ts';

async function scale(page: Page): Promise<number> {
    return Number((await page.locator('#zoom').inputValue()).replace('%', '')) / 100;
}

/** P opens the browser's own dialog; the test has to be listening before it does. */
async function choosing(page: Page): Promise<FileChooser> {
    const chooser = page.waitForEvent('filechooser');
    await page.evaluate(() => 0);
    await page.keyboard.press('p');
    return chooser;
}

test('shapes: even with Shift, from the middle with Alt, lines at steps of 45°', async ({ page }) => {
    await openDemo(page, 'Shapes');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const last = booked.locator(':scope > svg > [data-layer]').last();
    const kinds = async (): Promise<number> => booked.locator('[data-layer]').count();

    // S takes box, ellipse and line in turn.
    await page.keyboard.press('s');
    await page.keyboard.press('s');
    await expect(page.locator('#rack [data-shape=ellipse]')).toHaveAttribute('aria-pressed', 'true');
    const before = await kinds();
    await drag(page, await at(booked, 60, 600), await at(booked, 160, 640), ['Shift']);
    await expect.poll(kinds).toBe(before + 1);
    const circle = await box(last);
    expect(circle[2]).toBe(circle[3]);
    expect(circle[2]).toBeGreaterThan(90);

    await page.keyboard.press('s');
    await page.keyboard.press('Shift+S');
    await expect(page.locator('#rack [data-shape=box]')).toHaveAttribute('aria-pressed', 'true');
    const middle = await at(booked, 200, 700);
    await drag(page, middle, [middle[0] + 30, middle[1] + 20], ['Alt']);
    await expect.poll(kinds).toBe(before + 2);
    const [x = 0, y = 0, width = 0, height = 0] = await box(last);
    expect(Math.abs(x + width / 2 - 200)).toBeLessThanOrEqual(1.5);
    expect(Math.abs(y + height / 2 - 700)).toBeLessThanOrEqual(1.5);
    expect(Math.abs(width - 60 / (await scale(page)))).toBeLessThan(4);

    // Taken in hand it is the last shape; again it is the one before.
    for (const shape of ['box', 'arc', 'ring', 'star', 'polygon', 'line']) {
        await page.keyboard.press('Shift+S');
        await expect(page.locator(`#rack [data-shape=${shape}]`)).toHaveAttribute('aria-pressed', 'true');
    }
    await drag(page, await at(booked, 40, 660), await at(booked, 240, 670), ['Shift']);
    await expect.poll(kinds).toBe(before + 3);
    expect((await box(last))[3]).toBe(0);
    await page.keyboard.press('Shift+S');
    await drag(page, await at(booked, 40, 640), await at(booked, 140, 560), ['Shift']);
    await expect.poll(kinds).toBe(before + 4);
    const rising = await box(last);
    expect(rising[2]).toBe(rising[3]);
    expect(await last.locator('line').first().evaluate((line) => Number(line.getAttribute('y1')) > Number(line.getAttribute('y2')))).toBe(true);
    // The tool was given back after each.
    await expect(page.locator('#rack [data-tool=pick]')).toHaveAttribute('aria-pressed', 'true');
});

test('a drag given up with Escape draws nothing', async ({ page }) => {
    await openDemo(page, 'Escape');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const count = await booked.locator('[data-layer]').count();
    await page.keyboard.press('s');
    const from = await at(booked, 60, 600);
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(from[0] + 50, from[1] + 50, { steps: 4 });
    await expect(page.locator('#overlay .rubber')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect(page.locator('#overlay .rubber')).toHaveCount(0);
    await saved(page);
    expect(await booked.locator('[data-layer]').count()).toBe(count);
});

test('an icon is found by what it means, drawn at its size, exchanged and coloured', async ({ page }) => {
    await openDemo(page, 'Icons');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const count = await booked.locator('[data-kind=icon]').count();
    await page.keyboard.press('i');
    await page.getByLabel('Search icons').fill('calendar');
    const found = page.locator('#icons [data-icon]');
    await expect(found.first()).toHaveAttribute('data-icon', /calendar/);
    await found.first().click();
    await drag(page, await at(booked, 60, 600), await at(booked, 108, 640));
    await expect(booked.locator('[data-kind=icon]')).toHaveCount(count + 1);
    const icon = booked.locator('[data-kind=icon]').last();
    const [, , width = 0, height = 0] = await box(icon);
    expect(width).toBe(height);
    expect(Math.abs(width - 48)).toBeLessThanOrEqual(2);
    const was = await icon.innerHTML();
    await page.locator('#facets [data-do=exchange-icon]').click();
    await page.getByLabel('Search icons').fill('flame');
    await page.locator('#icons [data-icon=flame]').click();
    await expect.poll(() => icon.innerHTML()).not.toBe(was);
    await setField(page, 'Colour', '#b4472e');
    await expect(icon.locator('[stroke="#b4472e"]').first()).toBeAttached();
});

test('a picture by dialog lies on the current screen; what is none is refused', async ({ page }) => {
    allowError(/422/);
    await openDemo(page, 'Pictures');
    await near(page, 'Kiln status');
    const kiln = screen(page, 'Kiln status');
    await (await choosing(page)).setFiles('database/demo/pictures/bowl.png');
    const picture = kiln.locator('[data-kind=picture]').last();
    await expect(picture.locator('image')).toHaveAttribute('href', /assets/);
    const [x = 0, , width = 0] = await box(picture);
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x + width).toBeLessThanOrEqual(390);
    await expect(page.locator('#facets .subject input')).toHaveValue('bowl');
    await page.locator('#facets').getByLabel('Fits by', { exact: true }).selectOption('contain');
    await saved(page);
    await expect(picture.locator('image')).toHaveAttribute('preserveAspectRatio', 'xMidYMid meet');

    const count = await kiln.locator('[data-kind=picture]').count();
    await (await choosing(page)).setFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('these are words') });
    await expect(page.locator('#toast')).toContainText('This is no picture that can be read');
    expect(await kiln.locator('[data-kind=picture]').count()).toBe(count);
});

test('several layers: mixed values show as mixed and are set together', async ({ page }) => {
    await openDemo(page, 'Mixed');
    await near(page, 'Kiln status');
    await page.keyboard.press('Control+a');
    await expect(page.locator('#facets .subject')).toContainText('layers');
    const field = page.locator('#facets').getByLabel('Y', { exact: true });
    await expect(field).toHaveValue('');
    await expect(field).toHaveAttribute('placeholder', 'mixed');
    await field.fill('40');
    await field.press('Enter');
    await expect(field).toHaveValue('40');
    await saved(page);
    const tops = await screen(page, 'Kiln status').locator(':scope > svg > [data-layer]').evaluateAll((layers) => layers.map((layer) => layer.getAttribute('data-box')!.split(' ')[1]));
    expect(new Set(tops)).toEqual(new Set(['40']));
    await page.keyboard.press('Control+z');
    await expect(field).toHaveAttribute('placeholder', 'mixed');
});

test('a screen of its own size has limits, said where they are', async ({ page }) => {
    await openDemo(page, 'Sizes');
    await page.keyboard.press('a');
    const dialog = page.locator('#devices');
    await dialog.getByLabel('Width, px').fill('20001');
    await dialog.getByRole('button', { name: 'Add this size' }).click();
    expect(await dialog.getByLabel('Width, px').evaluate((input: HTMLInputElement) => input.validity.rangeOverflow)).toBe(true);
    await dialog.getByLabel('Width, px').fill('1024');
    await dialog.getByLabel('Height, px').fill('600');
    await dialog.getByRole('button', { name: 'Add this size' }).click();
    await expect(page.locator('article.screen')).toHaveCount(8);
    const added = page.locator('article.screen').last();
    expect((await box(added)).slice(2)).toEqual([1024, 600]);
    // Beside all others, on none of them.
    const boxes = await page.locator('article.screen').evaluateAll((all) => all.map((one) => (one as HTMLElement).dataset['box']!.split(' ').map(Number)));
    const [left] = boxes.at(-1)!;
    expect(Math.max(...boxes.slice(0, -1).map(([x, , width]) => x! + width!))).toBeLessThan(left!);
});

test('a shape that is drawn upon another of its colour is seen', async ({ page }) => {
    const bare = await openBare(page, 'Seen');
    const layers = bare.locator(':scope > svg > [data-layer]');
    const count = await layers.count();
    const draw = async (from: [number, number], to: [number, number], many: number): Promise<void> => {
        await page.keyboard.press('s');
        await drag(page, await at(bare, ...from), await at(bare, ...to), ['Control']);
        await expect(layers).toHaveCount(count + many);
        await saved(page);
    };
    await draw([40, 100], [240, 220], 1);
    await draw([60, 120], [120, 180], 2);
    await draw([260, 100], [340, 180], 3);
    await draw([75, 135], [105, 165], 4);
    // By keys, too: in the middle of the screen.
    await draw([40, 300], [350, 560], 5);
    await page.keyboard.press('Escape');
    await page.keyboard.press('s');
    await page.keyboard.press('Enter');
    await expect(layers).toHaveCount(count + 6);
    await saved(page);
    expect(await layers.evaluateAll((all, from) => all.slice(from).map((one) => one.querySelector('[fill^="#"]')?.getAttribute('fill')), count)).toEqual(['#d5d9d7', '#a9b1ad', '#d5d9d7', '#d5d9d7', '#d5d9d7', '#a9b1ad']);
});
