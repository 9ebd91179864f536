/** Charts by hand: placed from the kit, filled by typing and from a spreadsheet, changed in form and look, opened into layers. */
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, at, drag, extent, likeReload, middle, openBare, paste, saved, setField, test } from './support/hand.ts';

const choose = async (page: Page, label: string, value: string): Promise<void> => {
    await page.locator('#facets').getByLabel(label, { exact: true }).selectOption(value);
    await saved(page);
};

test('a chart is placed, filled from a spreadsheet, becomes another, and opens into layers', async ({ page }) => {
    const bare = await openBare(page, 'Charts');
    await page.keyboard.press('k');
    const kit = page.locator('#kit');
    await kit.getByLabel('Find a widget or a chart').fill('bar chart');
    await drag(page, await middle(kit.locator('[data-widget=chart-bars]')), await at(bare, 195, 250));
    await page.getByRole('button', { name: 'Close the kit' }).click();
    const chart = bare.locator('[data-kind=chart]');
    await expect(chart).toHaveCount(1);
    await expect(chart.locator('text').filter({ hasText: 'May' })).toBeVisible();

    // Its sheet opens where it is entered; a value that is typed is a bar at once.
    await page.mouse.dblclick(...(await middle(chart)));
    const sheet = page.locator('#sheet');
    const cell = (name: string) => sheet.getByRole('textbox', { name, exact: true });
    await expect(cell('Pieces fired, row 3')).toHaveText('37');
    // The sheet does not cover what it belongs to.
    await expect.poll(async () => (await extent(chart)).y + (await extent(chart)).height - (await extent(sheet)).y).toBeLessThan(0);
    const bars = chart.locator('[fill="#164a48"]');
    await expect(bars).toHaveCount(6);
    const tallest = async (): Promise<number> => Math.max(...(await Promise.all((await bars.all()).map(async (bar) => (await extent(bar)).height))));
    const before = await tallest();
    await cell('Pieces fired, row 3').fill('640');
    await cell('Pieces fired, row 3').press('Enter');
    await saved(page);
    await expect(chart.locator('text').filter({ hasText: '600' })).toBeVisible();
    expect(Math.abs((await tallest()) - before)).toBeLessThan(20);

    // A column of numbers that is pasted beside is a second series; what is no number is said.
    await sheet.getByRole('button', { name: 'Column', exact: true }).click();
    await saved(page);
    await cell('Series 2, row 1').focus();
    await paste(page, '€120,50\n1.234,5\n300\n\nsoon\n400\n');
    await saved(page);
    await expect(page.locator('#facet-chart')).toContainText('“soon” is no number: left out.');
    await expect(chart.locator('[fill="#cc7a3f"]')).toHaveCount(4);
    await cell('Series 2, row 5').fill('80');
    await cell('Series 2, row 5').press('Escape');
    await cell('Series 2, row 5').fill('90');
    await cell('Series 2, row 5').blur();
    await saved(page);
    await expect(page.locator('#facet-chart')).not.toContainText('no number');
    await sheet.getByRole('button', { name: 'Close the data sheet' }).click();

    // Stacked, with a legend, units and another scale.
    await choose(page, 'Series', 'stacked');
    await choose(page, 'Legend', 'bottom');
    await choose(page, 'Of values', 'value');
    await setField(page, 'After', ' kg');
    await setField(page, 'Max', '2000');
    await expect(chart.locator('text').filter({ hasText: '2,000 kg' })).toBeVisible();
    await expect(chart.locator('text').filter({ hasText: 'Series 2' })).toBeVisible();
    allowError(/422/);
    const field = page.locator('#facets').getByLabel('Min', { exact: true });
    await field.fill('3000');
    await field.press('Enter');
    await expect(page.getByText('must lie above its minimum')).toBeVisible();
    await field.fill('');
    await field.press('Enter');
    await field.press('Escape');
    await saved(page);
    await likeReload(page, bare);

    // The same numbers in other forms, of which each has its own fields.
    for (const form of ['lines', 'areas', 'ring', 'gauge', 'progress', 'sparkline']) {
        await choose(page, 'Form', form);
        await expect(page.locator('#facets').getByLabel('Hole', { exact: true })).toHaveCount(form === 'ring' || form === 'gauge' ? 1 : 0);
        await expect(page.locator('#facets').getByLabel('Series', { exact: true })).toHaveCount(form === 'areas' ? 1 : 0);
    }
    await choose(page, 'Form', 'ring');
    await likeReload(page, bare);

    // Opened, it is layers in groups; one step takes that back.
    await page.getByRole('button', { name: 'Open into layers' }).click();
    await saved(page);
    await expect(chart).toHaveCount(0);
    await expect(bare.locator('[data-kind=group]').filter({ has: page.locator('[data-kind=path]') })).not.toHaveCount(0);
    await expect(bare.locator('[data-kind=text]').filter({ hasText: 'Jan' })).toBeVisible();
    await likeReload(page, bare);
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(chart).toHaveCount(1);
});

