/** Rough, plain and dressed: how screens are drawn changes with one press, and nothing else does. */
import { expect } from '@playwright/test';
import { likeReload, near, openDemo, saved, screen, setField, test } from './support/hand.ts';

test('a project is drawn rough, plain and dressed; one screen keeps its own; undo goes back step by step', async ({ page }) => {
    await openDemo(page, 'Finish');
    await near(page, 'Today');
    const today = screen(page, 'Today');
    const kiln = screen(page, 'Kiln status');
    const boxes = (): Promise<(string | null)[]> => today.locator('[data-layer]').evaluateAll((all) => all.map((one) => one.getAttribute('data-box')));
    const before = await boxes();
    const finish = page.getByRole('group', { name: 'Finish of the project' });

    await finish.getByRole('button', { name: 'Rough' }).click();
    await expect(today.locator('text[font-family^=Caveat]').first()).toBeVisible();
    await expect(kiln.locator('text[font-family^=Caveat]').first()).toBeAttached();
    await expect(finish.getByRole('button', { name: 'Rough' })).toHaveAttribute('aria-pressed', 'true');
    await likeReload(page, today);
    expect(await boxes()).toEqual(before);
    // Hand lettering takes the room of the words that it stands for, to a hair.
    const widths = await today.locator('tspan').evaluateAll((all) => all.map((one) => [Number(one.getAttribute('textLength')), (one as SVGTSpanElement).getComputedTextLength()]));
    for (const [wanted, taken] of widths) expect(Math.abs(wanted! - taken!)).toBeLessThan(0.5);

    await page.locator('#facets').getByLabel('Background', { exact: true }).fill('#e2d6c6');
    await page.locator('#facets').getByLabel('Background', { exact: true }).press('Enter');
    await saved(page);
    await likeReload(page, today);
    await page.keyboard.press('Control+z');
    await likeReload(page, today);
    await page.locator('#facets').getByLabel('Finish').selectOption('dressed');
    await saved(page);
    await expect(today.locator('text[font-family^=Spectral]').first()).toBeVisible();
    await likeReload(page, today);
    await finish.getByRole('button', { name: 'Plain' }).click();
    await expect(kiln.locator('text[font-family^=Caveat]')).toHaveCount(0);
    await expect(kiln.locator('[data-ground]')).toHaveAttribute('fill', '#1e1e1e');
    await expect(today.locator('[data-ground]')).toHaveAttribute('fill', '#f6efe6');
    await likeReload(page, kiln);

    for (const [name, family] of [['Kiln status', 'Caveat'], ['Today', 'Caveat'], ['Today', 'Spectral']] as const) {
        await page.keyboard.press('Control+z');
        await saved(page);
        await expect(screen(page, name).locator(`text[font-family^=${family}]`).first()).toBeAttached();
    }
    await expect(finish.getByRole('button', { name: 'Dressed' })).toHaveAttribute('aria-pressed', 'true');
});

test('what is edited on a rough screen is drawn by hand at once', async ({ page }) => {
    await openDemo(page, 'By hand');
    await near(page, 'Today');
    const today = screen(page, 'Today');
    await page.locator('#facets').getByLabel('Finish').selectOption('rough');
    const heading = today.locator('text', { hasText: 'Coming up' });
    await expect(heading).toHaveAttribute('font-family', /^Caveat/);
    await heading.click();
    await setField(page, 'Size', '26');
    await expect(heading).toHaveAttribute('font-family', /^Caveat/);
    await likeReload(page, today);
    await page.keyboard.press('Control+z');
    await likeReload(page, today);
});
