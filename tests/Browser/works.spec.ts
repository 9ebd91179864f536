/** Widgets at work: a booking played by hand, with pointer, drawn keys and keyboard, in the application and offline. */
import { expect, type Locator, type Page } from '@playwright/test';
import { exportPage, extent, openDemo, test } from './support/hand.ts';

const shown = (page: Page): Locator => page.locator('.pane:not(.waiting)').last();

/** A press at a place of the screen, in its px. */
async function tap(page: Page, x: number, y: number): Promise<void> {
    const device = await extent(page.locator('.device'));
    const scale = device.width / 390;
    await page.mouse.click(device.x + x * scale, device.y + y * scale);
}

async function on(page: Page, screen: string): Promise<void> {
    await expect(page.locator('.screen-now')).toHaveText(screen);
    await page.waitForFunction(() => document.getAnimations().length === 0);
}

/** The booking from the first screen to the number, with everything that can go wrong on the way. */
async function book(page: Page): Promise<void> {
    const next = (): Promise<void> => tap(page, 195, 774);
    await on(page, 'Choose a firing');
    await expect(shown(page).getByText('Choose one')).toBeHidden();
    await next();
    await expect(shown(page).getByText('Choose one')).toBeVisible();
    await shown(page).getByRole('radio', { name: 'Glaze' }).click();
    await expect(shown(page).getByText('Choose one')).toBeHidden();
    await next();

    await on(page, 'Room on the shelf');
    await expect(shown(page).getByText('Glaze firing, opens Saturday')).toBeVisible();
    await expect(shown(page).getByText('10.60 €')).toBeVisible();
    await shown(page).getByRole('radio', { name: 'Half a shelf' }).click();
    await shown(page).getByRole('button', { name: 'More' }).click();
    await shown(page).getByRole('button', { name: 'More' }).click();
    await expect(shown(page).getByText('6.90 €')).toBeVisible();
    // The day is chosen by keyboard, in a calendar that opens; the slider follows the pointer.
    await shown(page).getByRole('button', { name: 'Day' }).focus();
    await page.keyboard.press('Enter');
    await shown(page).getByRole('button', { name: 'Month after' }).last().click();
    await expect(shown(page).getByText('December 2026').first()).toBeVisible();
    await tap(page, 100, 10);
    await expect(shown(page).getByRole('button', { name: 'Month after' })).toBeHidden();
    const slider = shown(page).getByRole('slider', { name: 'Tallest piece, cm' });
    const track = await extent(slider);
    await page.mouse.move(track.x + track.width * 0.2, track.y + track.height / 2);
    await page.mouse.down();
    await page.mouse.move(track.x + track.width / 2, track.y + track.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(slider).toHaveAttribute('aria-valuenow', '31');
    await slider.press('ArrowRight');
    await expect(slider).toHaveAttribute('aria-valuenow', '32');
    await next();

    await on(page, 'Contact');
    await next();
    await expect(shown(page).getByText('Fill this in')).toHaveCount(3);
    await expect(shown(page).getByLabel('Name')).toBeFocused();
    await page.keyboard.type('maren oake');
    await shown(page).getByLabel('E-mail', { exact: true }).click();
    // The drawn keyboard types as well, signs from its other page.
    for (const key of ['m', 'o', 'delete', '@', 'o', 'a', 'k', 'e', '.', 'd', 'e']) await shown(page).locator(`[data-key="${key}"]:visible`).click();
    await shown(page).locator('[data-key="return"]:visible').click();
    await expect(shown(page).locator('[data-keys]')).toBeHidden();
    await expect(shown(page).getByLabel('E-mail', { exact: true })).toHaveValue('m@oake.de');
    await shown(page).getByLabel('E-mail again').fill('m@oak.de');
    await page.keyboard.press('Tab');
    await expect(shown(page).getByText('Not the same as E-mail')).toBeVisible();
    await shown(page).getByLabel('E-mail again').fill('m@oake.de');
    await page.keyboard.press('Enter');
    await expect(shown(page).getByText('Not the same as E-mail')).toBeHidden();
    await shown(page).getByRole('button', { name: 'Tell me when it is cool' }).click();
    await shown(page).getByRole('radio', { name: 'On the board' }).click();
    await expect(shown(page).getByText('On the board').first()).toBeVisible();
    await shown(page).getByRole('checkbox', { name: 'My pieces are bone dry' }).press(' ');
    await next();

    await on(page, 'Summary');
    for (const words of ['Glaze firing', 'Half a shelf', '6 pieces, up to 32 cm', 'Maren Oake', 'm@oake.de', '6.90 €', 'Brought on Thursday 26 November']) await expect(shown(page).getByText(words, { exact: true })).toBeVisible();
    // What was entered is still there on the way back.
    await page.getByRole('button', { name: 'Return' }).click();
    await on(page, 'Contact');
    await expect(shown(page).getByLabel('Name')).toHaveValue('maren oake');
    await next();
    await on(page, 'Summary');
    await next();
    await on(page, 'Booked');
    await expect(shown(page).getByText(/^KS-\d{6}$/)).toBeVisible();
}

test('a booking is played with its widgets, in every finish, and offline', async ({ page, context }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'Widgets at work', 'Kiln-shelf booking');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await book(page);
    await page.getByRole('button', { name: 'Signals' }).click();
    await expect(page.locator('.signals')).toContainText('firingGlaze');
    const serial = await shown(page).getByText(/^KS-/).textContent();

    // A rehearsal that begins anew holds nothing, and has another number.
    await page.getByRole('button', { name: 'Restart' }).click();
    await expect(page.locator('.signals')).toContainText('firing–');
    await expect(page.locator('.signals')).not.toContainText(serial!.slice(3));

    await page.getByRole('link', { name: 'Wall' }).click();
    await page.getByRole('group', { name: 'Finish' }).getByRole('button', { name: 'Dressed' }).click();
    await expect(page.getByRole('group', { name: 'Finish' }).getByRole('button', { name: 'Dressed' })).toHaveAttribute('aria-pressed', 'true');
    const file = await exportPage(page);
    await page.waitForLoadState('networkidle');
    await context.setOffline(true);
    await page.goto(`file://${file}`);
    await book(page);
    await context.setOffline(false);
});
