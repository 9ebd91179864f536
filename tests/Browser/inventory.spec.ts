/** The style inventory by hand: what is nearly the same is found, looked at, and merged. */
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, openBare, saved, screen, test } from './support/hand.ts';

const house = (page: Page): Locator => page.locator('#house');
const colours = (page: Page): Locator => house(page).locator('#aspect-colours');
const filled = (page: Page): Promise<string[]> => screen(page, 'Screen 1').evaluate((one) => [...new Set([...one.querySelectorAll('[data-kind=box] [fill], [data-kind=box][fill]')].map((box) => box.getAttribute('fill')!))].sort());

/** Boxes of colours, pasted as a drawing. */
async function boxes(page: Page, fills: string[]): Promise<void> {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="380" height="40">${fills.map((fill, i) => `<rect x="${i * 26}" y="0" width="22" height="40" fill="${fill}"/>`).join('')}</svg>`;
    await page.evaluate((text) => {
        const data = new DataTransfer();
        data.setData('text/plain', text);
        document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    }, svg);
    await expect(screen(page, 'Screen 1').locator('[data-kind=box]')).toHaveCount(fills.length);
    await saved(page);
}

test('fourteen nearly equal greys become four tokens', async ({ page }) => {
    await openBare(page, 'Greys');
    await boxes(page, ['#1c1c1c', '#1e1e1e', '#202020', '#1a1a1a', '#606060', '#626262', '#5e5e5e', '#9a9a9a', '#9c9c9c', '#989898', '#9e9e9e', '#dcdcdc', '#dedede', '#dadada']);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'House style' }).click();
    await house(page).getByRole('button', { name: 'Style inventory' }).click();
    await expect(colours(page).locator('[data-near]')).toHaveCount(4);
    await expect(colours(page).locator('summary')).toContainText('15, 10 nearly another');
    const dialog = page.locator('#house-merge');
    for (const name of ['ink', 'stone', 'ash', 'mist']) {
        await colours(page).locator('[data-near]').first().getByRole('button', { name: 'Merge' }).click();
        await expect(dialog.locator('[data-said]')).toHaveText(/^\d layers on one screen would change, as one step\.$/);
        // Before and after, beside each other.
        await expect(dialog.locator('.pictures svg[viewBox]')).toHaveCount(2);
        await dialog.getByLabel('As token').fill(`grey.${name}`);
        await dialog.getByRole('button', { name: 'Merge' }).click();
        await saved(page);
        await expect(dialog).toBeHidden();
        await expect(colours(page).locator('.had', { hasText: `grey.${name}` })).toHaveCount(1);
    }
    await expect(colours(page).locator('[data-near]')).toHaveCount(0);
    expect(await filled(page)).toHaveLength(4);
    await house(page).getByRole('button', { name: 'Tokens' }).click();
    await expect(house(page).locator('[data-token]')).toHaveCount(4);
    // All follow one of them; and one step is one undo.
    await house(page).getByLabel('Value of grey.ink').fill('#102030');
    await page.keyboard.press('Enter');
    await expect.poll(() => filled(page)).toContain('#102030');
    await page.locator('[data-act=undo]').click();
    await page.locator('[data-act=undo]').click();
    await expect.poll(async () => (await filled(page)).length).toBe(6);
});

test('values that are in use are gone through one by one, left out of a merge, named, and bound to a token that has them', async ({ page }) => {
    await openBare(page, 'In use');
    await boxes(page, ['#b4472e', '#b4472e', '#b5482f', '#b64830', '#17594f']);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'House style' }).click();
    await house(page).getByRole('button', { name: 'Style inventory' }).click();
    const value = (shown: string): Locator => colours(page).locator('.value', { hasText: shown });
    // From one to the next, and around.
    const through = value('#b4472e').getByRole('button', { name: 'go to the next' });
    const selected = (): Promise<string | null> => page.locator('#facets [data-rename]').getAttribute('data-rename');
    await through.click();
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('box');
    const first = await selected();
    await through.click();
    await expect.poll(selected).not.toBe(first);
    await through.click();
    await expect.poll(selected).toBe(first);

    const dialog = page.locator('#house-merge');
    await colours(page).locator('[data-near]').getByRole('button', { name: 'Merge' }).click();
    await dialog.getByRole('checkbox', { name: '#b64830' }).uncheck();
    await expect(dialog.locator('[data-said]')).toHaveText('One layer on one screen would change, as one step.');
    await dialog.getByLabel('Become').selectOption({ label: '#b5482f' });
    await expect(dialog.locator('[data-said]')).toHaveText('2 layers on one screen would change, as one step.');
    await dialog.getByRole('button', { name: 'Merge' }).click();
    await saved(page);
    await expect.poll(() => filled(page)).toEqual(['#17594f', '#b5482f', '#b64830']);

    // A single value gets a name; another one of it, drawn later, is bound to that.
    await value('#17594f').getByRole('button', { name: 'Make token' }).click();
    await page.keyboard.type('spruce');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(value('#17594f')).toContainText('spruce');
    // Nearer than usual nothing is the same.
    await house(page).getByRole('slider', { name: 'How near' }).fill('0');
    await expect(colours(page).locator('[data-near]')).toHaveCount(0);
    // A name that cannot be is said where it was typed, and typed anew.
    await page.locator('.value', { hasText: '#b64830' }).getByRole('button', { name: 'Make token' }).first().click();
    await expect(dialog.locator('[data-said]')).toHaveText('One layer on one screen would change, as one step.');
    await page.keyboard.type('spruce.deep');
    await page.keyboard.press('Enter');
    await expect(dialog.getByRole('alert')).toContainText('“spruce” is a token');
    allowError(/422/);
    await page.keyboard.type('brick');
    await page.keyboard.press('Enter');
    await expect(dialog).toBeHidden();
    await saved(page);
    await expect(value('#b64830')).toContainText('brick');
});
