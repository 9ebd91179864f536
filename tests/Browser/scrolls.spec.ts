/** What scrolls: with the finger, the wheel and the value that tells its page; what sticks, and what is pulled. */
import { expect, type Locator, type Page } from '@playwright/test';
import * as scroll from '../../resources/ts/player/scroll.ts';
import { at as place, enter, importFile, middle, near, saved, screen, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { numbers } from './support/random.ts';

const TONES = ['#55785f', '#6f97ab', '#c96d4c', '#e8dccb'];
const corners = (radius: number): object => ({ topLeft: radius, topRight: radius, bottomRight: radius, bottomLeft: radius });
const box = (id: string, name: string, width: number, height: number, colour: string, more: object = {}): object => ({ kind: 'box', id, name, x: 0, y: 0, width, height, fills: [{ colour }], ...more });
const SCROLLS = {
    format: 'kindred-canvas', version: 5, entry: 'home', screens: [
        { id: 'home', name: 'Home', device: 'phone', x: 0, y: 0, width: 390, height: 1400, view: 844, ground: '#f8f8f7', cues: [{ id: 'pulls', trigger: { kind: 'pull', distance: 60 }, actions: [{ kind: 'show', screen: 'next' }] }], layers: [
            { kind: 'stack', id: 'carousel', name: 'Carousel', x: 24, y: 120, width: 342, height: 180, columnGap: 16, corners: corners(18), scroll: { axes: 'across', snap: 'start', pages: 'page' }, children: TONES.map((tone, i) => box(`card${i}x`, `Card ${i}`, 300, 180, tone)) },
            { kind: 'widget', widget: 'page-dots', id: 'dots', name: 'Dots', signal: 'page', value: 1, min: 1, max: 4, x: 147, y: 316, width: 96, height: 16 },
            { kind: 'stack', id: 'list', name: 'List', x: 24, y: 360, width: 342, height: 320, direction: 'column', rowGap: 4, fills: [{ colour: '#dfe7e2' }], scroll: { axes: 'down' }, children: [
                box('head', 'Head', 342, 36, '#17594f', { position: 'sticky' }), ...Array.from({ length: 12 }, (_, i) => box(`row${i}x`, `Row ${i}`, 342, 64, i % 2 ? '#ffffff' : '#f3ebe0', { cues: [{ id: `rowc${i}`, trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: 'next' }] }] })),
            ] },
            box('footer', 'Footer', 390, 84, '#1e2223', { y: 1316, position: 'fixed' }),
        ] },
        { id: 'next', name: 'Next', device: 'phone', x: 480, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', cues: [{ id: 'backs', trigger: { kind: 'key', key: 'B' }, actions: [{ kind: 'return' }] }, { id: 'goeson', trigger: { kind: 'key', key: 'N' }, actions: [{ kind: 'show', screen: 'faroff' }] }], layers: [] },
        { id: 'faroff', name: 'Far', device: 'phone', x: 960, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', cues: [{ id: 'backstoo', trigger: { kind: 'key', key: 'B' }, actions: [{ kind: 'return' }] }], layers: [] },
    ],
};

const layer = (page: Page, id: string): Locator => page.locator(`.pane:not(.waiting) [data-layer="${id}"]`);
const at = async (page: Page, id: string): Promise<[number, number]> => (await layer(page, id).locator('> svg').getAttribute('viewBox'))!.split(' ').slice(0, 2).map(Number) as [number, number];
/** The middle of what is seen of a container that scrolls. */
const window = (page: Page, id: string): Promise<[number, number]> => layer(page, id).locator('> svg').evaluate((svg: SVGSVGElement) => {
    const { x, y, width, height } = svg.viewBox.baseVal;
    const at = new DOMPoint(x + width / 2, y + height / 2).matrixTransform(svg.getScreenCTM()!);
    return [at.x, at.y] as [number, number];
});
const k = async (page: Page): Promise<number> => (await page.locator('#rehearsal .device').boundingBox())!.width / 390;
const dot = (page: Page): Promise<number> => layer(page, 'dots').evaluate((dots) => [...dots.querySelectorAll<SVGElement>('[data-when=on]')].findIndex((one) => one.getAttribute('display') !== 'none'));

async function rehearsed(page: Page): Promise<void> {
    await enter(page);
    await importFile(page, 'scrolls.json', { ...SCROLLS, name: `Scrolls ${Date.now()}` });
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(page.locator('.screen-now')).toHaveText('Home');
}

/** Where a container stands in each frame, with its time, until it rests. */
const frames = (page: Page, id: string): Promise<[number, number][]> => layer(page, id).evaluate((one) => new Promise<[number, number][]>((done) => {
    const svg = one.querySelector(':scope > svg')!;
    const seen: [number, number][] = [];
    let still = 0;
    const look = (now: number): void => {
        const x = Number(svg.getAttribute('viewBox')!.split(' ')[0]);
        still = seen.length > 0 && seen.at(-1)![1] === x ? still + 1 : 0;
        seen.push([now, x]);
        if (still > 6) done(seen);
        else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
}));

test('a carousel follows the finger, and settles forward and back as core has planned, its dots with it', async ({ page }) => {
    await rehearsed(page);
    const scale = await k(page);
    const [x, y] = await window(page, 'carousel');
    // Let go beyond the middle, at rest, it goes on; before it, it goes back.
    for (const [by, rest, on] of [[180, 316, 1], [100, 316, 1], [-200, 0, 0]] as const) {
        const from = (await at(page, 'carousel'))[0];
        await page.mouse.move(x, y);
        await page.mouse.down();
        for (const share of [0.2, 0.5, 0.8, 1]) {
            await page.mouse.move(x - by * share * scale, y);
            expect((await at(page, 'carousel'))[0]).toBeCloseTo(scroll.held(from + by * share, 906, 342, true), 0);
        }
        await page.waitForFunction((since) => performance.now() - since > 150, await page.evaluate(() => performance.now()));
        const seen = frames(page, 'carousel');
        await page.mouse.up();
        const all = await seen;
        const moved = all.filter(([, place], i) => i > 0 && place !== all[i - 1]![1] && place !== rest);
        const [begun, place] = moved[0]!;
        for (const [now, where] of moved) expect(Math.abs(where - (rest + (place - rest) * Math.exp(-(now - begun) / scroll.RULES.settle)))).toBeLessThan(1);
        expect((await at(page, 'carousel'))[0]).toBe(rest);
        expect(await dot(page)).toBe(on);
    }
    // A dot brings its page, and what is beyond the first gives way and comes back.
    await page.mouse.click(...await middle(layer(page, 'dots').locator('[data-press][data-item="3"]')));
    await expect.poll(async () => (await at(page, 'carousel'))[0]).toBe(906);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 60 * scale, y, { steps: 3 });
    expect((await at(page, 'carousel'))[0]).toBeGreaterThan(906);
    await page.mouse.up();
    await expect.poll(async () => (await at(page, 'carousel'))[0]).toBe(906);
    expect(await dot(page)).toBe(3);
});

test('a list turns under the wheel and the finger, its head sticks, and what is far down can be tapped', async ({ page }) => {
    await rehearsed(page);
    const scale = await k(page);
    const [x, y] = await window(page, 'list');
    await page.mouse.move(x, y);
    await page.mouse.wheel(0, 240);
    await expect.poll(async () => (await at(page, 'list'))[1]).toBe(240);
    const head = (await layer(page, 'head').boundingBox())!;
    expect(Math.abs(head.y - (y - 160 * scale))).toBeLessThan(1);
    // Thrown up it goes on by itself, and comes to rest.
    await page.mouse.down();
    await page.mouse.move(x, y - 20 * scale, { steps: 2 });
    await page.mouse.move(x, y - 80 * scale, { steps: 3 });
    await page.mouse.up();
    await expect.poll(async () => (await at(page, 'list'))[1]).toBeGreaterThan(330);
    await expect(page.locator('.screen-now')).toHaveText('Home');
    await page.mouse.wheel(0, 2000);
    await expect.poll(async () => (await at(page, 'list'))[1]).toBe(36 + 12 * 68 - 320);
    const row = (await layer(page, 'row11x').boundingBox())!;
    await page.mouse.click(row.x + row.width / 2, y + 140 * scale);
    await expect(page.locator('.screen-now')).toHaveText('Next');
    // Come back to, it is where it was left, also when it has been put away since.
    await page.keyboard.press('n');
    await expect(page.locator('.screen-now')).toHaveText('Far');
    await expect(page.locator('.pane[data-screen=home]')).toHaveCount(0);
    await page.keyboard.press('b');
    await expect(page.locator('.screen-now')).toHaveText('Next');
    await page.keyboard.press('b');
    await expect(page.locator('.screen-now')).toHaveText('Home');
    expect((await at(page, 'list'))[1]).toBe(36 + 12 * 68 - 320);
});

test('what is fixed stays, and the screen is pulled down to refresh', async ({ page }) => {
    await rehearsed(page);
    const scale = await k(page);
    const foot = async (): Promise<number> => (await layer(page, 'footer').boundingBox())!.y;
    const before = await foot();
    const frame = (await page.locator('#rehearsal .device').boundingBox())!;
    expect(before).toBeCloseTo(frame.y + (844 - 84) * scale, 0);
    await page.mouse.move(frame.x + 10, frame.y + frame.height / 2);
    await page.mouse.wheel(0, 300);
    await expect.poll(() => page.locator('.pane[data-screen=home]').evaluate((pane) => pane.scrollTop)).toBe(300);
    expect(await foot()).toBeCloseTo(before, 0);
    await page.mouse.wheel(0, -300);
    await expect.poll(() => page.locator('.pane[data-screen=home]').evaluate((pane) => pane.scrollTop)).toBe(0);
    // Not far enough it only gives way.
    for (const [by, now] of [[40, 'Home'], [90, 'Next']] as const) {
        await page.mouse.move(frame.x + 10, frame.y + 60);
        await page.mouse.down();
        await page.mouse.move(frame.x + 10, frame.y + 60 + 20 * scale, { steps: 2 });
        await page.mouse.move(frame.x + 10, frame.y + 60 + by * scale, { steps: 3 });
        expect(await page.locator('.pane[data-screen=home] .sheet').evaluate((sheet) => new DOMMatrix(getComputedStyle(sheet).transform).m42)).toBeCloseTo(-scroll.held(-by, 0, 844, true), 0);
        await page.mouse.up();
        await expect(page.locator('.screen-now')).toHaveText(now);
    }
});

test('on the wall what scrolls is cut, and seen whole while one looks into it or wants to', async ({ page }) => {
    await enter(page);
    await importFile(page, 'scrolls.json', { ...SCROLLS, name: `Scrolls ${Date.now()}` });
    await near(page, 'Home');
    const window = screen(page, 'Home').locator('[data-layer=carousel] > svg');
    const cut = (): Promise<string> => window.evaluate((one) => getComputedStyle(one).overflow);
    expect(await cut()).toBe('hidden');
    const [x, y] = await middle(screen(page, 'Home').locator('[data-layer="card0x"]'));
    await page.mouse.dblclick(x, y);
    await expect.poll(cut).toBe('visible');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect.poll(cut).toBe('hidden');
    await page.keyboard.press('Alt+s');
    await expect.poll(cut).toBe('visible');
    await page.keyboard.press('Alt+s');
    await page.mouse.click(x, y);
    await page.locator('#facets [data-field="scroll.snap"]').selectOption('center');
    await saved(page);
    await expect(page.locator('#facets [data-field="scroll.pages"]')).toHaveValue('page');
    await page.locator('#facets [data-field="scroll.axes"]').selectOption('none');
    await saved(page);
    await expect(screen(page, 'Home').locator('[data-layer=carousel] > svg')).toHaveCount(0);
});

test('what scrolls moves in the player as in core', () => {
    const draw = numbers(5);
    const next = (below: number): number => Math.floor(draw() * below);
    const cases = Array.from({ length: 400 }, () => {
        const far = next(3000);
        return { at: next(far + 400) - 200, speed: (next(600) - 300) / 100, far, seen: 100 + next(700), stops: next(2) === 0 ? [] : Array.from({ length: 2 + next(6) }, () => next(far + 1)).sort((a, b) => a - b), bounce: next(2) === 0, momentum: next(4) !== 0, ms: next(900) };
    });
    const core = ask<[number, number, boolean, number, number, number][]>('scrolling.php', cases);
    cases.forEach(({ at: place, speed, far, seen, stops, bounce, momentum, ms }, i) => {
        const to = scroll.rest(place, speed, far, stops, momentum);
        const gliding = scroll.glides(place, to, far, stops.length > 0);
        const own = [scroll.held(place, far, seen, bounce), to, gliding, scroll.after(ms, place, to, gliding), stops.length === 0 ? 0 : scroll.page(place, stops), scroll.stuck(place, seen, far)];
        own.forEach((value, n) => (typeof value === 'boolean' ? expect(value).toBe(core[i]![n]) : expect(value).toBeCloseTo(core[i]![n] as number, 9)));
    });
});

test('under a finger the screen scrolls by itself, its list and what is pulled do not let it', async ({ page, browser }) => {
    await rehearsed(page);
    const context = await browser.newContext({ viewport: { width: 500, height: 960 }, hasTouch: true, storageState: await page.context().storageState() });
    const phone = await context.newPage();
    await phone.goto(page.url());
    await expect(phone.locator('.screen-now')).toHaveText('Home');
    const client = await context.newCDPSession(phone);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: [number, number][]): Promise<unknown> => client.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y]) => ({ x, y })) });
    const stroke = async ([x, y]: [number, number], by: number): Promise<void> => {
        await touch('touchStart', [[x, y]]);
        for (let i = 1; i <= 8; i++) await touch('touchMove', [[x, y + (by * i) / 8]]);
        await touch('touchEnd', []);
    };
    const top = (): Promise<number> => phone.locator('.pane[data-screen=home]').evaluate((pane) => pane.scrollTop);
    const { x, y } = (await phone.locator('#rehearsal .device').boundingBox())!;
    // In the list only the list moves.
    await stroke(await window(phone, 'list'), -120);
    await expect.poll(async () => (await at(phone, 'list'))[1]).toBeGreaterThan(60);
    expect(await top()).toBe(0);
    // At its end it hands the finger on to the screen.
    await expect(async () => {
        await stroke(await window(phone, 'list'), -250);
        expect(await top()).toBeGreaterThan(60);
    }).toPass();
    await expect.poll(async () => (await at(phone, 'list'))[1]).toBe(36 + 12 * 68 - 320);
    await phone.locator('.pane[data-screen=home]').evaluate((pane) => pane.scrollTo(0, 0));
    await stroke([x + 12, y + 500], -200);
    await expect.poll(top).toBeGreaterThan(100);
    // From further down it scrolls back, and is not pulled.
    await stroke([x + 12, y + 200], 150);
    await expect(phone.locator('.screen-now')).toHaveText('Home');
    await phone.locator('.pane[data-screen=home]').evaluate((pane) => pane.scrollTo(0, 0));
    await expect.poll(() => phone.locator('.pane[data-screen=home]').evaluate((pane) => pane.style.touchAction)).toBe('pan-down');
    await stroke([x + 12, y + 200], 200);
    await expect(phone.locator('.screen-now')).toHaveText('Next');
    await context.close();
});

