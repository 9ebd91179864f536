/** Large projects: what is near is there, the rest comes when the hand does; long work shows how far it is. */
import { expect } from '@playwright/test';
import { enter, pickFile, saved, test } from './support/hand.ts';

/** A project file of many screens with many boxes. */
function large(screens: number, layers: number): object {
    return {
        format: 'kindred-canvas', version: 1, name: `Large ${screens}`, entry: 'screen0',
        screens: Array.from({ length: screens }, (_, s) => ({
            id: `screen${s}`, name: `Shelf ${s}`, device: 'phone', x: (s % 20) * 470, y: Math.floor(s / 20) * 940, width: 390, height: 844,
            layers: Array.from({ length: layers }, (_, i) => ({
                id: `s${s}x${i}`, kind: 'box', name: `Pot ${i}`, x: (i % 10) * 38, y: Math.floor(i / 10) * 30, width: 34, height: 26, fills: [{ colour: '#a94c31' }],
            })),
        })),
    };
}

test('a project of 13,000 layers comes in with its progress, opens with what is near, and takes the hand anywhere', async ({ page }) => {
    await enter(page);
    await pickFile(page, 'large.json', large(65, 200));
    await expect(page.getByRole('heading', { name: 'Importing “large.json”' })).toBeVisible();
    await page.waitForURL(/\/wall$/);
    await expect(page.locator('#stage .screen')).toHaveCount(65);
    const absent = page.locator('#stage .screen[data-layers]');
    expect(await absent.count()).toBeGreaterThan(30);

    // A layer of a screen that is not there yet, picked in the outline.
    const card = page.locator('[data-card=screen60]');
    await card.locator('summary, [data-outline]').first().click();
    await card.locator('[data-item=s60x7]').click();
    await expect(page.locator('#facets .subject input')).toHaveValue('Pot 7');
    await expect(page.locator('[data-screen=screen60] [data-layer=s60x7]')).toHaveCount(1);
    await page.keyboard.press('Shift+ArrowRight');
    await saved(page);
    await expect(page.locator('[data-layer=s60x7]')).toHaveAttribute('data-box', '276 0 34 26 0');

    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-layer=s60x7]')).toHaveAttribute('data-box', '266 0 34 26 0');
});

test('what is cancelled while it comes in is not kept', async ({ page }) => {
    await enter(page);
    await pickFile(page, 'unwanted.json', large(300, 300));
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText('It was cancelled; nothing of it was kept.')).toBeVisible({ timeout: 30_000 });
    await page.goto('/');
    await expect(page.locator('[data-project]').filter({ hasText: 'Large 300' })).toHaveCount(0);
});

test('files of the server are no pages', async ({ page }) => {
    for (const address of ['/index.php', '/artisan', '/.env', '/away.html', '/build/../index.php', '/index.php/wall']) {
        const answer = await page.request.get(address);
        expect([address, answer.status()]).toEqual([address, 404]);
        expect(await answer.text()).not.toContain('<?php');
    }
});
