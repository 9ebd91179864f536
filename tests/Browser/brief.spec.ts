/** The brief by hand: written, searched, planned, hung on the wall; requirements tied and covered. */
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { drag, enter, extent, middle, near, newProject, openDemo, paste, saved, screen, test } from './support/hand.ts';

/** Adds an entry to a part and writes its title; the card with it. */
async function add(page: Page, part: string, title: string): Promise<ReturnType<Page['locator']>> {
    const section = page.locator(`section[data-part=${part}]`);
    const before = await section.locator('[data-entry]').count();
    await section.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(section.locator('[data-entry]')).toHaveCount(before + 1);
    const card = section.locator('[data-entry]').last();
    await expect(card.locator('.title')).toBeFocused();
    await page.keyboard.type(title);
    // Enter makes the next row; left empty it goes again.
    await page.keyboard.press('Enter');
    await expect(section.locator('[data-entry]')).toHaveCount(before + 2);
    await page.keyboard.press('Enter');
    await expect(section.locator('[data-entry]')).toHaveCount(before + 1);
    await saved(page);
    return section.locator('[data-entry]').last();
}

test('a brief is written, searched and reordered, and its plan hung on the wall', async ({ page }) => {
    test.setTimeout(90_000);
    await enter(page);
    await newProject(page, 'Glaze days');
    await page.getByRole('link', { name: 'Brief' }).click();
    await expect(page.getByRole('heading', { name: 'Goals' })).toBeVisible();

    const goal = await add(page, 'goal', 'Fewer calls');
    await goal.getByRole('button', { name: 'More about' }).click();
    await goal.locator('.prose').click();
    await page.keyboard.type('The desk takes **thirty** calls.\n\n- most before Saturday\n- <b>none</b> needed');
    await page.keyboard.press('Control+Enter');
    await page.keyboard.press('Enter');
    await expect(goal.locator('.prose strong')).toHaveText('thirty');
    await expect(goal.locator('.prose li')).toHaveText(['most before Saturday', '<b>none</b> needed']);
    await add(page, 'goal', 'No tall pieces');
    const goals = page.locator('section[data-part=goal] .title');
    await page.locator('section[data-part=goal] [data-entry]').last().getByRole('button', { name: 'More about' }).click();
    await page.locator('section[data-part=goal] [data-entry]').last().getByRole('button', { name: 'Move up' }).click();
    await expect(goals.first()).toHaveValue('No tall pieces');
    const grips = page.locator('section[data-part=goal] .grip');
    await grips.first().dragTo(page.locator('section[data-part=goal] [data-entry]').last(), { targetPosition: { x: 100, y: 24 } });
    await expect(goals.first()).toHaveValue('Fewer calls');

    await page.getByLabel('Find in the brief').fill('saturday THIRTY');
    await expect(page.locator('[data-entry]')).toHaveCount(1);
    await page.getByLabel('Find in the brief').fill('');
    await expect(page.locator('[data-entry]')).toHaveCount(2);

    // A plan with one name twice; what leads to what; what is not made.
    await add(page, 'plan', 'Days');
    await add(page, 'plan', 'Day');
    const third = await add(page, 'plan', 'days');
    const plan = page.locator('section[data-part=plan]');
    await expect(plan).toContainText('“Days” is planned twice.');
    await third.getByRole('button', { name: 'More about' }).click();
    await third.getByRole('button', { name: 'Remove days' }).click();
    await expect(plan).not.toContainText('planned twice');
    const first = plan.locator('[data-entry]').first();
    await first.getByRole('button', { name: 'More about' }).click();
    await first.getByLabel('Leads to a screen').selectOption({ label: 'Day' });
    await expect(plan.locator('.sketch .leads')).toHaveCount(1);
    await first.getByLabel('empty', { exact: true }).check();
    await expect(plan).toContainText('Not made yet: “Days”, “Day”.');
    await plan.getByRole('button', { name: 'Hang all on the wall' }).click();
    await expect(first).toContainText('on the wall as Days');
    await expect(plan).toContainText('“Days” has no version for empty.');

    // On the wall the missing condition is made, as a version of its screen.
    await page.getByRole('link', { name: 'Wall' }).click();
    await expect(page.locator('article.screen')).toHaveCount(2);
    await near(page, 'Days');
    await page.locator('#facets').getByLabel('Version for').selectOption({ label: 'make empty' });
    await expect(screen(page, 'Days, empty')).toHaveCount(1);
    await page.getByRole('link', { name: 'Brief' }).click();
    await expect(page.locator('section[data-part=plan]')).not.toContainText('no version for');

    // What was removed comes back.
    await page.locator('section[data-part=goal] [data-entry]').first().getByRole('button', { name: 'More about' }).click();
    await page.locator('section[data-part=goal]').getByRole('button', { name: 'Remove Fewer calls' }).click();
    await expect(goals).toHaveCount(1);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(goals).toHaveCount(2);
    await expect(page.locator('section[data-part=goal] .prose strong')).toHaveText('thirty');

    // What was being typed when the page is left is there afterwards.
    await page.locator('section[data-part=goal] [data-brief-do=add]').click();
    await page.keyboard.type('Shelves are seen from home');
    await page.reload();
    await expect(goals).toHaveCount(3);
    await expect(goals.last()).toHaveValue('Shelves are seen from home');
});

