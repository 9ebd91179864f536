/** Hands are quicker than answers: what is done meanwhile is about what it was meant for. */
import { expect, type Page } from '@playwright/test';
import { at, box, middle, near, openBare, openDemo, pick, saved, screen, test } from './support/hand.ts';

/** Answers to what matches set out only when what is given back is called. */
async function late(page: Page, what: RegExp): Promise<() => Promise<void>> {
    let go = (): void => undefined;
    const waiting = new Promise<void>((done) => (go = done));
    await page.route(what, async (route) => {
        await waiting;
        // Whoever asked may have given it up.
        await route.continue().catch(() => undefined);
    });
    return async () => {
        go();
        await page.unroute(what, undefined);
        await saved(page);
    };
}

/** A box on a screen, selected. */
async function drawBox(page: Page, x: number, y: number): Promise<void> {
    const one = screen(page, 'Screen 1');
    await page.keyboard.press('s');
    const [from, to] = [await at(one, x, y), await at(one, x + 60, y + 40)];
    await page.keyboard.down('Control');
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(...to, { steps: 3 });
    await page.mouse.up();
    await page.keyboard.up('Control');
    await saved(page);
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('box');
}

test('keys that follow a duplicate are about the copy, in their order', async ({ page }) => {
    await openBare(page, 'Quick keys');
    await drawBox(page, 40, 100);
    const boxes = screen(page, 'Screen 1').locator('[data-kind=box]');
    const [x, y] = await box(boxes.first());
    const go = await late(page, /\/edits$/);
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
    await openBare(page, 'Quick names');
    await drawBox(page, 40, 100);
    const go = await late(page, /\/edits$/);
    await page.keyboard.press('Control+d');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('F2');
    await page.keyboard.type('Bowl rim a');
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowDown');
    // What the browser does itself is not held up.
    await page.keyboard.press('Control+c');
    await go();
    const boxes = screen(page, 'Screen 1').locator('[data-kind=box]');
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
    await openBare(page, 'Quick picks');
    await drawBox(page, 40, 100);
    await drawBox(page, 200, 100);
    const boxes = screen(page, 'Screen 1').locator('[data-kind=box]');
    const first = (await boxes.first().getAttribute('data-layer'))!;
    const go = await late(page, /\/edits$/);
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
    const go = await late(page, /\/copy\?/);
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
    await openBare(page, 'Quick snap');
    await drawBox(page, 40, 100);
    await drawBox(page, 200, 300);
    const boxes = screen(page, 'Screen 1').locator('[data-kind=box]');
    const [x] = await box(boxes.first());
    const go = await late(page, /\/snap\?/);
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
    await page.evaluate(() => {
        const data = new DataTransfer();
        data.setData('text/plain', '<svg xmlns="http://www.w3.org/2000/svg" width="200" height="40"><rect width="200" height="40" fill="#f3eadd"/><text x="10" y="26" font-size="15">Celadon</text><text x="120" y="26" font-size="15">cone 6</text></svg>');
        document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await expect(screen(page, 'Screen 1').locator('[data-layer]')).toHaveCount(3);
    await saved(page);
    await page.locator('#facets').getByRole('button', { name: 'Array' }).click();
    const cells = page.locator('#sheet .sheet-cell');
    await expect(cells).toHaveCount(6);
    await cells.nth(4).click();
    const go = await late(page, /\/edits$/);
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
    await openBare(page, 'Quick numbers');
    await drawBox(page, 40, 100);
    const one = screen(page, 'Screen 1').locator('[data-kind=box]');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('screen');
    const go = await late(page, /\/facets\?/);
    await page.mouse.click(...(await middle(one)));
    await page.keyboard.press('1');
    await page.keyboard.type('52');
    await page.keyboard.press('Enter');
    await go();
    await expect.poll(async () => (await box(one))[0]).toBe(52);
    await expect(page.locator('#f-x')).toHaveValue('52');
    // Not ended by Enter, it stands in the field.
    const again = await late(page, /\/facets\?/);
    await page.keyboard.press('Escape');
    await page.mouse.click(...(await middle(one)));
    await page.keyboard.press('1');
    await page.keyboard.type('6');
    await again();
    await expect(page.locator('#f-x')).toBeFocused();
    await page.keyboard.type('0');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await box(one))[0]).toBe(60);
});
