/** Cues and threads: drawn by the knot, set in their facet, played as set. */
import { expect, type Page } from '@playwright/test';
import { allowError, at, drag, middle, near, openDemo, pick, saved, screen, test } from './support/hand.ts';

const cue = (page: Page) => page.locator('#facets .cue').last();

async function choose(page: Page, label: string, value: string): Promise<void> {
    await cue(page).getByLabel(label, { exact: true }).selectOption(value);
    await saved(page);
}

test('a cue is set to wait, to go elsewhere, and to move otherwise; the rehearsal does as set', async ({ page }) => {
    await openDemo(page, 'Cues');
    const glazes = screen(page, 'Glaze library');
    const ring = screen(page, 'Booked').locator('[data-layer][data-kind=ellipse]');
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    await drag(page, await middle(page.locator('#overlay .knot circle').last()), await at(glazes, 200, 600));
    await expect(ring).toHaveAttribute('data-cues', />glazes$/);
    await expect(cue(page).getByLabel('When', { exact: true })).toHaveValue('tap');

    await choose(page, 'When', 'delay');
    await expect(cue(page).getByLabel('After ms')).toHaveValue('1000');
    await cue(page).getByLabel('After ms').fill('0.4s');
    await cue(page).getByLabel('After ms').press('Enter');
    await saved(page);
    await expect(cue(page).getByLabel('After ms')).toHaveValue('400');
    await cue(page).getByLabel('After ms').press('ArrowDown');
    await saved(page);
    await expect(cue(page).getByLabel('After ms')).toHaveValue('390');
    await choose(page, 'Screen', 'kiln');
    await choose(page, 'Transition', 'cover');
    await choose(page, 'Direction', 'up');
    await cue(page).getByLabel('Duration ms').fill('200');
    await cue(page).getByLabel('Duration ms').press('Enter');
    await saved(page);
    await expect(ring).toHaveAttribute('data-cues', />kiln$/);

    await near(page, 'Booked');
    // A screen that is left after 0.4 s may be gone before it is looked for: all are noted.
    const noted = await page.addInitScript(() => {
        const names: string[] = ((window as unknown as { shown: string[] }).shown = []);
        new MutationObserver(() => {
            const name = document.querySelector('#rehearsal .screen-now')?.textContent;
            if (name && name !== names.at(-1)) names.push(name);
        }).observe(document, { childList: true, characterData: true, subtree: true });
    });
    await page.keyboard.press('r');
    const shown = (): Promise<string[]> => page.evaluate(() => (window as unknown as { shown: string[] }).shown);
    await page.waitForURL(/\/rehearse/);
    await expect.poll(shown).toEqual(['Booked', 'Kiln status']);
    await page.keyboard.press('ArrowLeft');
    // The delay counts anew once the screen has settled.
    await expect.poll(shown).toEqual(['Booked', 'Kiln status', 'Booked', 'Kiln status']);
    // Escape leads back to the wall, to the screen that was looked at.
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets .subject input')).toHaveValue('Kiln status');
    await expect(page.locator('.screen-name', { hasText: 'Kiln status' })).toBeInViewport();
    expect(new URL(page.url()).hash).toBe('');
    await noted.dispose();
});

test('a thread under way runs as it will lie, around the screens between', async ({ page }) => {
    await openDemo(page, 'Ways');
    await near(page, 'Welcome');
    await page.keyboard.press('f');
    const [from, to] = [await at(screen(page, 'Booked'), 145, 250), await at(screen(page, 'Welcome'), 200, 500)];
    await page.keyboard.press('g');
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(to[0], to[1] + 30, { steps: 6 });
    await page.mouse.move(...to);
    const way = (await page.locator('#overlay .thread[transform]').getAttribute('d'))!;
    await page.mouse.up();
    await saved(page);
    expect(way.split('Q').length).toBeGreaterThan(2);
    await expect.poll(() => page.locator('#overlay .threads .thread').evaluateAll((all) => all.map((one) => one.getAttribute('d')))).toContain(way);
});