test('five requirements, one of them uncovered: found, covered on the wall, and lit up there', async ({ page }) => {
    test.setTimeout(90_000);
    await openDemo(page, 'Covered', 'Kiln-shelf booking');
    await page.getByRole('link', { name: 'Brief' }).click();
    const needs = page.locator('section[data-part=requirement]');
    await expect(needs).toContainText('4 covered, 0 partly, 1 missing');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await expect(needs.locator('[data-status=missing]')).toHaveCount(1);
    await expect(needs.locator('.unasked')).toContainText('Summary');

    // On the wall, beside the screen that is to meet it.
    await page.getByRole('link', { name: 'Wall' }).click();
    await expect(page.locator('[data-card]').last().locator('.covers')).toHaveText('1 of 1 covered');
    await near(page, 'Booked');
    await page.getByRole('button', { name: 'Requirements', exact: true }).click();
    const panel = page.locator('#needs');
    const open = panel.locator('[data-need]', { hasText: 'called off' });
    await expect(open.locator('.status')).toHaveText('missing');
    const booked = screen(page, 'Booked');
    const words = booked.locator('[data-kind=text]').last();
    await page.mouse.click(...(await middle(words)));
    await expect(page.locator('#facets .subject .kind')).toHaveText('text');
    await open.getByRole('button', { name: 'Tie the selection' }).click();
    await expect(open.locator('.status')).toHaveText('covered');
    await expect(page.locator('[data-card]').last().locator('.covers')).toHaveText('2 of 2 covered');
    // What covers it lights up where it lies.
    await open.hover();
    const light = await extent(page.locator('#lights > div'));
    const lit = await extent(words);
    expect(Math.abs(light.x - lit.x)).toBeLessThan(8);
    expect(Math.abs(light.y - lit.y)).toBeLessThan(12);

    // Hidden, it is covered only partly, and the badge says so at once.
    await page.mouse.click(...(await middle(words)));
    await page.locator('#reel [data-card]').last().locator('summary').click();
    await page.locator('#reel [data-item].picked').getByRole('button', { name: /^Hide/ }).click();
    await expect(open.locator('.status')).toHaveText('partly');
    await expect(open).toContainText('is hidden.');
    await expect(page.locator('[data-card]').last().locator('.covers')).toHaveText('1 of 2 covered');
    await page.keyboard.press('Control+z');
    await expect(open.locator('.status')).toHaveText('covered');

    // A new one from here; the brief lists it.
    await panel.getByLabel('New requirement').fill('The number is easy to read');
    await panel.getByLabel('New requirement').press('Enter');
    await expect(panel.locator('[data-need]')).toHaveCount(3);
    await page.getByRole('link', { name: 'Brief' }).click();
    await expect(needs).toContainText('5 covered, 0 partly, 1 missing');
});