test('a screen is dragged by the mouse as by a finger, goes on when it is thrown, and what can be tapped is marked where it is', async ({ page }) => {
    await rehearsed(page);
    const scale = await k(page);
    const pane = page.locator('.pane[data-screen=home]');
    const top = (): Promise<number> => pane.evaluate((one) => one.scrollTop);
    const { x, y } = (await page.locator('#rehearsal .device').boundingBox())!;
    await page.mouse.move(x + 12 * scale, y + 700 * scale);
    await page.mouse.down();
    await page.mouse.move(x + 12 * scale, y + 600 * scale, { steps: 5 });
    expect(await top()).toBeCloseTo(100, 0);
    await page.waitForFunction((since) => performance.now() - since > 150, await page.evaluate(() => performance.now()));
    await page.mouse.up();
    expect(await top()).toBeCloseTo(100, 0);
    // Thrown, it goes on beyond where it was let go.
    await page.mouse.move(x + 12 * scale, y + 700 * scale);
    await page.mouse.down();
    await page.mouse.move(x + 12 * scale, y + 640 * scale, { steps: 6 });
    await page.mouse.up();
    await expect.poll(top).toBeGreaterThan(175);
    await pane.evaluate((one) => one.scrollTo(0, 0));
    // What can be tapped is marked where it is by now.
    await page.keyboard.press('t');
    const areas = (): Promise<number[]> => pane.locator('.area').evaluateAll((all: HTMLElement[]) => all.map((one) => Math.round(one.offsetTop)).sort((a, b) => a - b));
    await expect(pane.locator('.area').first()).toBeVisible();
    const before = await areas();
    const [lx, ly] = await window(page, 'list');
    await page.mouse.move(lx, ly);
    await page.mouse.wheel(0, 40);
    await expect.poll(async () => (await at(page, 'list'))[1]).toBe(40);
    await expect.poll(async () => (await areas()).some((one) => before.includes(one + 40))).toBe(true);
});

