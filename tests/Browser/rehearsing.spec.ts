/** What steers a rehearsal: its pace, its way, its size, the device turned; and the rehearsal beside the wall. */
import { expect, type Locator, type Page } from '@playwright/test';
import { called, placeOver, sizeOver } from '../../resources/ts/player/over.ts';
import { at, enter, importFile, middle, near, openDemo, saved, screen, setField, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { numbers, rounds } from './support/random.ts';

const now = (page: Page): Locator => page.locator('#rehearsal .screen-now');
const still = (page: Page): Promise<unknown> => page.waitForFunction(() => document.getAnimations().every((one) => one.playState !== 'running'));
const button = (id: string, y: number, to: string, transition: object): object => ({ id, kind: 'box', name: id, x: 24, y, width: 342, height: 56, fills: [{ colour: '#17594f' }], cues: [{ id: `${id}cue`, trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: to, transition }] }] });
const push = { kind: 'push', direction: 'left', duration: 600, delay: 0, easing: 'linear' };
const sized = (id: string, x: number, layers: object[], more: object = {}): object => ({ id, name: id[0]!.toUpperCase() + id.slice(1), device: 'phone', x, y: 0, width: 390, height: 844, view: 844, ground: '#f8f8f7', layers, ...more });
const STEPS = { format: 'kindred-canvas', version: 5, screens: [
    sized('first', 0, [button('next', 200, 'second', push), { id: 'foot', kind: 'box', name: 'Foot', x: 0, y: 764, width: 390, height: 80, pins: { left: true, right: true, bottom: true }, fills: [{ colour: '#1e2223' }] }]),
    sized('second', 480, [button('onward', 200, 'third', push), { id: 'switch', kind: 'widget', widget: 'switch', name: 'Lit', label: 'Lit', signal: 'lit', x: 24, y: 400, width: 200, height: 40 }]),
    sized('third', 960, []),
] };

async function rehearsed(page: Page): Promise<void> {
    await enter(page);
    await importFile(page, 'steps.json', { ...STEPS, name: `Steps ${Date.now()}` });
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(now(page)).toHaveText('First');
}

/** How far the arriving screen has still to come, of its width. */
const away = (page: Page, id: string): Promise<number> => page.locator(`.pane[data-screen=${id}]`).evaluate((pane: HTMLElement) => Math.round((new DOMMatrix(getComputedStyle(pane).transform).m41 / pane.offsetWidth) * 1000) / 1000);

test('time stands still and goes on step by step, and slower', async ({ page }) => {
    await rehearsed(page);
    await page.getByLabel('Pace').selectOption({ label: 'Step by step' });
    await page.locator('.pane:not(.waiting) [data-layer=next]').click();
    await expect(now(page)).toHaveText('Second');
    expect(await away(page, 'second')).toBe(1);
    const step = page.getByRole('button', { name: 'Step', exact: true });
    for (const [i, left] of [0.917, 0.833, 0.75].entries()) {
        if (i === 0) await step.click();
        else await page.keyboard.press('.');
        expect(await away(page, 'second')).toBeCloseTo(left, 2);
    }
    for (let i = 0; i < 9; i++) await page.keyboard.press('.');
    await expect.poll(() => away(page, 'second')).toBe(0);
    // A tenth as fast: it takes 6 s then.
    await page.getByLabel('Pace').selectOption({ label: 'A tenth' });
    await page.locator('.pane:not(.waiting) [data-layer=onward]').click();
    expect(await page.evaluate(() => document.getAnimations().map((one) => one.playbackRate))).toEqual(expect.arrayContaining([0.1]));
    await page.getByLabel('Pace').selectOption({ label: 'As it is' });
    await still(page);
    await expect(now(page)).toHaveText('Third');
});

test('the way here is shown, and gone back at once', async ({ page }) => {
    await rehearsed(page);
    await page.keyboard.press('p');
    for (const [id, name] of [['next', 'Second'], ['onward', 'Third']] as const) {
        await page.locator(`.pane:not(.waiting) [data-layer=${id}]`).click();
        await expect(now(page)).toHaveText(name);
    }
    const steps = page.locator('#rehearsal ol.path li');
    await expect(steps).toHaveText(['First', 'Second', 'Third']);
    await expect(steps.last().locator('[aria-current=step]')).toHaveCount(1);
    await page.locator('#rehearsal ol.path').getByRole('button', { name: 'First' }).click();
    await expect(now(page)).toHaveText('First');
    await expect(steps).toHaveText(['First']);
});

