/** Without a pointer: a screen is made, linked, rehearsed and exported. */
import { expect, type Page } from '@playwright/test';
import { enter, saved, screen, test } from './support/hand.ts';

/** Tab until something is focused that answers to a description. */
async function tabTo(page: Page, wanted: string): Promise<void> {
    for (let i = 0; i < 60; i++) {
        if (await page.evaluate((wanted) => document.activeElement?.matches(wanted) ?? false, wanted)) return;
        await page.keyboard.press('Tab');
    }
    throw new Error(`${wanted} is not reached by Tab`);
}

test('a screen is made, linked, rehearsed and exported by keyboard alone', async ({ page }, info) => {
    await enter(page);
    await page.getByRole('button', { name: 'New project' }).first().focus();
    await page.keyboard.press('Enter');
    await page.keyboard.type('By keys alone');
    await page.keyboard.press('Enter');
    await expect(page.locator('#empty')).toBeVisible();

    const addScreen = async (count: number): Promise<void> => {
        await page.keyboard.press('a');
        await tabTo(page, '#devices [data-device=phone]');
        await page.keyboard.press('Enter');
        await expect(page.locator('article.screen')).toHaveCount(count);
        await saved(page);
    };
    await addScreen(1);
    await page.keyboard.press('s');
    await page.keyboard.press('Enter');
    await saved(page);
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Control+Shift+ArrowRight');
    await saved(page);
    await page.keyboard.press('t');
    await page.keyboard.press('Enter');
    await page.keyboard.type('Book a wheel');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await addScreen(2);
    await page.keyboard.press('t');
    await page.keyboard.press('Enter');
    await page.keyboard.type('It is yours');
    await page.keyboard.press('Control+Enter');
    await saved(page);

    // Back to the first screen, into it, and its box leads to the second.
    await page.keyboard.press('Shift+Enter');
    await page.keyboard.press(',');
    await page.keyboard.press('Enter');
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('box');
    await page.keyboard.press('4');
    await tabTo(page, '#facet-cues [data-do=add-cue]');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(screen(page, 'Screen 1').locator('[data-kind=box]')).toHaveAttribute('data-cues', />/);
    await page.keyboard.press('Escape');
    await page.keyboard.press('r');
    await expect(page.locator('.screen-now')).toHaveText('Screen 1');
    // The arrows go from one area that answers to the next.
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.locator('.screen-now')).toHaveText('Screen 2');

    await tabTo(page, 'a[href$="/hand-over"]');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Hand over' })).toBeVisible();
    await tabTo(page, 'a[href$="/hand-over/page"]');
    const download = page.waitForEvent('download');
    await page.keyboard.press('Enter');
    const file = info.outputPath('keys.html');
    await (await download).saveAs(file);
    await page.goto(`file://${file}`);
    await expect(page.locator('.screen-now')).toHaveText('Screen 1');
});
