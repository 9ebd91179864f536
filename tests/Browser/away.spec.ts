/** The server goes away while somebody works: nothing is lost, nothing is made twice, and the page says so. */
import { expect, type Page, type Route } from '@playwright/test';
import { allowError, at, box, drag, near, openDemo, saved, screen, test } from './support/hand.ts';

const posts = /\/(edits|undo|redo)$/;
const label = (page: Page) => page.locator('#saved');

/** The tick in the ring. */
const subject = (page: Page) => screen(page, 'Booked').locator('[data-kind=icon]').nth(2);

test('edits made while the server is away are kept over a reload and made once it is back', async ({ page }) => {
    allowError(/Failed to load resource/);
    await openDemo(page, 'Away');
    await near(page, 'Booked');
    const tick = subject(page);
    const before = await box(tick);
    await page.route(posts, (route) => route.abort());
    const from = await at(screen(page, 'Booked'), before[0]! + before[2]! / 2, before[1]! + before[3]! / 2);
    await page.mouse.click(...from);
    await page.keyboard.press('Shift+ArrowRight');
    await expect(label(page)).toHaveText('1 not saved');
    await page.keyboard.press('Shift+ArrowDown');
    await expect(label(page)).toHaveText('2 not saved');
    await expect(page.locator('#toast')).toContainText('kept in this browser');

    // Leaving warns; whoever goes on finds both made when the server is back.
    const asked = page.waitForEvent('dialog').then((dialog) => dialog.accept());
    await page.reload();
    await asked;
    await expect(label(page)).toHaveText('2 not saved');
    await expect(page.locator('#toast')).toContainText('kept in this browser');
    await page.unroute(posts);
    await saved(page);
    await expect(page.locator('#toast')).toContainText('All changes are saved');
    const after = await box(subject(page));
    expect([after[0]! - before[0]!, after[1]! - before[1]!]).toEqual([10, 10]);
    await page.reload();
    expect(await box(subject(page))).toEqual(after);
});

test('an answer that is lost on its way makes nothing twice, neither an edit nor an undo', async ({ page }) => {
    allowError(/Failed to load resource/);
    await openDemo(page, 'Lost answer');
    await near(page, 'Booked');
    const before = await box(subject(page));
    const lose = async (route: Route): Promise<void> => {
        await route.fetch();
        await route.abort();
    };
    const middle: [number, number] = [before[0]! + before[2]! / 2, before[1]! + before[3]! / 2];
    await page.route(posts, lose, { times: 1 });
    await drag(page, await at(screen(page, 'Booked'), ...middle), await at(screen(page, 'Booked'), middle[0] + 40, middle[1]));
    const moved = await box(subject(page));
    expect(moved[0]! - before[0]!).toBeGreaterThan(20);
    await page.keyboard.press('Shift+ArrowDown');
    await saved(page);
    await page.route(posts, lose, { times: 1 });
    await page.keyboard.press('Control+z');
    await expect.poll(() => box(subject(page))).toEqual(moved);
    await saved(page);
    await page.reload();
    expect(await box(subject(page))).toEqual(moved);
});

test('whoever was signed out meanwhile signs in elsewhere and goes on', async ({ page, context }) => {
    allowError(/Failed to load resource/);
    await openDemo(page, 'Signed out');
    await near(page, 'Booked');
    const before = await box(subject(page));
    await page.mouse.click(...(await at(screen(page, 'Booked'), before[0]! + before[2]! / 2, before[1]! + before[3]! / 2)));
    // An answer that is still on its way, or comes later, would bring the cookie back.
    await expect(page.locator('#facets .subject .kind')).toHaveText('icon');
    await page.route(/./, (route) => (route.request().method() === 'GET' ? route.abort() : route.continue()));
    await page.waitForLoadState('networkidle');
    const cookies = await context.cookies();
    await context.clearCookies();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(label(page)).toHaveText('1 not saved');
    await expect(page.locator('#toast')).toContainText('signed out');
    // As another tab does by signing in.
    await context.addCookies(cookies);
    await page.unroute(/./);
    await saved(page);
    expect((await box(subject(page)))[0]! - before[0]!).toBe(10);
});
