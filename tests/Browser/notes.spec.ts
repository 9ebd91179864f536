/** Notes by hand: tied to a layer or a place, found, changed, resolved, printed. */
import { expect } from '@playwright/test';
import { allowError, at, drag, extent, heldBack, middle, near, openDemo, saved, screen, test } from './support/hand.ts';

test('notes are tied, follow their layer, are searched, changed, resolved and printed', async ({ page }) => {
    await openDemo(page, 'Notes');
    await near(page, 'Today');
    const today = screen(page, 'Today');
    const panel = page.locator('#notes');
    const marks = page.locator('#marks button');
    const heading = today.locator('text', { hasText: 'Coming up' });

    // On a layer.
    await page.keyboard.press('n');
    await page.mouse.click(...(await middle(heading)));
    await expect(panel).toContainText('about this layer');
    await page.keyboard.type('Say what is coming up, and for whom');
    await page.keyboard.press('Control+Enter');
    await expect(panel.locator('[data-note]')).toHaveCount(1);
    await expect(panel).toContainText('Maren Oake');
    // On a place.
    await page.keyboard.press('n');
    await page.mouse.click(...(await at(today, 200, 720)));
    await expect(panel).toContainText('about this place');
    await expect(panel.getByLabel('New note')).toBeFocused();
    await page.keyboard.type('The room below the button is empty');
    await panel.getByRole('button', { name: 'Add the note' }).click();
    await expect(marks).toHaveCount(2);
    await expect(marks.nth(1)).toHaveText('2');

    // A mark goes where its layer goes, and where the wall goes.
    const before = await extent(marks.first());
    await page.mouse.click(...(await middle(heading)));
    await drag(page, await middle(heading), [(await middle(heading))[0] + 40, (await middle(heading))[1] + 12], ['Control']);
    await saved(page);
    await expect.poll(async () => Math.round((await marks.first().boundingBox())!.x - before.x)).toBe(40);
    const place = await extent(marks.nth(1));
    await page.mouse.wheel(0, 60);
    await expect.poll(async () => Math.round((await marks.nth(1).boundingBox())!.y - place.y)).toBe(-60);

    // Searched: only what is found is marked.
    await panel.getByLabel('Find in notes').fill('BELOW button');
    await expect(marks).toHaveCount(1);
    await expect(panel.locator('[data-note]:visible')).toContainText('The room below');
    await panel.getByLabel('Find in notes').fill('');
    await expect(marks).toHaveCount(2);

    // Changed in the list, resolved, and still so after a reload.
    await panel.getByText('The room below').click();
    await panel.getByLabel('Words of the note').fill('The room below the button is meant');
    await panel.getByRole('heading', { name: 'Notes' }).click();
    await expect(panel).toContainText('is meant');
    await panel.locator('[data-note]').nth(1).getByLabel('resolved').check();
    await expect(panel).toContainText('1 open, 1 resolved');
    await expect(marks.nth(1)).toHaveAttribute('data-resolved', 'true');
    await page.reload();
    await expect(marks).toHaveCount(0);
    await page.getByRole('button', { name: 'Notes', exact: true }).click();
    await expect(marks).toHaveCount(2);

    const [download] = await Promise.all([page.waitForEvent('download'), panel.getByRole('link', { name: 'Print the notes' }).click()]);
    expect(download.suggestedFilename()).toBe('Notes, notes.pdf');
    await panel.locator('[data-note]').first().getByRole('button', { name: 'Delete' }).click();
    await expect(marks).toHaveCount(1);
    await expect(marks.first()).toHaveText('2');
});

test('a note without words is not kept, and the place stays in hand', async ({ page }) => {
    await openDemo(page, 'No words');
    await near(page, 'Today');
    const panel = page.locator('#notes');
    await page.keyboard.press('n');
    await page.mouse.click(...(await at(screen(page, 'Today'), 100, 700)));
    allowError(/ERR_FAILED/);
    await page.route('**/notes', (route) => route.request().method() === 'POST' ? route.abort() : route.continue());
    await panel.getByLabel('New note').fill('Written while the server is away');
    await panel.getByRole('button', { name: 'Add the note' }).click();
    await expect(page.locator('#toast')).toContainText('The note was not saved');
    await expect(panel.getByLabel('New note')).toHaveValue('Written while the server is away');
    await page.unroute('**/notes');
    await panel.getByRole('button', { name: 'Add the note' }).click();
    await expect(panel.locator('[data-note]')).toContainText('Written while the server is away');
});

test('a note that is being written outlasts the list, other notes and the page, until it is added or given up', async ({ page }) => {
    await openDemo(page, 'Half a note');
    await near(page, 'Today');
    const today = screen(page, 'Today');
    const panel = page.locator('#notes');
    const field = panel.getByLabel('New note');
    // Written and added before the list has come.
    const list = await heldBack(page, /\/notes\?q=/);
    await page.keyboard.press('n');
    await page.mouse.click(...(await at(today, 200, 720)));
    await page.keyboard.type('Said first');
    await page.keyboard.press('Control+Enter');
    await list();
    await expect(panel.locator('[data-note]')).toHaveCount(1);
    await expect(panel).toContainText('Said first');

    await page.keyboard.press('n');
    await page.mouse.click(...(await at(today, 100, 600)));
    await page.keyboard.type('Only half of');
    // Another note is resolved meanwhile, and one is looked for.
    await panel.locator('[data-note]').first().getByLabel('resolved').check();
    await expect(panel).toContainText('0 open, 1 resolved');
    await expect(field).toHaveValue('Only half of');
    await panel.getByLabel('Find in notes').fill('first');
    await expect(panel.locator('[data-note]:visible')).toHaveCount(1);
    await expect(panel.getByLabel('Find in notes')).toBeFocused();
    await expect(field).toHaveValue('Only half of');
    await panel.getByRole('button', { name: 'Close the notes' }).click();
    await page.getByRole('button', { name: 'Notes', exact: true }).click();
    await expect(field).toHaveValue('Only half of');
    await page.reload();
    await expect(field).toHaveValue('Only half of');
    await field.press('End');
    await page.keyboard.type(' it');
    await page.keyboard.press('Control+Enter');
    await expect(panel.locator('[data-note]')).toHaveCount(2);
    await expect(panel).toContainText('Only half of it');

    // What could not be saved of a change is still there to be saved.
    allowError(/500/);
    await page.route(/\/notes\/\d+$/, (route) => route.fulfill({ status: 500, body: '{}', contentType: 'application/json' }), { times: 1 });
    await panel.getByText('Only half of it').click();
    await panel.getByLabel('Words of the note').fill('All of it');
    await panel.getByRole('heading', { name: 'Notes' }).click();
    await expect(page.locator('#toast')).toContainText('The note was not saved');
    await expect(panel.getByLabel('Words of the note')).toHaveValue('All of it');
    await panel.getByRole('heading', { name: 'Notes' }).click();
    await expect(panel.locator('.note-words').last()).toHaveText('All of it');

    await page.reload();
    await expect(page.locator('[data-ready]')).toBeAttached();
    await expect(panel).toBeHidden();
});