test('a reference gives its main colours and lies under a screen to be traced', async ({ page }) => {
    await openDemo(page, 'Traced', 'Kiln-shelf booking');
    // A picture of two flat colours, drawn here.
    const png = await page.evaluate(() => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [200, 100];
        const context = canvas.getContext('2d')!;
        context.fillStyle = '#17594f';
        context.fillRect(0, 0, 200, 100);
        context.fillStyle = '#f3d9b1';
        context.fillRect(0, 0, 60, 100);
        return canvas.toDataURL('image/png').split(',')[1]!;
    });
    // It is chosen before the scripts of the page are there.
    let loaded = (): void => undefined;
    const picked = new Promise<void>((go) => (loaded = go));
    await page.route(/\/build\/.*brief.*\.js$/, async (route) => {
        await picked;
        await route.continue();
    });
    await page.getByRole('link', { name: 'Brief' }).click({ noWaitAfter: true });
    await page.locator('#reference-file').setInputFiles({ name: 'Two clays.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
    loaded();
    const card = page.locator('section[data-part=reference] [data-entry]');
    await expect(card.locator('.title')).toHaveValue('Two clays');
    await expect(card.locator('.swatch')).toHaveText(['#17594f', '#f3d9b1']);
    await card.getByRole('button', { name: 'More about' }).click();
    await expect(card).toContainText('200 × 100');
    await card.getByLabel('Lay it under a screen').selectOption({ label: 'Summary' });
    await expect(page.locator('#toast')).toContainText('It lies under “Summary”');
    await page.getByRole('link', { name: 'Wall' }).click();
    const ground = screen(page, 'Summary').locator('image[data-ground=tracing]');
    await expect(ground).toHaveAttribute('width', '390');
    await expect(ground).toHaveAttribute('height', '195');
    await near(page, 'Summary');
    await page.locator('#facets').getByLabel('Tracing').fill('0.8');
    await page.locator('#facets').getByLabel('Tracing').press('Enter');
    await page.keyboard.press('Escape');
    await expect(ground).toHaveAttribute('opacity', '0.8');
    // What is drawn goes over it, and it leaves with neither rehearsal nor pictures.
    await page.keyboard.press('s');
    const box = await extent(screen(page, 'Summary'));
    await drag(page, [box.x + 40, box.y + box.height * 0.62], [box.x + 120, box.y + box.height * 0.68]);
    await expect(screen(page, 'Summary').locator('[data-ground=tracing] ~ [data-layer]')).not.toHaveCount(0);
    expect(await (await page.request.get((await page.getByRole('link', { name: 'Rehearse', exact: true }).getAttribute('href'))!)).text()).not.toContain('data-ground="tracing"');
    await page.locator('[data-card]', { hasText: 'Summary' }).locator('[data-open-screen]').click();
    await page.locator('#facets').getByRole('button', { name: 'Remove', exact: true }).click();
    await expect(ground).toHaveCount(0);
});

test('a plan is written at the speed of a list, linked in its sketch and hung from there', async ({ page }) => {
    await enter(page);
    await newProject(page, 'Quick plan');
    await page.getByRole('link', { name: 'Brief' }).click();
    const plan = page.locator('section[data-part=plan]');
    const titles = (): Promise<string[]> => plan.locator('.title').evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value));
    await plan.getByRole('button', { name: 'Add', exact: true }).click();
    // Nothing waits for the server: five rows, one with its purpose, in one go.
    for (const [written, key] of [['Welcome', 'Tab'], ['Says what members can do', 'Tab'], ['Shelf', 'Enter'], ['Book', 'Enter'], ['Done', 'Enter']] as const) {
        await page.keyboard.type(written);
        await page.keyboard.press(key);
    }
    await page.keyboard.press('Enter');
    expect(await titles()).toEqual(['Welcome', 'Shelf', 'Book', 'Done']);
    await saved(page);
    await expect(plan.locator('.gist').first()).toHaveText('Says what members can do');
    const heights = await plan.locator('[data-entry]').evaluateAll((all) => all.map((one) => one.getBoundingClientRect().height));
    expect(Math.max(...heights)).toBeLessThan(36);
    // A list that was copied elsewhere becomes rows, in one step.
    await plan.locator('.title').nth(1).focus();
    await paste(page, '- Glazes\tAll of them\n2. One glaze\n\n• My pieces');
    await saved(page);
    await page.reload();
    expect(await titles()).toEqual(['Welcome', 'Shelf', 'Glazes', 'One glaze', 'My pieces', 'Book', 'Done']);
    await page.keyboard.press('Control+z');
    await expect.poll(titles).toEqual(['Welcome', 'Shelf', 'Book', 'Done']);
    // Pasted into a new row in the middle it stands there, from its first line on.
    await plan.locator('.title').nth(0).focus();
    await page.keyboard.press('Enter');
    await paste(page, '1) Kiln\n2) Oven');
    await saved(page);
    await page.reload();
    expect(await titles()).toEqual(['Welcome', 'Kiln', 'Oven', 'Shelf', 'Book', 'Done']);
    await page.keyboard.press('Control+z');
    await expect.poll(titles).toEqual(['Welcome', 'Shelf', 'Book', 'Done']);
    // Links are drawn from card to card, and undone at their arrows.
    const cards = plan.locator('.plan-card');
    await expect(cards).toHaveCount(4);
    const link = async (from: number, to: number): Promise<void> => {
        await cards.nth(to).scrollIntoViewIfNeeded();
        await drag(page, await middle(cards.nth(from)), await middle(cards.nth(to)));
        await saved(page);
    };
    await link(0, 1);
    await expect(plan.locator('.arrow')).toHaveCount(1);
    await link(0, 2);
    await expect(plan.locator('.arrow')).toHaveCount(2);
    await plan.getByRole('button', { name: /leads to Shelf: undo|leads to Book: undo/ }).first().focus();
    await page.keyboard.press('Delete');
    await expect(plan.locator('.arrow')).toHaveCount(1);
    await cards.filter({ hasText: 'Welcome' }).getByRole('button', { name: 'Hang Welcome on the wall' }).click();
    await expect(plan.locator('.gist').first()).toContainText('on the wall');
    await expect(plan.locator('.plan-card[data-made=true]')).toHaveCount(1);
    // What is at the side stays in view.
    await page.mouse.wheel(0, 3000);
    await expect(page.getByRole('link', { name: 'Wall' })).toBeInViewport();
    await expect(page.getByLabel('Find in the brief')).toBeInViewport();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('from a bare wall to the plan: rows stay under the hand while the server draws, and all that hangs is seen', async ({ page }) => {
    await enter(page);
    await newProject(page, 'Bare wall');
    await page.getByRole('link', { name: 'Write the plan' }).click();
    const plan = page.locator('section[data-part=plan]');
    await expect(plan.locator('.title')).toBeFocused();
    await page.keyboard.type('Wheels');
    // The row before is drawn by now, and the one at hand is still empty.
    await Promise.all([page.waitForResponse(/brief\/body/), page.keyboard.press('Enter')]);
    await page.keyboard.type('Slot');
    await page.keyboard.press('Enter');
    await page.keyboard.type('Receipt');
    await page.keyboard.press('Tab');
    await page.keyboard.type('What was paid');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await saved(page);
    await page.reload();
    expect(await plan.locator('.title').evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))).toEqual(['Wheels', 'Slot', 'Receipt']);
    await page.getByRole('button', { name: 'Hang all on the wall' }).click();
    await saved(page);
    await page.getByRole('link', { name: 'Wall' }).click();
    for (const name of ['Wheels', 'Slot', 'Receipt']) await expect(page.locator('.screen-name', { hasText: name })).toBeInViewport();
});
