/** Looking at the wall: panning, zooming, fitting; what the window shows survives a reload. */
import { expect, type Page } from '@playwright/test';
import { at, extent, middle, near, openDemo, pick, screen, test } from './support/hand.ts';

const zoom = async (page: Page): Promise<number> => Number((await page.locator('#zoom').inputValue()).replace('%', ''));

test('wheel and hand move the wall, and zooming keeps what is under the pointer there', async ({ page }) => {
    await openDemo(page, 'Camera');
    const kiln = screen(page, 'Kiln status').locator('> svg');
    const start = await extent(kiln);
    await page.mouse.move(...(await middle(kiln)));
    await page.mouse.wheel(30, 50);
    await expect.poll(async () => (await kiln.boundingBox())!.y).toBeCloseTo(start.y - 50, 0);
    expect((await extent(kiln)).x).toBeCloseTo(start.x - 30, 0);
    await page.keyboard.down('Shift');
    await page.mouse.wheel(0, -30);
    await page.keyboard.up('Shift');
    await expect.poll(async () => (await kiln.boundingBox())!.x).toBeCloseTo(start.x, 0);

    // The point under the pointer is the fixed point of the zoom.
    const before = await extent(kiln);
    const [px, py] = [before.x + before.width * 0.25, before.y + before.height * 0.75];
    await page.mouse.move(px, py);
    await page.keyboard.down('Control');
    await page.mouse.wheel(0, -300);
    await page.keyboard.up('Control');
    await expect.poll(async () => (await kiln.boundingBox())!.width).toBeGreaterThan(before.width * 1.5);
    const after = await extent(kiln);
    expect(Math.abs(after.x + after.width * 0.25 - px)).toBeLessThan(1);
    expect(Math.abs(after.y + after.height * 0.75 - py)).toBeLessThan(1);

    // Space and the middle button take the wall itself in hand.
    const held = await extent(kiln);
    await page.keyboard.down(' ');
    await page.mouse.down();
    await page.mouse.move(px + 20, py - 15, { steps: 4 });
    await page.mouse.move(px + 60, py - 40, { steps: 4 });
    await page.mouse.up();
    await page.keyboard.up(' ');
    const moved = await extent(kiln);
    expect(Math.hypot(moved.x - held.x - 60, moved.y - held.y + 40)).toBeLessThan(8);
    await page.mouse.down({ button: 'middle' });
    await page.mouse.move(px, py, { steps: 6 });
    await page.mouse.up({ button: 'middle' });
    expect(Math.hypot((await extent(kiln)).x - held.x, (await extent(kiln)).y - held.y)).toBeLessThan(14);

    // The same part of the wall after a reload.
    const kept = [await zoom(page), (await extent(kiln)).x];
    await page.waitForFunction((key) => sessionStorage.getItem(key) !== null, `kindred.camera.${await page.locator('#wall-page').getAttribute('data-project')}`);
    await page.waitForTimeout(200);
    await page.reload();
    await expect.poll(async () => [await zoom(page), (await kiln.boundingBox())?.x]).toEqual(kept);
});

test('fits the selection, then the wall; zooms by keys and buttons', async ({ page }) => {
    await openDemo(page, 'Fit');
    const whole = await zoom(page);
    await near(page, 'Booked');
    const ring = screen(page, 'Booked').locator('[data-layer][data-kind=ellipse] > ellipse');
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    await page.keyboard.press('f');
    expect(await zoom(page)).toBeGreaterThan(100);
    const wall = await extent(page.locator('#wall'));
    const [x, y] = await middle(ring);
    expect(Math.hypot(x - wall.x - wall.width / 2, y - wall.y - wall.height / 2)).toBeLessThan(2);
    await page.keyboard.press('f');
    expect(Math.abs((await zoom(page)) - whole)).toBeLessThanOrEqual(2);
    const now = await zoom(page);
    await page.keyboard.press('+');
    expect(await zoom(page)).toBeGreaterThan(now);
    await page.getByRole('button', { name: 'Zoom out' }).click();
    expect(Math.abs((await zoom(page)) - now)).toBeLessThanOrEqual(1);
});

test('both sides fold away and come back', async ({ page }) => {
    await openDemo(page, 'Sides');
    const wide = (await extent(page.locator('#wall'))).width;
    await page.getByRole('button', { name: 'Fold or open the facets' }).click();
    await expect(page.locator('#facets')).toBeHidden();
    await page.getByRole('button', { name: 'Fold or open the reel' }).click();
    await expect(page.locator('#reel')).toBeHidden();
    expect((await extent(page.locator('#wall'))).width).toBeGreaterThan(wide + 400);
    await page.getByRole('button', { name: 'Fold or open the facets' }).click();
    await expect(page.locator('#facets')).toBeVisible();
});
