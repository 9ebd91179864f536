/** Hands are quicker than answers: what is done meanwhile is about what it was meant for. */
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, at, box, drag, heldBack, middle, near, openBare, openDemo, paste, pick, saved, screen, test } from './support/hand.ts';

/** A bare screen with a box on it, which is selected; the boxes of the screen. */
async function withBox(page: Page, name: string): Promise<Locator> {
    await openBare(page, name);
    await drawBox(page, 40, 100);
    return screen(page, 'Screen 1').locator('[data-kind=box]');
}

async function drawBox(page: Page, x: number, y: number): Promise<void> {
    await page.keyboard.press('s');
    await drag(page, await at(screen(page, 'Screen 1'), x, y), await at(screen(page, 'Screen 1'), x + 60, y + 40), ['Control']);
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('box');
}

test('keys that follow a duplicate are about the copy, in their order', async ({ page }) => {
    const boxes = await withBox(page, 'Quick keys');
    const [x, y] = await box(boxes.first());
    const go = await heldBack(page, /\/edits$/);
    await page.keyboard.press('Control+d');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Control+d');
    await page.keyboard.press('ArrowRight');
    await go();
    await expect(boxes).toHaveCount(3);
    await expect.poll(async () => (await Promise.all([0, 1, 2].map(async (n) => (await box(boxes.nth(n))).slice(0, 2)))).join(' ')).toBe(`${x},${y} ${x! + 16},${y! + 18} ${x! + 33},${y! + 36}`);
});

test('words that follow a key that leads into a field are not commands, though that waits for a copy', async ({ page }) => {
    const boxes = await withBox(page, 'Quick names');
    const go = await heldBack(page, /\/edits$/);
    await page.keyboard.press('Control+d');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('F2');
    await page.keyboard.type('Bowl rim a');
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowDown');
    // What the browser does itself is not held up.
    await page.keyboard.press('Control+c');
    await go();
    await expect(page.locator('#facets .subject input')).toHaveValue('Bowl rim a');
    await expect(page).toHaveURL(/\/wall$/);
    await expect(page.locator('article.screen')).toHaveCount(1);
    const y = (await box(boxes.first()))[1]!;
    await expect.poll(async () => (await box(boxes.last()))[1]).toBe(y + 18);
    await page.keyboard.press('Control+v');
    await saved(page);
    await expect(boxes).toHaveCount(3);
});

test('what is picked while something is being made stays picked', async ({ page }) => {
    const boxes = await withBox(page, 'Quick picks');
    await drawBox(page, 200, 100);
    const first = (await boxes.first().getAttribute('data-layer'))!;
    const go = await heldBack(page, /\/edits$/);
    await page.keyboard.press('Control+d');
    await pick(page, await middle(boxes.first()), 'box');
    await go();
    await expect(boxes).toHaveCount(3);
    await page.keyboard.press('Delete');
    await saved(page);
    await expect(boxes).toHaveCount(2);
    await expect(page.locator(`[data-layer="${first}"]`)).toHaveCount(0);
});

test('what was copied goes to the screen on which it was pasted, wherever one has gone since', async ({ page }) => {
    await openDemo(page, 'Quick paste');
    await near(page, 'Booked');
    const [from, to, after] = ['Booked', 'Welcome', 'Today'].map((name) => screen(page, name).locator(':scope > svg:not(.grid) > [data-layer]'));
    const counts = [await from!.count(), await to!.count(), await after!.count()];
    await pick(page, await middle(screen(page, 'Booked').locator('[data-kind=text]').first()), 'text');
    const go = await heldBack(page, /\/copy\?/);
    await page.keyboard.press('Control+c');
    await near(page, 'Welcome');
    await page.keyboard.press('Control+v');
    await expect(page.locator('#saved')).toHaveText(/saving/);
    await near(page, 'Today');
    await go();
    await expect(to!).toHaveCount(counts[1]! + 1);
    expect([await from!.count(), await after!.count()]).toEqual([counts[0], counts[2]]);
    // One is still where one went.
    await expect(page.locator('#facets:not([aria-busy]) .subject input')).toHaveValue('Today');
});

