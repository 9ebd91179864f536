/** Painting by hand: fills, gradients on the wall, strokes, shadows, colours taken from the wall. */
import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, at, bareScreen, drag, extent, middle, openBare, openDemo, pick, saved, screen, test } from './support/hand.ts';

const facets = (page: Page): Locator => page.locator('#facets:not([aria-busy])');

async function boxOn(page: Page, bare: Locator): Promise<void> {
    await page.keyboard.press('s');
    await drag(page, await at(bare, 40, 80), await at(bare, 340, 280), ['Control']);
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    await saved(page);
}

test('a gradient is laid by its line, takes a stop by a press and loses it by a pull, and is typed as CSS', async ({ page }) => {
    await openDemo(page, 'Gradient');
    const bare = await bareScreen(page);
    await boxOn(page, bare);
    await facets(page).getByRole('button', { name: 'Details of fill' }).click();
    await page.locator('#f-fills-0-kind').selectOption('linear');
    const paint = page.locator('#f-fills-0-paint');
    await expect(paint).toHaveValue(/^linear-gradient\(/);
    const stops = page.locator('#overlay .gradient-stop');
    await expect(stops).toHaveCount(2);

    // The first end goes with the pointer, the line running through the middle of the box.
    const from = await middle(stops.first());
    await drag(page, from, [from[0] - 50, from[1] + 60]);
    await expect(paint).toHaveValue(/^linear-gradient\(1\d\d(\.\d+)?deg, /);
    await expect.poll(async () => Math.hypot((await middle(stops.first()))[0] - from[0] + 50, (await middle(stops.first()))[1] - from[1] - 60)).toBeLessThan(3);

    // A press on the line makes a stop, a press on that colours it.
    const [a, b] = [await middle(stops.first()), await middle(stops.last())];
    await page.mouse.click((a[0] + b[0]) / 2, (a[1] + b[1]) / 2);
    await expect(stops).toHaveCount(3);
    await saved(page);
    await page.mouse.click(...(await middle(stops.nth(1))));
    await page.getByLabel('Colour as text').fill('gold');
    await page.keyboard.press('Enter');
    await expect(paint).toHaveValue(/#ffd700/);
    await page.keyboard.press('Escape');

    // Pulled far off the line it goes; undo brings it back.
    const off = await middle(stops.nth(1));
    await drag(page, off, [off[0] + 70, off[1] + 50]);
    await expect(stops).toHaveCount(2);
    await expect(paint).not.toHaveValue(/#ffd700/);
    await page.keyboard.press('Control+z');
    await expect(paint).toHaveValue(/#ffd700/);

    await paint.fill('conic-gradient(from 45deg, red, 30%, teal)');
    await paint.press('Enter');
    await expect(page.locator('#f-fills-0-kind')).toHaveValue('conic');
    allowError(/422/);
    await paint.fill('linear-gradient(red)');
    await paint.press('Enter');
    await expect(facets(page).getByRole('alert')).toHaveText(/two colours/);
});

test('fills are added, hidden, reordered and removed, and dots are one press', async ({ page }) => {
    const bare = await openBare(page, 'Coats');
    await boxOn(page, bare);
    const layer = bare.locator(':scope > svg > [data-kind=box]').last();
    await facets(page).getByRole('button', { name: 'Fill', exact: true }).click();
    const second = page.locator('#f-fills-1-paint');
    await expect(second).toHaveValue('#d5d9d7');
    await page.locator('#f-fills-0-paint').fill('#a94c31');
    await page.locator('#f-fills-0-paint').press('Enter');
    await expect(layer.locator('rect[fill="#a94c31"]')).toHaveCount(1);
    await facets(page).getByRole('button', { name: 'Hide fill', exact: true }).click();
    await expect(layer.locator('rect[fill="#a94c31"]')).toHaveCount(0);
    await page.locator('label[for=f-fills-1-paint]').dragTo(page.locator('label[for=f-fills-0-paint]'));
    await expect(second).toHaveValue('#a94c31');
    await expect(page.locator('#f-fills-0-paint')).toHaveValue('#d5d9d7');

    await page.locator('#f-strokes-0-paint').fill('teal');
    await page.locator('#f-strokes-0-paint').press('Enter');
    await facets(page).getByRole('button', { name: 'Details of stroke' }).click();
    await facets(page).getByRole('button', { name: 'Dots' }).click();
    await expect(layer.locator('[stroke-dasharray="0 2"][stroke-linecap=round]')).toHaveCount(1);
    await saved(page);
    await page.keyboard.press('Control+z');
    await expect(layer.locator('[stroke-dasharray], [stroke-linecap]')).toHaveCount(0);

    // One side alone: the others stay as wide as the stroke until a width sets all of them.
    const side = page.locator('[data-field="strokes.0.sides.bottom"]');
    await expect(side).toHaveValue('1');
    await side.fill('6');
    await side.press('Enter');
    await expect(layer.locator('path[fill-rule=evenodd]')).toHaveCount(1);
    await expect(page.locator('[data-field="strokes.0.sides.top"]')).toHaveValue('1');
    await page.locator('#f-strokes-0-width').fill('3');
    await page.locator('#f-strokes-0-width').press('Enter');
    await expect(side).toHaveValue('3');
});

test('a colour is dragged with the wall showing it, taken from the wall, and mended to be read', async ({ page }) => {
    await openDemo(page, 'Colour');
    const welcome = screen(page, 'Welcome');
    await welcome.locator('.screen-name').click();
    await page.keyboard.press('f');
    await pick(page, await at(welcome, 100, 480), 'text');
    const paint = page.locator('#f-fills-0-paint');
    const words = welcome.locator('text', { hasText: 'Hands in clay' });
    await facets(page).getByRole('button', { name: 'Colour, choose' }).click();
    const field = page.locator('#colour-field');
    const plane = await extent(field.locator('.plane'));
    const before = await paint.inputValue();
    await page.mouse.move(plane.x + 30, plane.y + 30);
    await page.mouse.down();
    await page.mouse.move(plane.x + plane.width - 20, plane.y + 40, { steps: 5 });
    await expect.poll(() => words.getAttribute('fill')).not.toBe(before);
    await page.mouse.up();
    await saved(page);
    await page.keyboard.press('Escape');
    await expect(field).toBeHidden();
    await page.locator('#wall').focus().catch(() => undefined);
    await page.keyboard.press('Control+z');
    await expect(paint).toHaveValue(before);

    // Escape while it is dragged leaves all as it was.
    await facets(page).getByRole('button', { name: 'Colour, choose' }).click();
    await page.mouse.move(plane.x + 30, plane.y + 30);
    await page.mouse.down();
    await page.mouse.move(plane.x + plane.width - 20, plane.y + 40, { steps: 5 });
    await expect.poll(() => words.getAttribute('fill')).not.toBe(before);
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect(paint).toHaveValue(before);
    await expect.poll(() => words.getAttribute('fill')).toBe(before);
    await page.keyboard.press('Escape');
    await expect(field).toBeHidden();

    // Pale words on a pale ground: the nearest colour that can be read is one press away.
    await paint.fill('#d9b9a3');
    await paint.press('Enter');
    await facets(page).getByRole('button', { name: 'Colour, choose' }).click();
    await expect(field.locator('.aim').first()).toHaveText(/AA ✗/);
    await field.getByRole('button', { name: /reaches AA$/ }).click();
    await expect(field.locator('.aim').first()).toHaveText(/AA ✓/);
    await saved(page);

    // From the wall: what is drawn under the pointer.
    await field.locator('.plane').focus();
    await page.keyboard.press('e');
    const button = await at(screen(page, 'Welcome'), 195, 695);
    await page.mouse.move(...button);
    await expect(page.locator('#taking output')).toHaveText('#a94c31');
    await page.mouse.click(...button);
    await expect(paint).toHaveValue('#a94c31');
});

test('a shadow shows on the sides that are chosen and is duplicated with them, and other eyes change nothing', async ({ page }) => {
    const bare = await openBare(page, 'Shadow');
    await boxOn(page, bare);
    const layer = bare.locator(':scope > svg > [data-kind=box]').last();
    await facets(page).getByRole('button', { name: 'Shadow', exact: true }).click();
    await expect(layer.locator('[filter^="blur("]')).toHaveCount(1);
    await expect(layer.locator('clipPath')).toHaveCount(1);
    await facets(page).getByRole('button', { name: 'bottom', exact: true }).and(page.locator('[data-name="effects.0.bottom"]')).click();
    await expect(layer.locator('clipPath')).toHaveCount(2);
    // Duplicated, sides and all; the two are hidden one by one.
    await facets(page).getByRole('button', { name: 'Duplicate shadow' }).click();
    await expect(layer.locator('[filter^="blur("]')).toHaveCount(2);
    await expect(page.locator('[data-name="effects.1.bottom"]')).toHaveAttribute('aria-pressed', 'false');
    await facets(page).getByRole('button', { name: 'Hide shadow 1' }).click();
    await expect(layer.locator('[filter^="blur("]')).toHaveCount(1);
    await facets(page).getByRole('button', { name: 'Hide shadow 2' }).click();
    await expect(layer.locator('[filter]')).toHaveCount(0);

    const sequence = await page.evaluate(() => document.getElementById('saved')!.textContent);
    await page.getByLabel('Sight', { exact: true }).first().click();
    await page.getByRole('radio', { name: /Deuteranopia/ }).check();
    expect(await bare.locator(':scope > svg').first().evaluate((svg) => getComputedStyle(svg).filter)).toContain('sight-deuteranopia');
    await page.keyboard.press('Escape');
    expect(await page.evaluate(() => document.getElementById('saved')!.textContent)).toBe(sequence);
});

test('a picture that is dropped on a shape fills it, beside it or with Alt it is placed, and another lies as the one before', async ({ page }) => {
    const bare = await openBare(page, 'Drop');
    await boxOn(page, bare);
    const layer = bare.locator(':scope > svg > [data-kind=box]').last();
    const file = await page.evaluateHandle((data) => {
        const transfer = new DataTransfer();
        transfer.items.add(new File([new Uint8Array(data)], 'bowl.png', { type: 'image/png' }));
        return transfer;
    }, [...readFileSync('database/demo/pictures/bowl.png')]);
    const over = async (kind: 'dragover' | 'drop', x: number, y: number, altKey = false): Promise<void> => {
        const [clientX, clientY] = await at(bare, x, y);
        await page.dispatchEvent('#wall', kind, { dataTransfer: file, clientX, clientY, altKey });
    };
    await over('dragover', 150, 180);
    await expect(page.locator('#overlay .takes-in')).toHaveCount(1);
    await over('dragover', 150, 500);
    await expect(page.locator('#overlay .takes-in')).toHaveCount(0);
    await over('drop', 150, 180);
    await expect(layer.locator('pattern image')).toHaveCount(1);
    await expect(page.locator('#f-fills-0-kind')).toHaveValue('picture');
    await facets(page).getByRole('button', { name: 'Details of fill' }).click();
    await facets(page).getByLabel('Zoom', { exact: true }).last().fill('200%');
    await page.keyboard.press('Enter');
    await saved(page);
    await over('drop', 150, 180);
    await saved(page);
    await expect(page.locator('#f-fills-0-zoom')).toHaveValue('200%');
    await expect(bare.locator('[data-kind=picture]')).toHaveCount(0);
    await over('drop', 150, 180, true);
    await expect(bare.locator('[data-kind=picture]')).toHaveCount(1);
});