test('the device is turned and all is laid out anew, with what is held; its real size follows a ruler', async ({ page }) => {
    await rehearsed(page);
    await page.locator('.pane:not(.waiting) [data-layer=next]').click();
    await page.locator('.pane:not(.waiting) [data-press]').click();
    await page.keyboard.press('o');
    const device = page.locator('#rehearsal .device');
    await expect.poll(() => device.evaluate((one: HTMLElement) => [one.style.width, one.style.height])).toEqual(['844px', '390px']);
    await expect(now(page)).toHaveText('Second');
    await page.keyboard.press('s');
    await expect(page.locator('.signals dd').first()).toHaveText(/on|yes|true/i);
    await page.keyboard.press('ArrowLeft');
    await still(page);
    // What holds to both sides and the bottom does so, too.
    const foot = await page.locator('.pane:not(.waiting) [data-layer=foot] rect').first().evaluate((one) => [one.getAttribute('width'), one.closest('[data-layer]')!.getAttribute('transform')]);
    expect(foot).toEqual(['844', 'translate(0 310)']);
    await page.keyboard.press('o');
    await expect.poll(() => device.evaluate((one: HTMLElement) => one.style.width)).toBe('390px');

    await page.keyboard.press('z');
    const ruler = page.getByLabel('Length of the bar');
    await ruler.fill('428');
    await page.getByRole('button', { name: 'It is as long' }).click();
    // 428 px to the 85.6 mm of a card are 5 px a mm; 390 px of a phone are 390 / 160 inches.
    expect((await device.boundingBox())!.width).toBeCloseTo((390 / 160) * 25.4 * 5, 0);
    await page.keyboard.press('z');
    await expect.poll(async () => Math.round((await device.boundingBox())!.width)).not.toBe(Math.round((390 / 160) * 25.4 * 5));
});

test('beside the wall the screen and the cue light up, and an edit shows without losing what is held', async ({ page }) => {
    await enter(page);
    await importFile(page, 'steps.json', { ...STEPS, name: `Steps ${Date.now()}` });
    await near(page, 'First');
    await page.keyboard.press('Shift+R');
    const beside = page.locator('#beside');
    const lit = (id: string): Promise<string> => page.locator(`#stage .screen[data-screen=${id}]`).evaluate((one) => getComputedStyle(one).outlineStyle);
    await expect(beside.locator('.screen-now')).toHaveText('First');
    expect(await lit('first')).toBe('dashed');
    await beside.locator('.pane:not(.waiting) [data-layer=next]').click();
    await expect(beside.locator('.screen-now')).toHaveText('Second');
    await expect(page.locator('#overlay .threads .lit .thread')).toHaveCount(1);
    await expect.poll(() => lit('first')).not.toBe('dashed');
    expect(await lit('second')).toBe('dashed');
    // The wall goes there, to the left of the rehearsal.
    await expect.poll(async () => (await page.locator('#stage .screen[data-screen=second] > svg').first().boundingBox())!.x + (await page.locator('#stage .screen[data-screen=second] > svg').first().boundingBox())!.width).toBeLessThanOrEqual((await beside.boundingBox())!.x);
    await beside.locator('.pane:not(.waiting) [data-press]').click();
    const on = beside.locator('.pane:not(.waiting) [data-press]');
    await expect(on).toHaveAttribute('aria-checked', 'true');
    // Its keys are its own: the wall takes none of them.
    await beside.locator('.table').focus();
    await page.keyboard.press('t');
    await expect(beside.getByRole('button', { name: 'Tappable areas' })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.locator('#wall')).toHaveAttribute('data-tool', 'pick');

    await near(page, 'Second');
    await page.mouse.click(...(await at(screen(page, 'Second'), 60, 228)));
    await setField(page, 'Y', '260');
    await saved(page);
    await expect.poll(() => beside.locator('.pane:not(.waiting) [data-layer=onward]').getAttribute('transform')).toBe('translate(24 260)');
    await expect(on).toHaveAttribute('aria-checked', 'true');
    await expect(beside.locator('.screen-now')).toHaveText('Second');
    // A further screen is no obstacle: it goes on where it was.
    await near(page, 'Third');
    await page.keyboard.press('Control+d');
    await saved(page);
    await expect(beside.locator('.screen-now')).toHaveText('Second');
    await beside.locator('.table').focus();
    await page.keyboard.press('Escape');
    await expect(beside).toBeHidden();
    await expect.poll(() => lit('second')).not.toBe('dashed');
});

