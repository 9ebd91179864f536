/** Each main view against the WCAG rules that a machine can check. */
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { middle, near, openDemo, saved, screen, signIn, test } from './support/hand.ts';

/** @param within what has been opened since the page was last checked; else all of it */
async function check(page: Page, leaveOut: string[] = [], within: string[] = []): Promise<void> {
    // What people design is theirs; the interface around it is ours.
    // Without it a further page is opened for frames of other sites, of which there are none.
    const builder = new AxeBuilder({ page }).setLegacyMode().withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']);
    for (const selector of leaveOut) builder.exclude(selector);
    for (const selector of within) {
        await expect(page.locator(selector).first()).toBeVisible();
        builder.include(selector);
    }
    // What the facets say of an old selection is pale until they speak of the new one.
    await expect(page.locator('#facets[aria-busy]')).toHaveCount(0);
    await page.evaluate(() => Promise.all((document.getElementById('facets')?.getAnimations({ subtree: true }) ?? []).map((one) => one.finished)));
    const { violations } = await builder.analyze();
    expect(violations.map((violation) => `${violation.id}: ${violation.nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([]);
}

test('sign-in and registration', async ({ page }) => {
    await page.goto('/sign-in');
    await check(page);
    await page.goto('/register');
    await check(page);
});

test('shelf', async ({ page }) => {
    await signIn(page);
    await page.getByRole('button', { name: 'New project' }).click();
    await page.locator('#new-project').getByLabel('Name').fill('Nothing yet');
    await page.keyboard.press('Enter');
    await page.waitForURL(/\/wall$/);
    await page.goto('/');
    await expect(page.getByText('No screens yet').first()).toBeVisible();
    await check(page);
});

test('wall, rehearsal and hand over', async ({ page }) => {
    await openDemo(page, 'Accessible');
    await check(page, ['#stage svg']);
    await page.keyboard.press('a');
    await check(page, [], ['#devices']);
    await page.keyboard.press('Escape');
    await expect(page.locator('#devices')).toBeHidden();
    await page.keyboard.press('k');
    await expect(page.locator('#kit [data-widget]').first()).toBeVisible();
    await check(page, [], ['#kit']);
    await page.locator('#kit').getByRole('button', { name: 'Close the kit' }).click();
    await page.getByRole('button', { name: 'Notes', exact: true }).click();
    await expect(page.locator('#notes')).toContainText('No notes yet');
    await check(page, [], ['#notes']);
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(page.locator('.pane:not(.waiting)')).toHaveCount(1);
    await check(page, ['.device']);
    await page.getByRole('link', { name: 'Hand over' }).click();
    await check(page);
});

test('takes, values side by side, requirements and a working rehearsal', async ({ page }) => {
    await openDemo(page, 'Accessible booking', 'Kiln-shelf booking');
    await near(page, 'Choose a firing');
    await page.locator('#facets').getByRole('button', { name: 'New take' }).click();
    await saved(page);
    await page.getByRole('button', { name: 'Requirements', exact: true }).click();
    await expect(page.locator('#needs [data-need]').first()).toBeVisible();
    await check(page, ['#stage svg']);
    await page.locator('#facets').getByRole('button', { name: 'Compare' }).click();
    await expect(page.locator('#takes .take')).toHaveCount(2);
    await check(page, ['.take-picture'], ['#takes']);
    await page.keyboard.press('Escape');
    await page.mouse.click(...(await middle(screen(page, 'Choose a firing').locator('text', { hasText: 'Which firing?' }))));
    await page.locator('#facets').getByRole('button', { name: 'Try values' }).click();
    await expect(page.locator('#trials [data-choose]').first()).toBeVisible();
    await check(page, ['.trial svg'], ['#trials']);
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await page.getByRole('button', { name: 'Signals' }).click();
    await check(page, ['.device']);
});

test('the wall with what opens over it: menus, Find, keys, history, several screens, a picture that is entered, the brief in hand', async ({ page }) => {
    await openDemo(page, 'Accessible when open');
    await near(page, 'Welcome');
    const picture = page.locator('article.screen[data-screen=welcome] [data-kind=picture]').first();
    await page.mouse.click(...(await middle(picture)), { button: 'right' });
    await page.getByRole('menuitem', { name: 'More' }).click();
    await check(page, [], ['[role=menu]']);
    await page.keyboard.press('Escape');
    for (const [key, opened] of [['/', '#find'], ['?', '#keys']] as const) {
        await page.keyboard.press(key);
        await check(page, [], [opened]);
        await page.keyboard.press('Escape');
    }
    await page.getByRole('button', { name: 'History' }).click();
    await check(page, [], ['#history']);
    await page.keyboard.press('Escape');
    await page.locator('#facets [data-do=token]').first().click();
    await check(page, [], ['#facets', '#token-choices']);
    await page.keyboard.press('Escape');
    await page.mouse.dblclick(...(await middle(picture)));
    await expect(page.locator('#overlay .whole')).toHaveCount(1);
    await check(page, [], ['#facets', '#overlay']);
    await page.keyboard.press('Escape');
    await page.locator('[data-card=welcome] summary').click();
    await expect(page.locator('[data-card=welcome] [data-item]').first()).toBeVisible();
    await page.keyboard.press('Shift+F');
    await page.locator('article.screen[data-screen=welcome] .screen-name').click();
    await page.locator('article.screen[data-screen=home] .screen-name, article.screen .screen-name').nth(1).click({ modifiers: ['Shift'] });
    await expect(page.locator('#facets:not([aria-busy]) .subject')).toContainText('2 screens');
    await check(page, [], ['#facets', '#reel']);
    await page.getByRole('link', { name: 'Brief' }).click();
    await page.locator('section[data-part=plan]').getByRole('button', { name: 'Add', exact: true }).click();
    await page.keyboard.type('Aprons');
    await page.keyboard.press('Tab');
    await check(page);
});

test('the house style: its tokens in a theme, a look from a colour, the style inventory and a merge', async ({ page }) => {
    await openDemo(page, 'Accessible house style');
    await page.getByRole('button', { name: 'House style' }).click();
    await page.locator('#house').getByRole('button', { name: /^colour.clay: \d+ uses/ }).click();
    await expect(page.locator('#house').getByRole('button', { name: 'Remove token' })).toBeVisible();
    await page.locator('#house').getByRole('button', { name: 'Dark', exact: true }).click();
    await expect(page.locator('#house .reset').first()).toBeVisible();
    await check(page, [], ['#house']);
    await page.getByRole('button', { name: 'From a colour' }).click();
    await expect(page.locator('#house-scheme .pictures svg').first()).toBeVisible();
    await check(page, ['.pictures'], ['#house-scheme']);
    await page.keyboard.press('Escape');
    await page.locator('#house').getByRole('button', { name: 'Style inventory' }).click();
    await page.locator('#aspect-colours').getByRole('button', { name: 'Merge' }).first().click();
    await expect(page.locator('#house-merge .pictures svg').first()).toBeVisible();
    await check(page, ['.pictures'], ['#house-merge']);
    await page.keyboard.press('Escape');
    await check(page, [], ['#house']);
});
