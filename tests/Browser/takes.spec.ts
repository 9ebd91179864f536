/** Takes by hand: made, compared, a piece carried over, judged, one kept with its reason. */
import { expect } from '@playwright/test';
import { drag, likeReload, middle, near, openDemo, saved, screen, setField, test } from './support/hand.ts';

test('three takes of a screen are compared, a piece is carried over, and one is kept with its reason', async ({ page }) => {
    test.setTimeout(90_000);
    await openDemo(page, 'Takes', 'Kiln-shelf booking');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const facets = page.locator('#facets');
    const takes = page.locator('#takes');

    // Take B: another heading, larger. What the checks have found stands beside it, once.
    await expect(page.locator('[data-found=booked]')).toHaveAttribute('title', /found on this screen/);
    await facets.getByRole('button', { name: 'New take' }).click();
    await expect(page.locator('[data-card].current .entry', { hasText: 'takes' })).toHaveText('B, 2 takes');
    await expect(page.locator('[data-found=booked]')).toHaveCount(1);
    await expect(booked.locator('.screen-name')).toHaveAttribute('data-takes', 'B, 2 takes');
    const heading = booked.locator('[data-kind=text]', { hasText: 'Your shelf is kept' });
    await page.mouse.click(...(await middle(heading)));
    await setField(page, 'Size', '38');
    await page.keyboard.press('Escape');

    // Take C comes from a suggestion; its reason is what was suggested.
    await near(page, 'Booked');
    await facets.getByRole('button', { name: 'Compare' }).click();
    await expect(takes.locator('.take')).toHaveCount(2);
    const prompt = takes.locator('#prompts li', { hasText: /^order/ }).getByRole('button');
    const words = (await prompt.textContent())!;
    await prompt.click();
    await expect(takes).toBeHidden();
    await saved(page);
    const number = booked.locator('[data-kind=text]', { hasText: 'KS-' });
    await expect(number).toBeVisible();
    const from = await middle(number);
    const to = await middle(booked.locator('[data-kind=text]', { hasText: 'Your shelf is kept' }));
    await page.mouse.click(...from);
    await drag(page, from, [from[0], to[1] - 40], ['Control']);
    await page.keyboard.press('Escape');

    await page.locator('#reel [data-takes]').click();
    await expect(takes.locator('.take')).toHaveCount(3);
    const [a, b, c] = [0, 1, 2].map((i) => takes.locator('.take').nth(i));
    await expect(c!.getByLabel('Reason')).toHaveValue(words);
    await expect(b!.locator('.remarks li')).toHaveText([/is larger \(\d+ → 38 px\)/]);
    await expect(c!.locator('.remarks li', { hasText: 'larger' })).toHaveCount(1);
    await expect(c!.locator('.remarks li', { hasText: 'moved above “Your shelf is kept”' })).toHaveCount(1);
    // A difference lights up on both pictures.
    await b!.locator('.remarks li').first().hover();
    await expect(a!.locator('.pickable.lit')).toHaveCount(1);
    await expect(b!.locator('.pickable.lit')).toHaveCount(1);

    // Judged by a criterion of one's own, beside what was measured.
    await takes.getByLabel('New criterion').fill('calm');
    await takes.getByRole('button', { name: 'Add the criterion' }).click();
    await takes.getByLabel('calm, take B').fill('very');
    await takes.getByLabel('calm, take B').press('Tab');
    await expect(takes.locator('.take-table')).toContainText('Targets');
    await a!.getByLabel('Reason').fill('As plain as can be');
    await a!.getByLabel('Reason').press('Tab');

    // The old heading is carried to the newest take, to where it was.
    await a!.getByRole('button', { name: 'Your shelf is kept' }).click();
    await takes.locator('#take-carry').getByRole('button', { name: 'C', exact: true }).click();
    await expect(c!.locator('.remarks li', { hasText: 'larger' })).toHaveCount(0);
    await expect(b!.locator('.remarks li', { hasText: 'larger' })).toHaveCount(1);

    // A is kept: it hangs on the wall now, with its reason; the wall is what a new page shows.
    await a!.getByRole('button', { name: 'Keep' }).click();
    await expect(takes.locator('.take').first()).toContainText('the keeper, on the wall');
    await expect(takes.locator('.take').first().getByLabel('Reason')).toHaveValue('As plain as can be');
    await expect(takes.getByLabel('calm, take B')).toHaveValue('very');
    await takes.getByRole('button', { name: 'Delete take B' }).click();
    await expect(takes.locator('.take')).toHaveCount(2);
    await takes.getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('[data-card].current .entry', { hasText: 'takes' })).toHaveText('A, 2 takes');
    await likeReload(page, booked);
    await expect(page.locator('#stage .screen')).toHaveCount(5);

    // Undo brings the deleted take back, and then the one that hung there.
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(page.locator('[data-card].current .entry', { hasText: 'takes' })).toHaveText('A, 3 takes');
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(page.locator('[data-card].current .entry', { hasText: 'takes' })).toHaveText('C, 3 takes');
    await likeReload(page, booked);
});

test('the name of a screen is read whole on its card, however much is said beside it', async ({ page }) => {
    await openDemo(page, 'Much said', 'Kiln-shelf booking');
    await near(page, 'Choose a firing');
    await page.locator('#facets').getByRole('button', { name: 'New take' }).click();
    const card = page.locator('[data-card].current');
    await expect(card.locator('.entry:not([hidden])')).toContainText(['2 takes', 'covered', 'entry']);
    const [shown, whole] = await card.locator('.name').evaluate((name) => [name.clientWidth, name.scrollWidth]);
    expect(shown).toBeGreaterThanOrEqual(whole!);
});

test('values of one property are tried side by side, and one is chosen', async ({ page }) => {
    await openDemo(page, 'Tried', 'Kiln-shelf booking');
    await near(page, 'Booked');
    const words = screen(page, 'Booked').locator('[data-kind=text]', { hasText: 'Your shelf is kept' });
    await page.mouse.click(...(await middle(words)));
    await page.locator('#facets').getByRole('button', { name: 'Try values' }).click();
    const trials = page.locator('#trials');
    await trials.getByLabel('Property').selectOption('size');
    await expect(trials.locator('[data-choose]')).toHaveCount(4);
    await expect(trials.locator('[data-choose]').first()).toContainText('30 as it is');
    await trials.getByLabel('Values').fill('24, much, 40');
    await trials.getByRole('button', { name: 'Try these' }).click();
    await expect(trials.locator('[data-choose]')).toHaveCount(2);
    await expect(trials.locator('.finding')).toContainText('much:');
    // Each shows its own value: the words of the second are larger.
    const sizes = await trials.locator('[data-choose] svg text', { hasText: 'Your shelf' }).evaluateAll((texts) => texts.map((text) => text.getBoundingClientRect().height));
    expect(sizes[1]! / sizes[0]!).toBeGreaterThan(1.3);
    await trials.getByRole('button', { name: 'Choose 40' }).click();
    await saved(page);
    await expect(page.locator('#facets').getByLabel('Size', { exact: true })).toHaveValue('40');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#facets').getByLabel('Size', { exact: true })).toHaveValue('30');
});