test('a gauge stands in a rehearsal in the colours and type that it was given, and by keyboard', async ({ page }) => {
    const bare = await openBare(page, 'Gauge');
    await page.keyboard.press('k');
    await page.locator('#kit').getByLabel('Find a widget or a chart').fill('gauge');
    for (const key of ['Enter', 'Enter']) await page.keyboard.press(key);
    await saved(page);
    const chart = bare.locator('[data-kind=chart]');
    await expect(chart).toHaveCount(1);
    await page.getByRole('button', { name: 'Close the kit' }).click();
    await page.mouse.click(...(await middle(chart)));
    await expect(page.locator('#facet-chart')).toBeVisible();
    await setField(page, 'Goal', '1000');
    await setField(page, 'Colour', '#b4472e');
    await setField(page, 'Size', '14');
    await page.locator('#facets').getByLabel('Family', { exact: true }).selectOption('Lora');
    await saved(page);
    await expect(chart.locator('text').filter({ hasText: '865 °C' })).toHaveAttribute('font-family', /Lora/);
    // Enter opens what it is drawn from.
    await page.keyboard.press('Enter');
    const value = page.locator('#sheet').getByRole('textbox', { name: 'Temperature, row 1', exact: true });
    await value.fill('940');
    await value.press('Enter');
    await saved(page);
    await page.getByRole('link', { name: 'Rehearse' }).click();
    const played = page.locator('svg text').filter({ hasText: '940 °C' });
    await expect(played.first()).toBeAttached();
});

test('a chart is made and its numbers are typed down their column by keys alone', async ({ page }) => {
    const bare = await openBare(page, 'Typed numbers');
    await page.keyboard.press('k');
    await page.keyboard.type('bar chart');
    await page.keyboard.press('Enter');
    await expect(page.locator('#kit [aria-pressed=true]')).toBeVisible();
    await page.keyboard.press('Enter');
    const chart = bare.locator('[data-kind=chart]');
    await expect(chart).toHaveCount(1);
    await saved(page);
    await page.keyboard.press('Enter');
    const cell = (row: number) => page.locator('#sheet').getByRole('textbox', { name: `Pieces fired, row ${row}`, exact: true });
    // The first number is in hand; what is typed takes its place, Enter goes on to the next.
    await expect(cell(1)).toBeFocused();
    for (const number of ['10', '20', '30']) {
        await page.keyboard.type(number);
        await page.keyboard.press('Enter');
    }
    await expect(cell(4)).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.type('25');
    await page.keyboard.press('ArrowDown');
    await saved(page);
    expect(await Promise.all([1, 2, 3].map((row) => cell(row).textContent()))).toEqual(['10', '25', '30']);

    // A row more is below, with the caret in it.
    await page.keyboard.press('Control+Enter');
    await expect(page.locator('#sheet tr[data-row]')).toHaveCount(7);
    await expect(cell(4)).toBeFocused();
    await page.keyboard.type('35');
    await page.keyboard.press('Tab');
    await saved(page);
    await expect(cell(4)).toHaveText('35');
    // From a cell in which nothing was typed, undo takes back what was done last.
    await cell(4).focus();
    await page.keyboard.press('Control+z');
    await expect(cell(4)).toHaveText('30');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#sheet tr[data-row]')).toHaveCount(6);

    // Rows and buttons stay where they are pressed, however many rows there are.
    const again = async (button: Locator, rows: number[]): Promise<void> => {
        const place = await middle(button);
        for (const count of rows) {
            await page.mouse.click(...place);
            await expect(page.locator('#sheet tr[data-row]')).toHaveCount(count);
        }
    };
    await again(page.locator('#sheet').getByLabel('Remove row 2', { exact: true }), [5, 4, 3]);
    expect(await page.locator('#sheet [data-row] > td:nth-child(2)').allTextContents()).toEqual(['Jan', 'May', 'Jun']);
    await again(page.locator('#sheet').getByRole('button', { name: 'Row', exact: true }), [4, 5, 6]);
    for (let i = 0; i < 6; i++) await page.keyboard.press('Control+z');
    await expect(cell(2)).toHaveText('25');

    // Escape leaves the cell, then the sheet, then the chart.
    await cell(2).focus();
    await page.keyboard.type('9');
    await page.keyboard.press('Escape');
    await expect(cell(2)).toHaveText('25');
    await page.keyboard.press('Escape');
    await expect(page.locator('#sheet')).toBeHidden();
    await expect(page.locator('#facet-chart')).toBeVisible();
});