test('a rehearsal in another window follows edits', async ({ page, context }) => {
    await openDemo(page, 'Followed');
    const other = await context.newPage();
    await other.goto(`${page.url().replace(/\/wall.*$/, '/rehearse')}?screen=booked`);
    await expect(now(other)).toHaveText('Booked');
    await near(page, 'Booked');
    await page.locator('#facets [data-screen-field=ground]').fill('#123456');
    await page.locator('#facets [data-screen-field=ground]').press('Enter');
    await saved(page);
    await expect.poll(() => other.locator('.pane:not(.waiting) svg > rect').first().getAttribute('fill')).toBe('#123456');
    await other.close();
});

test('where a screen opens over others is seen on the wall, and dragged there it lies by hand', async ({ page }) => {
    await enter(page);
    const opens = (id: string): object => ({ id, kind: 'box', name: 'Menu', x: 24, y: 600, width: 100, height: 48, fills: [{ colour: '#17594f' }], cues: [{ id: `${id}cue`, trigger: { kind: 'tap' }, actions: [{ kind: 'lay-over', screen: 'sheet' }] }] });
    await importFile(page, 'over.json', { format: 'kindred-canvas', version: 5, name: `Over ${Date.now()}`, screens: [
        sized('home', 0, [opens('menu')]), sized('kilns', 480, [opens('more')]), sized('sheet', 960, [], { height: 300, view: 300, ground: '#e8d9c0', over: { place: 'bottom', scrim: '#00000066' } }),
    ] });
    const ghosts = page.locator('#overlay .laid-ghost');
    const place = (on: string): Promise<number[]> => page.locator(`#overlay .laid-ghost[data-on=${on}]`).evaluate((one) => one.getAttribute('data-at')!.split(' ').map(Number));
    await page.keyboard.press('f');
    await near(page, 'Home');
    await page.keyboard.press('f');
    // From a layer: what it opens, there.
    await page.mouse.click(...(await at(screen(page, 'Home'), 60, 620)));
    await expect(ghosts).toHaveCount(1);
    expect(await place('home')).toEqual([0, 544]);
    // Of the sheet: everywhere.
    await screen(page, 'Sheet').locator('.screen-name').click();
    await expect(ghosts).toHaveCount(2);
    const { x, y, width, height } = (await page.locator('#overlay .laid-ghost[data-on=home] image').boundingBox())!;
    const scale = width / 390;
    await page.mouse.move(x + width / 2, y + height / 2);
    await page.mouse.down();
    await page.mouse.move(x + width / 2 + 10, y + height / 2 - 60 * scale, { steps: 4 });
    await page.keyboard.down('Shift');
    await page.mouse.move(x + width / 2 + 11, y + height / 2 - 100 * scale, { steps: 2 });
    await page.mouse.up();
    await page.keyboard.up('Shift');
    await saved(page);
    await expect.poll(() => place('kilns')).toEqual([0, 444]);
    await expect(page.locator('#o-place')).toHaveValue('hand');
    await page.keyboard.press('Control+z');
    await expect.poll(() => place('kilns')).toEqual([0, 544]);
});

