/** What is in one state goes over to the other as it was planned: widgets between off and on, from where they are when they are pressed again. */
import { expect, type Page } from '@playwright/test';
import { between } from '../../resources/ts/player/flight.ts';
import { enter, extent, importFile, middle, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { numbers, rounds } from './support/random.ts';

const widget = (id: string, kind: string, y: number, more: object = {}): object => ({ kind: 'widget', id, name: id, widget: kind, label: id, x: 24, y, width: 342, height: 44, ...more });
const room = { format: 'kindred-canvas', version: 5, finish: 'dressed', entry: 'room', screens: [{ id: 'room', name: 'Room', device: 'phone', x: 0, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [widget('heat', 'switch', 120, { on: false }), widget('light', 'switch', 200, { on: true }), widget('bisque', 'check-boxes', 280, { items: [{ label: 'Bone dry' }] })] }] };

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

test('numbers in attributes go over in the player as in core, and what is made otherwise becomes the other half-way', () => {
    const draw = numbers(23);
    const below = (n: number): number => Math.floor(draw() * n);
    const number = (): string => [String(below(400) - 200), (draw() * 40 - 20).toFixed(3), `.${below(90) + 10}`, `${below(9) + 1}e-${below(3) + 1}`][below(4)]!;
    const shapes = [
        (n: () => string) => `M${n()} ${n()}L${n()} ${n()}C${n()} ${n()} ${n()} ${n()} ${n()} ${n()}Z`, (n: () => string) => `translate(${n()} ${n()}) rotate(${n()} ${n()} ${n()})`,
        (n: () => string) => n(), (n: () => string) => `${n()} ${n()} ${n()} ${n()}`, (n: () => string) => `url(#a) ${n()}`, () => 'none', () => '',
    ];
    const cases = Array.from({ length: rounds(600) }, (): [string, string, number] => {
        const shape = shapes[below(shapes.length)]!;
        const other = below(5) === 0 ? shapes[below(shapes.length)]! : shape;
        return [shape(number), other(number), [0, 1, 0.5, draw()][below(4)]!];
    });
    const core = ask<(string | null)[]>('tween.php', cases);
    const values = (text: string): number[] => (text.match(/-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/g) ?? []).map(Number);
    const made = (text: string): string => text.replace(/-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/g, '0');
    cases.forEach(([from, to, at], i) => {
        const own = between([from, to], at);
        // What has a reference in it is one of both in the player, for core tells all that lies between.
        if (core[i] === null || from.includes('#')) return expect([from, to], `${from} > ${to} at ${at}`).toContain(own);
        expect(made(own!), `${from} > ${to} at ${at}`).toBe(made(core[i]!));
        values(own!).forEach((value, n) => expect(value, `${from} > ${to} at ${at}`).toBeCloseTo(values(core[i]!)[n]!, 2));
    });
    expect(core.filter((one) => one === null).length).toBeGreaterThan(20);
});
