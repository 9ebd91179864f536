/** The flow of a project: its map moved and zoomed, gone from, its order taken for the reel, and what paths take. */
import { expect } from '@playwright/test';
import { drag, importFile, enter, middle, openDemo, saved, test } from './support/hand.ts';

test('the map is moved, zoomed and gone from, by pointer and by keyboard', async ({ page }) => {
    await openDemo(page, 'Flow');
    await page.keyboard.press('Alt+f');
    const map = page.locator('.flow-map');
    const card = (name: string) => map.getByRole('link', { name, exact: true });
    await expect(card('Kiln status')).toBeVisible();
    await expect(map).toBeFocused();
    // All of it lies in the window, which does not scroll.
    const [around, window] = await page.locator('#flow').evaluate((one) => [[one.getBoundingClientRect().top, innerHeight - one.getBoundingClientRect().bottom], [document.documentElement.scrollHeight, innerHeight]]);
    expect(Math.abs(around![0]! - around![1]!)).toBeLessThan(2);
    expect(window![0]).toBe(window![1]);
    const before = await middle(card('Booked'));
    await drag(page, [before[0] + 140, before[1]], [before[0] + 60, before[1] - 40]);
    const moved = await middle(card('Booked'));
    expect([Math.round(moved[0] - before[0]), Math.round(moved[1] - before[1])]).toEqual([-80, -40]);
    // About the pointer.
    await page.mouse.move(...moved);
    await page.keyboard.down('Control');
    await page.mouse.wheel(0, -120);
    await page.keyboard.up('Control');
    const zoomed = await middle(card('Booked'));
    expect(Math.hypot(zoomed[0] - moved[0], zoomed[1] - moved[1])).toBeLessThan(1.5);
    await map.focus();
    await page.keyboard.press('f');
    await page.keyboard.press('-');
    await expect(page.locator('[data-flow-scale]')).not.toHaveText('100%');
    // A drag that ends on a screen does not go there; a press does.
    await drag(page, await middle(card('Today')), await middle(card('Booked')));
    await expect(page.locator('#flow')).toHaveJSProperty('open', true);
    await card('Glaze library').focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#flow')).toHaveJSProperty('open', false);
    await expect(page.locator('#facets .subject input')).toHaveValue('Glaze library');
});

test('the reel takes the order of the map in one step, and paths are compared', async ({ page }) => {
    const screen = (id: string, x: number, to: string[]): object => ({ id, name: id[0]!.toUpperCase() + id.slice(1), device: 'phone', x, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: to.map((target, i) => ({ id: `${id}${target}`, kind: 'box', name: `To ${target}`, x: 24, y: 200 + 80 * i, width: 342, height: 56, fills: [{ colour: '#17594f' }], cues: [{ id: `${id}${target}`, trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: target, transition: { kind: 'push', direction: 'left', duration: i === 0 ? 200 : 3000 } }] }] })) });
    await enter(page);
    await importFile(page, 'flow.json', { format: 'kindred-canvas', version: 5, name: `Flowing ${Date.now()}`, entry: 'home', screens: [screen('last', 0, []), screen('middle', 480, ['last']), screen('home', 960, ['middle', 'last'])] });
    const names = (): Promise<string[]> => page.locator('#reel [data-card]').evaluateAll((cards) => cards.map((card) => (card as HTMLElement).dataset['card']!));
    const before = await names();
    await page.keyboard.press('Alt+f');
    await page.getByRole('button', { name: 'Order the reel by it' }).click();
    await saved(page);
    await page.getByRole('button', { name: 'Predicted times' }).click();
    const paths = page.locator('.flow-paths .path h3');
    await page.locator('#flow [name=from]').selectOption({ label: 'Home' });
    await page.locator('#flow [name=to]').selectOption({ label: 'Last (1)' });
    await expect(paths.first()).toHaveText(/^The fastest: \d+\.\d s in 2 steps$/);
    await expect(paths.nth(1)).toHaveText(/^Another: \d+\.\d s in one step, \d\.\d s longer$/);
    // What was asked for and comes after the dialog was closed does not open it again.
    let answer = (): void => undefined;
    const held = new Promise<void>((go) => (answer = go));
    await page.route('**/flow?*', async (route) => {
        await held;
        await route.continue();
    });
    const late = page.waitForResponse(/\/flow\?/);
    await page.locator('#flow [name=from]').selectOption('middle');
    await page.locator('#flow [data-closes]').click();
    answer();
    await (await late).finished();
    await page.evaluate(() => new Promise((done) => setTimeout(done)));
    await expect(page.locator('#flow')).toHaveJSProperty('open', false);
    await expect.poll(names).not.toEqual(before);
    expect(await names()).toEqual(['home', 'middle', 'last']);
    await page.keyboard.press('Control+z');
    await expect.poll(names).toEqual(before);
});