test('a sheet fills what lies below it, in each size in which that comes, and is dragged away as far as it is large there', async ({ page }) => {
    await enter(page);
    const pins = { left: true, right: true, top: true };
    const opens = (id: string): object => ({ id, kind: 'box', name: 'Menu', x: 24, y: 40, width: 100, height: 48, fills: [{ colour: '#17594f' }], cues: [{ id: `${id}cue`, trigger: { kind: 'tap' }, actions: [{ kind: 'lay-over', screen: 'sheet' }] }] });
    const next = (id: string, to: string): object => ({ id, kind: 'box', name: 'On', x: 24, y: 120, width: 100, height: 48, fills: [{ colour: '#b4472e' }], cues: [{ id: `${id}cue`, trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: to, transition: { kind: 'cut' } }] }] });
    await importFile(page, 'fills.json', { format: 'kindred-canvas', version: 5, name: `Fills ${Date.now()}`, entry: 'home', screens: [
        sized('home', 0, [opens('menu'), next('onward', 'small')]), sized('small', 480, [opens('more')], { device: 'small-phone', width: 360, height: 640, view: 640 }),
        sized('sheet', 960, [
            { id: 'line', kind: 'box', name: 'Line', x: 24, y: 24, width: 342, height: 8, fills: [{ colour: '#55785f' }], pins },
            { id: 'pick', kind: 'widget', widget: 'select', name: 'Glaze', label: 'Glaze', x: 24, y: 60, width: 342, height: 68, items: [{ label: 'Fern' }, { label: 'Moss' }], pins },
        ], { height: 300, view: 300, ground: '#e8d9c0', over: { place: 'bottom', scrim: '#00000066', dragged: true } }),
    ] });
    // Said on the wall, where it opens from is drawn as large.
    await near(page, 'Sheet');
    await page.locator('#over-sheet summary').click();
    await page.locator('#o-width').selectOption('whole');
    await saved(page);
    await setField(page, 'Margin px', '12');
    await page.keyboard.press('Escape');
    await screen(page, 'Sheet').locator('.screen-name').click();
    const ghost = page.locator('#overlay .laid-ghost[data-on=small]');
    await expect.poll(() => ghost.evaluate((one) => one.getAttribute('data-at'))).toBe('12 328');
    expect(await ghost.locator('rect').evaluate((one) => Number(one.getAttribute('width')))).toBe(336);

    await near(page, 'Home');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    const sheet = page.locator('.pane.laid:not(.waiting)');
    const box = (): Promise<number[]> => sheet.evaluate((one: HTMLElement) => [one.offsetLeft, one.offsetTop, one.offsetWidth, one.offsetHeight]);
    const line = (): Promise<string | null> => sheet.locator('[data-layer=line] > rect').first().getAttribute('width');
    const away = async (): Promise<void> => {
        const [x, y] = await middle(sheet);
        await page.mouse.move(x, y + 60);
        await page.mouse.down();
        await page.mouse.move(x, y + 300, { steps: 6 });
        await page.mouse.up();
        await expect(sheet).toHaveCount(0);
    };
    await page.locator('.pane:not(.waiting) [data-layer=menu]').click();
    await expect(sheet).toHaveCount(1);
    expect([await box(), await line()]).toEqual([[12, 532, 366, 300], '318']);
    await still(page);
    await away();
    await page.locator('.pane:not(.waiting) [data-layer=onward]').click();
    await expect(page.locator('.screen-now')).toHaveText('Small');
    // A miss shows what can be tapped; below what then lies over it, nothing can.
    await page.mouse.click(...(await middle(page.locator('.pane[data-screen=small]:not(.waiting)'))));
    await expect(page.locator('.pane[data-screen=small] .area')).toHaveCount(1);
    await page.locator('.pane:not(.waiting) [data-layer=more]').click();
    await expect(sheet).toHaveCount(1);
    await expect(page.locator('.pane[data-screen=small] .area')).toHaveCount(0);
    expect([await box(), await line()]).toEqual([[12, 328, 336, 300], '288']);
    await still(page);
    // What opens in it lies within it, below what was pressed.
    await sheet.locator('[data-press=open]').click();
    const opened = sheet.locator('.beside:not([hidden])');
    await expect(opened).toHaveCount(1);
    const [list, field, whole] = [(await opened.boundingBox())!, (await sheet.locator('.sheet > svg [data-works=pick]').boundingBox())!, (await sheet.boundingBox())!];
    expect(Math.abs(list.x - field.x)).toBeLessThan(3);
    expect(list.x + list.width).toBeLessThanOrEqual(whole.x + whole.width + 1);
    await page.keyboard.press('Escape');
    await away();
});

test('the player lays screens over others where core does, and as large', () => {
    const draw = numbers(171);
    const next = (below: number): number => Math.floor(draw() * below);
    const places = ['top', 'bottom', 'left', 'right', 'middle', 'top-left', 'top-right', 'bottom-left', 'bottom-right', 'beside', 'hand'];
    const pick = <T>(some: T[]): T => some[next(some.length)]!;
    const cases = Array.from({ length: rounds(800) }, () => {
        const seen: [number, number] = [200 + next(15000) / 10, 200 + next(15000) / 10];
        return {
            place: pick(places), x: next(400) - 100, y: next(400) - 100, across: pick(['own', 'whole']), down: pick(['own', 'whole']), margin: pick([0, 0, 12.5, 12.35, 0.1, 33.333, 60, 400]), seen, own: [40 + next(1500), 40 + next(1500)] as [number, number],
            beside: next(3) === 0 ? null : [next(Math.floor(seen[0])), next(Math.floor(seen[1])), 10 + next(300), 10 + next(80)] as [number, number, number, number],
        };
    });
    const core = ask<[number, number, number, number, string][]>('lying.php', cases);
    cases.forEach(({ seen: [width, height], own: [ownWidth, ownHeight], beside, ...over }, i) => {
        const size = sizeOver(over, { width, height }, { width: ownWidth, height: ownHeight });
        const place = placeOver(over, { width, height }, size, beside && { x: beside[0], y: beside[1], width: beside[2], height: beside[3] });
        [place.x, place.y, size.width, size.height].forEach((value, n) => expect(value, `${JSON.stringify(cases[i])} ${n}`).toBeCloseTo(core[i]![n] as number, 9));
        expect(called(size)).toBe(core[i]![4]);
    });
});
