/** What is in one state goes over to the other as it was planned: widgets between off and on, from where they are when they are pressed again. */
import { expect, type Page } from '@playwright/test';
import { enter, extent, importFile, middle, test } from './support/hand.ts';

const widget = (id: string, kind: string, y: number, more: object = {}): object => ({ kind: 'widget', id, name: id, widget: kind, label: id, x: 24, y, width: 342, height: 44, ...more });
const room = { format: 'kindred-canvas', version: 4, finish: 'dressed', entry: 'room', screens: [{ id: 'room', name: 'Room', device: 'phone', x: 0, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [widget('heat', 'switch', 120, { on: false }), widget('light', 'switch', 200, { on: true }), widget('bisque', 'check-boxes', 280, { items: [{ label: 'Bone dry' }] })] }] };

async function rehearsed(page: Page): Promise<void> {
    await enter(page);
    await importFile(page, 'room.json', { ...room, name: `Room ${Date.now()}` });
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(page.locator('.screen-now')).toHaveText('Room');
    // Slow enough to be looked at on its way.
    await page.getByLabel('Pace').selectOption({ label: 'A tenth' });
}

/** Where knobs on their way are, as shares of the way of 20 px from the left. */
const knobs = (page: Page): Promise<number[]> => page.evaluate(() => [...document.querySelectorAll<SVGGElement>('.flight ellipse, .flight circle')].map((knob) => {
    const [own, widget] = [knob.getBoundingClientRect(), knob.closest('[data-works]')!.querySelector('rect[data-press]')!.getBoundingClientRect()];
    const k = widget.width / 342;
    return (own.x - widget.x - (342 - 48 + 3) * k) / (20 * k);
}));

/** All that moves stands still at so many ms. */
const halt = (page: Page, ms: number): Promise<void> => page.evaluate(async (ms) => {
    for (const animation of document.getAnimations()) {
        animation.pause();
        animation.effect!.updateTiming({ easing: 'linear' });
        animation.currentTime = ms;
    }
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
}, ms);

test('a switch goes over as planned, each by itself, and shows what it is at once to who cannot see it', async ({ page }) => {
    await rehearsed(page);
    const [heat, light] = [page.getByRole('switch', { name: 'heat' }), page.getByRole('switch', { name: 'light' })];
    await heat.click();
    await light.click();
    await expect(heat).toHaveAttribute('aria-checked', 'true');
    await expect(light).toHaveAttribute('aria-checked', 'false');
    for (const at of [0, 0.5, 0.8]) {
        await halt(page, 150 * at);
        const seen = await knobs(page);
        expect(seen).toHaveLength(2);
        expect(seen[0]).toBeCloseTo(at, 1);
        expect(seen[1]).toBeCloseTo(1 - at, 1);
    }
    // The colours of both tracks lie between the same two, in OKLab.
    await halt(page, 75);
    const [one, other] = await page.evaluate(() => [...document.querySelectorAll<SVGElement>('.flight rect')].map((track) => getComputedStyle(track).fill));
    expect(one).toBe(other);
    await page.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await expect(page.locator('.flight, .flown')).toHaveCount(0);
});

test('what is pressed again on its way turns round where it is', async ({ page }) => {
    await rehearsed(page);
    const heat = page.getByRole('switch', { name: 'heat' });
    await heat.click();
    await expect.poll(async () => (await knobs(page))[0] ?? 0).toBeGreaterThan(0.3);
    const far = (await knobs(page))[0]!;
    await heat.click();
    await expect(heat).toHaveAttribute('aria-checked', 'false');
    // It is the same one, on its way back.
    await expect(page.locator('.flight')).toHaveCount(2);
    expect(await page.evaluate(() => document.getAnimations().every((one) => one.playbackRate < 0))).toBe(true);
    await expect.poll(async () => (await knobs(page))[0] ?? 0).toBeLessThan(far);
    await expect(page.locator('.flight, .flown')).toHaveCount(0);
    const [track, knob] = [await extent(page.locator('[data-works="heat"] > g:not([display=none]) rect').first()), await middle(page.locator('[data-works="heat"] > g:not([display=none]) :is(ellipse, circle)').first())];
    expect(knob[0]).toBeLessThan(track.x + track.width / 2);
});

test('a mark that is in one state only comes and goes; who asked for less motion sees no way', async ({ page }) => {
    await rehearsed(page);
    const dry = page.locator('[data-works="bisque"] [data-press]').first();
    await dry.click();
    await expect(page.locator('[data-works="bisque"] .flight')).not.toHaveCount(0);
    await page.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await expect(page.locator('.flight, .flown')).toHaveCount(0);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await dry.click();
    await expect(dry).toHaveAttribute('aria-checked', 'false');
    await expect(page.locator('.flight, .flown')).toHaveCount(0);
});
