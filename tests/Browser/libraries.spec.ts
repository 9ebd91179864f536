/** Components of one project used in another: taken, changed there, reviewed and taken again. */
import { expect, type Page } from '@playwright/test';
import { at, enter, near, openBare, saved, screen, test } from './support/hand.ts';

const libraries = (page: Page) => page.locator('#libraries');

test('a component of another project is taken, placed, changed there, reviewed in sentences and updated in one step', async ({ page }) => {
    await openBare(page, 'Open evening');
    const bare = screen(page, 'Screen 1');
    await page.keyboard.press('k');
    await page.locator('#kit [data-act=libraries]').click();
    await libraries(page).getByLabel('Another project').selectOption({ label: 'Studio parts' });
    await libraries(page).locator('.offer label', { hasText: 'Card' }).getByRole('checkbox').check();
    await libraries(page).getByRole('button', { name: 'Take', exact: true }).click();
    await expect(libraries(page).locator('[data-library]')).toContainText('Studio parts');
    await expect(libraries(page).locator('[data-library]')).toContainText('As it is there');
    await libraries(page).getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('#reel .card[data-sheet] .name')).toHaveText('Card');
    // The kit has it first.
    await page.locator('#kit [data-widget^=component-]', { hasText: 'Card' }).click();
    const box = (await bare.boundingBox())!;
    await page.mouse.click(box.x + box.width / 2, box.y + box.height / 3);
    await saved(page);
    await expect(bare.locator('[data-component]')).toHaveCount(1);
    const here = page.url();

    // There its title becomes larger.
    const there = await page.context().newPage();
    await enter(there);
    await there.locator('[data-project]').getByRole('link', { name: 'Studio parts', exact: true }).click();
    await there.waitForSelector('#wall-page[data-ready]', { state: 'attached' });
    await near(there, 'Card');
    const title = there.locator('article[data-sheet] [data-kind=text]', { hasText: 'Glaze firing' }).first();
    await title.click();
    await expect(there.locator('#facets .subject input')).toHaveValue('Card');
    await there.keyboard.press('Enter');
    await expect(there.locator('#facets .subject input')).toHaveValue('Title');
    const size = there.locator('#facets').getByLabel('Size', { exact: true });
    const was = await size.inputValue();
    await size.fill('26');
    await size.press('Enter');
    await saved(there);

    // It is marked before anybody asks: where one comes back to the wall, and where it is opened.
    await expect(page.locator('[data-act=house]')).not.toHaveAttribute('title', /update/);
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(page.locator('[data-act=house]')).toHaveAttribute('title', /1 update in libraries$/);
    await page.goto(here);
    await expect(page.locator('[data-act=house]')).toHaveAttribute('title', /1 update in libraries$/);
    await page.waitForSelector('#wall-page[data-ready]', { state: 'attached' });
    const words = page.locator('article.screen:not([data-sheet]) [data-component] [data-kind=text]').first();
    const before = await words.getAttribute('data-box');
    await page.locator('[data-act=house]').click();
    await page.locator('#house [data-act=libraries]').click();
    await libraries(page).getByRole('button', { name: 'Review 1' }).click();
    await expect(libraries(page).locator('.offer')).toContainText(`is larger (${was} → 26 px)`);
    await libraries(page).getByRole('button', { name: 'Update' }).click();
    await expect(libraries(page).locator('[data-library]')).toContainText('As it is there');
    await expect(words).not.toHaveAttribute('data-box', before!);
    await libraries(page).getByRole('button', { name: 'Close' }).click();
    await page.locator('[data-act=undo]').click();
    await saved(page);
    await expect(words).toHaveAttribute('data-box', before!);
    // As it was there, for whoever comes next.
    await size.fill(was);
    await size.press('Enter');
    await saved(there);
});

test('a use of a component is pasted into another project with what it shows, in one step; into one that has it, alone', async ({ page }) => {
    await enter(page);
    await page.locator('[data-project]').getByRole('link', { name: 'Studio parts', exact: true }).click();
    await page.waitForSelector('#wall-page[data-ready]', { state: 'attached' });
    await near(page, 'List row');
    await page.mouse.click(...await at(page.locator('article[data-sheet]', { hasText: 'List row' }), 300, 180));
    await expect(page.locator('#facets .subject input')).toHaveValue('List row, Off');
    await page.keyboard.press('Control+c');
    const there = await page.context().newPage();
    await openBare(there, 'Open studio');
    const bare = screen(there, 'Screen 1');
    await there.keyboard.press('Control+v');
    await saved(there);
    // A row with its words, and what that shows in turn.
    await expect(bare.locator('[data-component]')).toHaveCount(2);
    await expect(bare.locator('[data-component] [data-kind=text]').first()).not.toBeEmpty();
    await expect(there.locator('#reel .card[data-sheet] .name')).toHaveText(['Switch', 'List row']);
    await expect(there.locator('#facets .subject input')).toHaveValue(/^List row/);
    await there.keyboard.press('Control+v');
    await saved(there);
    await expect(bare.locator('[data-component]')).toHaveCount(4);
    await expect(there.locator('#reel .card[data-sheet] .name')).toHaveCount(2);
    await there.keyboard.press('Control+z');
    await there.keyboard.press('Control+z');
    await expect(bare.locator('[data-component]')).toHaveCount(0);
    await expect(there.locator('#reel .card[data-sheet]')).toHaveCount(0);
    await there.keyboard.press('Control+Shift+z');
    await expect(bare.locator('[data-component]')).toHaveCount(2);
});
