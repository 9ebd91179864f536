/** A wall with more layers than a browser can draw at every step: stills stand in until one works on a screen. */
import { expect } from '@playwright/test';
import { box, drag, enter, extent, importFile, likeReload, middle, saved, screen, test } from './support/hand.ts';

const layers = (s: number) => Array.from({ length: 300 }, (_, i) => ({
    kind: 'box', id: `l${s}x${i}`, x: (i % 10) * 38 + 4, y: Math.floor(i / 10) * 28 + 4, width: 34, height: 24, fills: [{ colour: i % 2 ? '#17594f' : '#b97a0c' }],
}));
const wall = {
    format: 'kindred-canvas', version: 1, name: 'Large', entry: 'screen0',
    screens: Array.from({ length: 12 }, (_, s) => ({ id: `screen${s}`, name: `Screen ${s}`, device: 'phone', x: (s % 6) * 470, y: Math.floor(s / 6) * 940, width: 390, height: 844, view: 844, layers: layers(s) })),
};

test('a large wall shows stills from afar and wakes what is worked on', async ({ page }) => {
    await enter(page);
    await importFile(page, 'large.json', wall);
    await expect(page.locator('#stage .screen')).toHaveCount(12);
    // From afar every screen shows its content, and layers are not drawn where a still does.
    const stills = page.locator('.screen:not(.live) > .still');
    await expect.poll(async () => page.evaluate(() => [...document.querySelectorAll('.screen')].every((screen) => screen.matches('.live') || (screen.querySelector<HTMLImageElement>('.still')?.naturalWidth ?? 0) > 0))).toBe(true);
    await page.keyboard.press('f');
    await expect.poll(() => stills.count()).toBeGreaterThan(8);

    // A press on a still finds the layer that lies there, and the screen is live from then on.
    const seven = screen(page, 'Screen 7');
    await expect(seven).not.toHaveClass(/live/);
    const still = await extent(seven.locator('> .still'));
    const layer = seven.locator('[data-layer=l7x144]');
    const [x = 0, y = 0] = await box(layer);
    const k = still.width / 390;
    const place: [number, number] = [still.x + (x + 17) * k, still.y + (y + 12) * k];
    await drag(page, place, [place[0] + 20, place[1]]);
    await expect(seven).toHaveClass(/live/);
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    expect((await box(layer))[0]).toBeGreaterThan(x + 10);

    // Left alone again it shows a still that holds the change.
    const shown = await seven.locator('> .still').getAttribute('src');
    await page.keyboard.press('Escape');
    await page.mouse.move(...(await middle(page.locator('#facets'))));
    await page.keyboard.press('-');
    await expect(seven).not.toHaveClass(/live/);
    await expect(seven.locator('> .still')).not.toHaveAttribute('src', shown!);
    await page.keyboard.press('Control+z');
    await saved(page);
    expect((await box(layer))[0]).toBe(x);

    // Near enough it is live; only what the window shows is drawn.
    await page.locator('[data-card=screen3] [data-open-screen]').click();
    await expect(screen(page, 'Screen 3')).toHaveClass(/live/);
    await expect(screen(page, 'Screen 11')).toHaveClass(/away/);
    await expect(screen(page, 'Screen 11').locator('> svg')).toBeHidden();
});

test('screens too small to hold a name are taken hold of as a whole', async ({ page }) => {
    await enter(page);
    await importFile(page, 'large.json', wall);
    await expect(page.locator('#stage .screen')).toHaveCount(12);
    for (let i = 0; i < 8; i++) await page.keyboard.press('-');
    const two = page.locator('.screen[data-screen=screen2]');
    await expect(two.locator('.screen-name')).toBeHidden();
    const was = (await box(two))[0]!;
    const from = await middle(two);
    await drag(page, from, [from[0], from[1] + 30]);
    await expect(page.locator('#facets .subject .kind')).toHaveText('screen');
    expect((await box(two))[0]).toBe(was);
    expect((await box(two))[1]).toBeGreaterThan(0);
});

test('on a very full screen what is dragged is lifted out of it, and is back in its order afterwards', async ({ page }) => {
    await enter(page);
    const full = { ...wall, name: 'Full', screens: [{ ...wall.screens[0]!, layers: Array.from({ length: 2600 }, (_, i) => ({ kind: 'box', id: `full${i}`, x: (i % 52) * 7, y: Math.floor(i / 52) * 16, width: 6, height: 14, fills: [{ colour: i % 2 ? '#17594f' : '#b97a0c' }] })) }] };
    await importFile(page, 'full.json', full);
    const shown = page.locator('.screen[data-screen=screen0]');
    await expect(shown.locator('[data-layer]')).toHaveCount(2600);
    await expect(shown).toHaveClass(/live/);
    const order = (): Promise<string[]> => shown.locator('> svg:not(.grid)').first().locator('> [data-layer]').evaluateAll((all) => all.map((one) => one.getAttribute('data-layer')!));
    const before = await order();
    const layer = shown.locator('[data-layer=full1300]');
    const from = await middle(layer);
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(from[0] + 40, from[1] + 25, { steps: 5 });
    await expect(shown.locator('svg.lifted > [data-layer]')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect(shown.locator('svg.lifted')).toHaveCount(0);
    expect(await order()).toEqual(before);
    await drag(page, from, [from[0] + 40, from[1] + 25], ['Control']);
    await expect(shown.locator('svg.lifted')).toHaveCount(0);
    expect(await order()).toEqual(before);
    expect((await box(layer))[0]).toBeGreaterThan(0);
    await likeReload(page, shown);
});

test('all of a screen is selected, however much there is: its facets, its checks, a copy and an edit', async ({ page }) => {
    await enter(page);
    const id = (i: number): string => `layer${String(i).padStart(21, '0')}`;
    const full = { ...wall.screens[0]!, layers: Array.from({ length: 900 }, (_, i) => ({ kind: 'box', id: id(i), x: (i % 30) * 13, y: Math.floor(i / 30) * 28, width: 9, height: 24, fills: [{ colour: '#17594f' }] })) };
    await importFile(page, 'full.json', { ...wall, name: 'Full', screens: [full] });
    await screen(page, 'Screen 0').locator('.screen-name').click();
    await page.keyboard.press('Control+a');
    const facets = page.locator('#facets:not([aria-busy])');
    await expect(facets.locator('.subject')).toContainText('900 layers');
    await expect(facets.getByLabel('H', { exact: true })).toHaveValue('24');

    // Far too many to be named in an address: what is set, and what is copied, is that of all.
    await facets.getByLabel('H', { exact: true }).fill('20');
    await page.keyboard.press('Enter');
    await saved(page);
    const heights = (): Promise<string[]> => page.locator('#stage [data-layer]').evaluateAll((all) => [...new Set(all.map((one) => (one as SVGElement).dataset['box']!.split(' ')[3]!))]);
    expect(await heights()).toEqual(['20']);
    await page.keyboard.press('Escape');
    await screen(page, 'Screen 0').locator('.screen-name').click();
    await page.keyboard.press('Control+a');
    await expect(facets.locator('.subject')).toContainText('900 layers');
    await page.keyboard.press('Control+c');
    await page.keyboard.press('Control+v');
    await expect(page.locator('#stage [data-layer]')).toHaveCount(1800);
    await saved(page);
    await page.keyboard.press('Control+z');
    await expect(page.locator('#stage [data-layer]')).toHaveCount(900);
});