test('layers that lie freely, and a group, are let scroll by one press, where they lie', async ({ page }) => {
    await enter(page);
    const tile = (id: string, x: number, y: number): object => box(id, id, 140, 120, TONES[0]!, { x, y });
    await importFile(page, 'free.json', { format: 'kindred-canvas', version: 5, name: `Free ${Date.now()}`, entry: 'home', screens: [{ id: 'home', name: 'Home', device: 'phone', x: 0, y: 0, width: 390, height: 844, view: 844, ground: '#f8f8f7', layers: [
        ...Array.from({ length: 3 }, (_, i) => tile(`tile${i}`, 24 + 160 * i, 80)),
        { kind: 'group', id: 'board', name: 'Board', x: 24, y: 700, width: 300, height: 280, children: [box('high', 'High', 300, 60, TONES[1]!), box('deep', 'Deep', 300, 60, TONES[2]!, { y: 220 })] },
    ] }] });
    await near(page, 'Home');
    await page.keyboard.press('f');
    const home = screen(page, 'Home');
    const scrolls = page.locator('#facets').getByRole('button', { name: 'Let it scroll' });
    const pick = async (id: string, more = false): Promise<void> => {
        const [x, y] = await middle(home.locator(`[data-layer="${id}"]`).first());
        if (more) await page.keyboard.down('Shift');
        await page.mouse.click(x, y);
        if (more) await page.keyboard.up('Shift');
    };
    await pick('tile0');
    await pick('tile1', true);
    await page.keyboard.down('Shift');
    await page.mouse.click(...(await place(home, 360, 140)));
    await page.keyboard.up('Shift');
    await scrolls.click();
    await saved(page);
    const made = home.locator('[data-kind=stack]').first();
    await expect(made).toHaveAttribute('data-box', /^24 80 366 120 /);
    await expect(page.locator('#f-scroll-axes')).toHaveValue('across');
    await page.keyboard.press('Control+z');
    await expect(home.locator('[data-kind=stack]')).toHaveCount(0);
    await page.keyboard.press('Control+Shift+z');
    await expect(made).toHaveCount(1);
    await page.keyboard.press('Escape');
    await pick('high');
    await expect(page.locator('#facets .subject input')).toHaveValue('Board');
    await scrolls.click();
    await saved(page);
    await expect(home.locator('[data-layer=board]')).toHaveAttribute('data-kind', 'stack');
    await expect(home.locator('[data-layer=board]')).toHaveAttribute('data-box', /^24 700 300 144 /);

    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(page.locator('.screen-now')).toHaveText('Home');
    const scale = await k(page);
    for (const [within, by, rests] of [['tile0', [-80, 0], [80, 0]], ['board', [0, -90], [0, 90]]] as const) {
        const svg = page.locator(`.pane:not(.waiting) svg[data-scroll]:has([data-layer="${within}"]), .pane:not(.waiting) [data-layer="${within}"] > svg[data-scroll]`).first();
        const [x, y] = await svg.evaluate((one: SVGSVGElement) => {
            const { x, y, width, height } = one.viewBox.baseVal;
            const at = new DOMPoint(x + width / 2, y + height / 2).matrixTransform(one.getScreenCTM()!);
            return [at.x, at.y] as [number, number];
        });
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x + by[0] * scale, y + by[1] * scale, { steps: 5 });
        await page.waitForFunction((since) => performance.now() - since > 150, await page.evaluate(() => performance.now()));
        await page.mouse.up();
        await expect.poll(async () => (await svg.getAttribute('viewBox'))!.split(' ').slice(0, 2).map((one) => Math.round(Number(one)))).toEqual(rests);
    }
});
