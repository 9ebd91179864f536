/** Writing on the wall: free and wrapped, again, and given up. */
import { expect } from '@playwright/test';
import { at, box, drag, middle, near, openDemo, pick, saved, screen, setField, test } from './support/hand.ts';

test('wrapped text is as wide as it was drawn and breaks where its words do', async ({ page }) => {
    await openDemo(page, 'Wrapped');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const count = await booked.locator('[data-kind=text]').count();
    await page.keyboard.press('w');
    await drag(page, await at(booked, 40, 700), await at(booked, 200, 730), ['Control']);
    await page.keyboard.type('Bring an apron and a towel; clay is on us.');
    const area = page.locator('#writing');
    await expect(area).toBeFocused();
    await page.keyboard.press('Control+Enter');
    await expect(booked.locator('[data-kind=text]')).toHaveCount(count + 1);
    await saved(page);
    const text = booked.locator('[data-kind=text]').last();
    const [, , width = 0, height = 0] = await box(text);
    expect(Math.abs(width - 160)).toBeLessThanOrEqual(2);
    const lines = await text.locator('tspan').allTextContents();
    expect(lines.length).toBeGreaterThan(1);
    expect(lines.join(' ')).toBe('Bring an apron and a towel; clay is on us.');
    // Every line fits its box, as Chromium measures it.
    const widest = await text.locator('text').evaluate((element: SVGTextElement) => Math.max(...[...element.querySelectorAll('tspan')].map((line) => line.getComputedTextLength())));
    expect(widest).toBeLessThanOrEqual(width + 0.1);
    expect(height).toBeCloseTo(lines.length * 16 * 1.4, 1);

    // Written in again by Enter, with a line of its own.
    await page.keyboard.press('Enter');
    await expect(area).toBeFocused();
    await page.keyboard.press('End');
    await page.keyboard.press('Control+End');
    await page.keyboard.press('Enter');
    await page.keyboard.type('See you!');
    await page.keyboard.press('Control+Enter');
    await expect(text.locator('tspan').last()).toHaveText('See you!');
    await saved(page);
    await page.keyboard.press('Control+z');
    await expect(text.locator('tspan').last()).not.toHaveText('See you!');
});

test('words of nothing add nothing, and a press elsewhere keeps what was written', async ({ page }) => {
    await openDemo(page, 'Free');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const texts = booked.locator('[data-kind=text]');
    const count = await texts.count();
    await page.keyboard.press('w');
    await page.mouse.click(...(await at(booked, 60, 730)));
    await page.keyboard.type('   ');
    await page.keyboard.press('Escape');
    await expect(page.locator('#writing')).toBeHidden();
    await page.keyboard.press('w');
    await page.mouse.click(...(await at(booked, 60, 730)));
    await page.keyboard.type('Kiln closes at nine');
    await page.mouse.click(...(await at(booked, 340, 60)));
    await expect(texts).toHaveCount(count + 1);
    await saved(page);
    await expect(texts.last().locator('tspan')).toHaveText('Kiln closes at nine');
    // So does Escape; of words that stood there it gives up what was changed.
    await page.keyboard.press('w');
    await page.mouse.click(...(await at(booked, 60, 780)));
    await page.keyboard.type('And opens at ten');
    await page.keyboard.press('Escape');
    await expect(texts).toHaveCount(count + 2);
    await saved(page);
    await expect(texts.last().locator('tspan')).toHaveText('And opens at ten');
    await page.mouse.dblclick(...(await middle(texts.last())));
    await page.keyboard.type('Nothing');
    await page.keyboard.press('Escape');
    await expect(page.locator('#writing')).toBeHidden();
    await saved(page);
    await expect(texts.last().locator('tspan')).toHaveText('Nothing');
    await page.keyboard.press('Control+z');
    await expect(texts.last().locator('tspan')).toHaveText('And opens at ten');

    // Whoever leaves the page has left the words, or the field, and finds what was typed.
    await page.mouse.dblclick(...(await middle(texts.last())));
    await expect(page.locator('#writing')).toBeFocused();
    await page.keyboard.type('Closed on Mondays');
    await page.reload();
    await expect(texts.last().locator('tspan')).toHaveText('Closed on Mondays');
    await page.mouse.click(...(await middle(texts.last())));
    const opacity = page.locator('#f-opacity');
    await opacity.fill('40');
    await page.reload();
    await expect(opacity).toHaveValue('40%');
    await expect(texts.last()).toHaveAttribute('opacity', '0.4');
});

test('a double press writes in a text, and its setting follows the facets', async ({ page }) => {
    await openDemo(page, 'Setting');
    await near(page, 'Welcome');
    const title = screen(page, 'Welcome').locator('[data-layer=t00002]');
    await page.mouse.dblclick(...(await middle(title)));
    const area = page.locator('#writing');
    await expect(area).toHaveText('Hands in clay by Thursday');
    await expect(title).toBeHidden();
    const font = await area.evaluate((element) => getComputedStyle(element).fontFamily);
    expect(font).toContain('Spectral');
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Clay by Thursday');
    await page.keyboard.press('Control+Enter');
    await expect(title).toBeVisible();
    await expect(title.locator('tspan')).toHaveText(['Clay by Thursday']);

    await pick(page, await middle(title), 'text');
    await page.locator('#facets').getByLabel('Case', { exact: true }).selectOption('uppercase');
    await saved(page);
    await expect(title.locator('tspan').first()).toHaveText('CLAY BY');
    await setField(page, 'Tracking em', '0.1');
    const spaced = await title.locator('text').getAttribute('letter-spacing');
    expect(Number(spaced)).toBeCloseTo(3.8, 3);
    await setField(page, 'Size', '50%');
    await expect(page.locator('#facets').getByLabel('Size', { exact: true })).toHaveValue('19');
});
