/** A match: the card of a list grows into its page and back; what becomes what is said by hand. */
import { expect, type Locator, type Page } from '@playwright/test';
import { between } from '../../resources/ts/player/flight.ts';
import type { Flight, Table } from '../../resources/ts/player/table.ts';
import { glazes } from './support/glazes.ts';
import { drag, enter, importFile, middle, near, saved, screen, test } from './support/hand.ts';

const now = (page: Page): Locator => page.locator('.screen-now');
const still = (page: Page): Promise<unknown> => page.waitForFunction(() => document.getAnimations().length === 0);
const shown = (page: Page, at: string): Locator => page.locator(`.pane:not(.waiting) [data-at="${at}"]`);
const table = (page: Page): Promise<Table> => page.evaluate(() => JSON.parse(document.getElementById('programme')!.textContent!) as Table);

async function rehearsed(page: Page): Promise<void> {
    await enter(page);
    await importFile(page, 'glazes.json', { ...glazes, name: `Glaze shop ${Date.now()}` });
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(now(page)).toHaveText('List');
}

/** All that moves stands still after so many ms. */
const halt = (page: Page, ms: number): Promise<void> => page.evaluate(async (ms) => {
    for (const animation of document.getAnimations()) {
        animation.pause();
        animation.currentTime = ms;
    }
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
}, ms);

/** Where each part is drawn of which the plan knows how large it is, in px of the screen: its middle and its size. */
const drawn = (page: Page): Promise<(number[] | null)[]> => page.evaluate(() => {
    const frame = document.querySelector('.device')!.getBoundingClientRect();
    const k = frame.width / 390;
    return [...document.querySelectorAll('.flight > svg > g')].map((part) => {
        const rect = part.querySelector(':scope > g > rect');
        if (!rect) return null;
        const { x, y, width, height } = rect.getBoundingClientRect();
        return [(x + width / 2 - frame.x) / k, (y + height / 2 - frame.y) / k, width / k, height / k].map((one) => Math.round(one * 10) / 10);
    });
});

/** The same as core has it, at a share of the way, where the list is scrolled so far. */
const planned = (flight: Flight, at: number, scroll: number): (number[] | null)[] => flight.parts.map(({ poses, changes, markup }) => {
    if (!poses || !markup?.includes('<rect')) return null;
    const mix = (i: number): number => poses[0][i]! + (poses[1][i]! - poses[0][i]!) * at;
    const sized = (name: string, i: number): number => Number(between(changes!.find(({ attribute }) => attribute === name)?.values ?? [String(poses[0][i]), String(poses[1][i])], at));
    return [mix(0), mix(1) - scroll * (1 - at), sized('width', 5), sized('height', 6)].map((one) => Math.round(one * 10) / 10);
});

test('a card grows into its page as core has planned it, frame by frame, and back to where it was', async ({ page }) => {
    await rehearsed(page);
    // Slow enough to be stopped on its way.
    await page.getByLabel('Pace').selectOption({ label: 'A tenth' });
    const pane = page.locator('.pane[data-screen="list"]');
    await pane.evaluate((one) => one.scrollTo(0, 220));
    await middle(shown(page, 'card.glaze4')).then(([x, y]) => page.mouse.click(x, y));
    const { matches } = await table(page);
    const flight = Object.values(matches)[0]!['list>page@cell.glaze4']!;
    for (const at of [0, 0.25, 0.5, 0.9]) {
        await halt(page, at * 600);
        const [seen, plan] = [await drawn(page), planned(flight, at, 220)];
        expect(seen.length).toBe(plan.length);
        seen.forEach((one, i) => plan[i] && one?.forEach((value, j) => expect(Math.abs(value - plan[i]![j]!), `part ${i} at ${at}`).toBeLessThan(0.6)));
    }
    // The tile of the card that was pressed is among them, with its colour on its way.
    await halt(page, 300);
    const tile = page.locator('.flight rect[fill="#80556b"]');
    await expect(tile).toHaveCount(1);
    const [own, mixed] = await tile.evaluate((one) => [getComputedStyle(one).fill, 'color-mix(in oklab, #80556b, #c96d4c)'].map((colour) => {
        const context = new OffscreenCanvas(1, 1).getContext('2d')!;
        context.fillStyle = colour;
        context.fillRect(0, 0, 1, 1);
        return [...context.getImageData(0, 0, 1, 1).data];
    }));
    own!.forEach((channel, i) => expect(Math.abs(channel - mixed![i]!)).toBeLessThanOrEqual(1));
    await page.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await expect(page.locator('.flight')).toHaveCount(0);
    await expect(now(page)).toHaveText('Page');

    // What comes is there for the hand from its first moment: the transition need not be waited for.
    await page.locator('.pane:not(.waiting) [data-layer="pback"]').click();
    await expect(now(page)).toHaveText('List');
    await halt(page, 150);
    const [back, plan] = [await drawn(page), planned(flight, 0.75, 220)];
    back.forEach((one, i) => plan[i] && one?.forEach((value, j) => expect(Math.abs(value - plan[i]![j]!), `part ${i} on the way back`).toBeLessThan(0.6)));
    await page.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await still(page);
    expect(await pane.evaluate((one) => one.scrollTop)).toBe(220);
    await expect(page.locator('.pane.flown')).toHaveCount(0);
});