test('what is held where something is near comes to rest there once that is known', async ({ page }) => {
    const boxes = await withBox(page, 'Quick snap');
    await drawBox(page, 200, 300);
    const [x] = await box(boxes.first());
    const go = await heldBack(page, /\/snap\?/);
    const [fromX, fromY] = await middle(boxes.last());
    const target = await at(screen(page, 'Screen 1'), x! + 30 + 3, 320);
    await page.mouse.move(fromX, fromY);
    await page.mouse.down();
    await page.mouse.move(target[0], fromY, { steps: 4 });
    await expect.poll(async () => Math.round((await box(boxes.last()))[0]!)).not.toBe(200);
    expect((await box(boxes.last()))[0]).not.toBe(x);
    await go();
    await expect.poll(async () => (await box(boxes.last()))[0]).toBe(x);
    await page.mouse.up();
    await saved(page);
    expect((await box(boxes.last()))[0]).toBe(x);
});

test('what is typed right after a row was added goes into its cells, Tab between them', async ({ page }) => {
    await openBare(page, 'Quick rows');
    await paste(page, '<svg xmlns="http://www.w3.org/2000/svg" width="200" height="40"><rect width="200" height="40" fill="#f3eadd"/><text x="10" y="26" font-size="15">Celadon</text><text x="120" y="26" font-size="15">cone 6</text></svg>');
    await expect(screen(page, 'Screen 1').locator('[data-layer]')).toHaveCount(3);
    await saved(page);
    await page.locator('#facets').getByRole('button', { name: 'Array' }).click();
    const cells = page.locator('#sheet .sheet-cell');
    await expect(cells).toHaveCount(6);
    await cells.nth(4).click();
    const go = await heldBack(page, /\/edits$/);
    await page.keyboard.press('Control+Enter');
    await page.keyboard.type('Ash');
    await page.keyboard.press('Tab');
    await page.keyboard.type('wood');
    await go();
    await expect(cells).toHaveCount(8);
    await expect(cells.nth(7)).toHaveText('wood');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(screen(page, 'Screen 1').locator('[data-kind=array] [data-kind=text]')).toHaveText(['Celadon', 'cone 6', 'Celadon', 'cone 6', 'Celadon', 'cone 6', 'Ash', 'wood']);
    // None of it was a command of the wall.
    await expect(page.locator('article.screen')).toHaveCount(1);
    await expect(page.locator('#devices')).toBeHidden();
});

test('a number that opens a facet and what is typed after it are about what was picked, though another facet stands there still', async ({ page }) => {
    const boxes = await withBox(page, 'Quick numbers');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('screen');
    const go = await heldBack(page, /\/facets\?/);
    await page.mouse.click(...(await middle(boxes)));
    await page.keyboard.press('1');
    await page.keyboard.type('52');
    await page.keyboard.press('Enter');
    await go();
    await expect.poll(async () => (await box(boxes))[0]).toBe(52);
    await expect(page.locator('#f-x')).toHaveValue('52');
    // Not ended by Enter, it stands in the field.
    const again = await heldBack(page, /\/facets\?/);
    await page.keyboard.press('Escape');
    await page.mouse.click(...(await middle(boxes)));
    await page.keyboard.press('1');
    await page.keyboard.type('6');
    await again();
    await expect(page.locator('#f-x')).toBeFocused();
    await page.keyboard.type('0');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await box(boxes))[0]).toBe(60);
});

test('what is refused for good is said once and not asked for again until something else is wanted', async ({ page }) => {
    allowError(/422/);
    const boxes = await withBox(page, 'Refused');
    await page.keyboard.press('Escape');
    let asked = 0;
    await page.route(/\/facets\?/, (route) => {
        asked++;
        return route.fulfill({ status: 422, contentType: 'text/html', body: '<main><h1>That did not work</h1><p>Select fewer layers.</p></main>' });
    });
    await page.mouse.click(...await middle(boxes.first()));
    await expect(page.locator('#toast')).toContainText('Select fewer layers.');
    await page.waitForFunction((since) => performance.now() - since > 800, await page.evaluate(() => performance.now()));
    expect(asked).toBe(1);
    await page.unroute(/\/facets\?/);
    await page.keyboard.press('Escape');
    await pick(page, await middle(boxes.first()), 'box');
});