test('a return takes the inverse unless it is given a way of its own', async ({ page }) => {
    await openDemo(page, 'Returns');
    await near(page, 'Booked');
    const ring = screen(page, 'Booked').locator('[data-layer][data-kind=ellipse]');
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    await page.getByRole('button', { name: 'On tap, return' }).click();
    await expect(cue(page).getByLabel('Transition', { exact: true })).toHaveValue('');
    await expect(cue(page).getByLabel('Direction', { exact: true })).toHaveCount(0);
    await saved(page);
    await choose(page, 'Transition', 'reveal');
    await choose(page, 'Direction', 'down');
    const played = async (): Promise<{ kind: string; plan: object | null }> => {
        const id = await cue(page).getAttribute('data-cue');
        const text = await (await page.request.get(page.url().replace('/wall', '/rehearse'))).text();
        const programme = JSON.parse(/id="programme">(.*?)<\/script>/s.exec(text)![1]!) as { cues: { id: string; actions: { kind: string; plan: object | null }[] }[] };
        return programme.cues.find((row) => row.id === id)!.actions[0]!;
    };
    expect(await played()).toMatchObject({ kind: 'return', plan: { above: 'leaving', tracks: [{ property: 'translateY', values: [-0.25, 0] }, { property: 'translateY', values: [0, 1] }] } });
    await choose(page, 'Transition', '');
    expect((await played()).plan).toBeNull();
    await page.getByRole('button', { name: 'Remove cue' }).click();
    await expect(page.locator('#facets .cue')).toHaveCount(0);
    await expect(ring).not.toHaveAttribute('data-cues', /./);
});

test('an easing that is none is refused at its field, and nothing else changes', async ({ page }) => {
    allowError(/422/);
    await openDemo(page, 'Easings');
    const link = page.locator('.screen[data-screen=welcome] [data-cues]:not([data-cues=""])').first();
    await near(page, 'Welcome');
    await pick(page, await middle(link), 'group');
    const field = cue(page).getByLabel('Easing', { exact: true });
    await field.fill('bouncy');
    await field.press('Enter');
    await expect(page.getByRole('alert')).toContainText('“bouncy” is not an easing');
    await field.fill('cubic-bezier(.2, 1.4, .6, 1)');
    await field.press('Enter');
    await saved(page);
    await expect(page.getByRole('alert')).toHaveCount(0);
    await expect(cue(page).getByLabel('Easing', { exact: true })).toHaveValue('cubic-bezier(0.2, 1.4, 0.6, 1)');
});

test('threads show by their lens, and a cue to a deleted screen says so', async ({ page }) => {
    await openDemo(page, 'Lens');
    const threads = page.locator('#overlay .threads .thread');
    const count = await threads.count();
    expect(count).toBeGreaterThan(6);
    await page.getByRole('button', { name: 'Threads' }).click();
    await expect(threads).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('button', { name: 'Threads' })).toBeVisible();
    await expect(threads).toHaveCount(0);
    await page.getByRole('button', { name: 'Threads' }).click();
    await expect(threads).toHaveCount(count);
    // Where the pointer is on a thread, its cue is said; beside it no more.
    const [x, y] = await threads.evaluateAll((all) => {
        const middles = all.map((thread) => {
            const path = thread as SVGPathElement;
            const { x, y } = path.getPointAtLength(path.getTotalLength() / 2).matrixTransform(path.getScreenCTM()!);
            return [x, y] as [number, number];
        });
        return middles.find(([x, y]) => document.elementFromPoint(x, y)?.closest('#wall') && !document.elementFromPoint(x, y)!.closest('article'))!;
    });
    await page.mouse.move(x, y);
    await expect(page.locator('#tag')).toContainText(/Tap: show “[^”]+”/);
    await page.mouse.move(x + 60, y + 60);
    await page.mouse.move(640, 700);
    await expect(page.locator('#tag')).toBeHidden();

    await near(page, 'Glaze library');
    await page.keyboard.press('Delete');
    await expect(page.locator('article.screen')).toHaveCount(6);
    await expect.poll(() => threads.count()).toBeLessThan(count);
    await page.keyboard.press('f');
    const tab = page.locator('.screen[data-screen=today] [data-cues$=">glazes"]').first();
    await page.locator('[data-card=today] summary').click();
    const id = await tab.getAttribute('data-layer');
    await page.locator(`[data-item="${id}"] > .item-row .item-name`).click();
    await expect(page.locator('#facets .field-problem')).toContainText('The screen was deleted');
});