test('who asked for less motion sees a match dissolve', async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await rehearsed(page);
    await shown(page, 'card.glaze1').click();
    await expect(now(page)).toHaveText('Page');
    await expect(page.locator('.flight')).toHaveCount(0);
});

test('what becomes what is drawn between both screens, and its curve is bent', async ({ page }) => {
    await enter(page);
    await importFile(page, 'glazes.json', { ...glazes, name: `Glaze shop ${Date.now()}` });
    await near(page, 'List');
    const [x, y] = await middle(screen(page, 'List').locator('[data-layer="card.glaze2"]'));
    await page.mouse.dblclick(x + 60, y);
    const easing = page.locator('#facets [data-cue-field="actions.0.transition.easing"]');
    await expect(easing).toHaveValue('linear');
    const handle = page.locator('#facets [data-handle="0"]');
    await handle.scrollIntoViewIfNeeded();
    const [hx, hy] = await middle(handle);
    await drag(page, [hx, hy], [hx + 40, hy - 30]);
    await saved(page);
    await expect(easing).toHaveValue(/^cubic-bezier\(0\.\d+, [\d.]+, 1, 1\)$/);
    await handle.focus();
    const bent = await easing.inputValue();
    await page.keyboard.press('Shift+ArrowUp');
    await saved(page);
    await expect(easing).not.toHaveValue(bent);

    await page.locator('#facets').getByRole('button', { name: /Show and change/ }).click();
    const line = (from: string, to: string): Locator => page.locator(`#pairs .match-line[data-from="${from}"][data-to="${to}"]`);
    const layer = (side: string, at: string): Locator => page.locator(`#pairs rect[data-side="${side}"][data-at="${at}"]`);
    await expect(line('tile.glaze2', 'ptile')).toHaveCount(1);
    await expect(line('name.glaze2', 'pname')).toHaveCount(1);
    // The name becomes the other words; the heading has none then.
    await drag(page, await middle(layer('from', 'name.glaze2')), await middle(layer('to', 'ptext')));
    await expect(line('name.glaze2', 'ptext')).toHaveClass(/said/);
    await expect(line('name.glaze2', 'pname')).toHaveCount(0);
    // Let go between both it has no other.
    const [tx, ty] = await middle(layer('from', 'tile.glaze2'));
    await drag(page, [tx, ty], [tx + 240, ty + 20]);
    await expect(page.locator('#pairs tr[data-from="tile.glaze2"] select')).toHaveValue('');
    await page.getByRole('button', { name: 'Find the pair of Tile in Glaze again' }).click();
    await expect(line('tile.glaze2', 'ptile')).toHaveCount(1);
    // By keyboard: chosen in the list, and later than the others.
    const delay = page.locator('#pairs tr[data-from="tile.glaze2"] [data-delay]');
    await delay.fill('120');
    await delay.press('Tab');
    await expect(line('tile.glaze2', 'ptile')).toHaveClass(/said/);
    await expect(page.locator('#pairs tr[data-from="tile.glaze2"] [data-delay]')).toHaveValue('120');
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    const flight = Object.values((await table(page)).matches)[0]!['list>page@cell.glaze2']!;
    expect(flight.late).toBe(120);
});
