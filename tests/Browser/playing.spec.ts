/** Cues by hand: what they wait for, on what conditions, and screens that lie over others and follow the finger. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, drag, enter, exportPage, importFile, near, onPhone, saved, screen, test } from './support/hand.ts';

const sized = (id: string, x: number, height: number, ground: string, layers: object[], more: object = {}): object => ({ id, name: id[0]!.toUpperCase() + id.slice(1), device: 'phone', x, y: 0, width: 390, height, view: height, ground, layers, ...more });
const box = (id: string, name: string, y: number, more: object = {}): object => ({ id, kind: 'box', name, x: 24, y, width: 342, height: 56, fills: [{ colour: '#17594f' }], ...more });
const cue = (id: string, trigger: object, actions: object[], more: object = {}): object => ({ id, trigger, actions, ...more });
const show = (to: string, transition: object | null = null): object => ({ kind: 'show', screen: to, transition });
const push = { kind: 'push', direction: 'left', duration: 400, delay: 0, easing: 'ease-out' };

const device = (page: Page): Locator => page.locator('#rehearsal .device');
const pane = (page: Page, id: string): Locator => page.locator(`.pane[data-screen="${id}"]`);
const layer = (page: Page, id: string): Locator => page.locator(`.pane:not(.waiting) [data-layer="${id}"]`);
const now = (page: Page): Locator => page.locator('.screen-now');
const still = (page: Page): Promise<unknown> => page.waitForFunction(() => document.getAnimations().length === 0);
const field = (page: Page, name: string): Locator => page.locator(`#facets [data-cue-field="${name}"]`);

async function choose(page: Page, name: string, value: string | { label: string }): Promise<void> {
    await field(page, name).selectOption(value);
    await saved(page);
}

async function rehearse(page: Page, name: string): Promise<void> {
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(now(page)).toHaveText(name);
}

/** How far a pane is moved, in shares of its own size. */
const moved = (target: Locator): Promise<number[]> => target.evaluate((pane: HTMLElement) => {
    const { m41, m42 } = new DOMMatrix(getComputedStyle(pane).transform);
    return [m41 / pane.offsetWidth, m42 / pane.offsetHeight].map((one) => Math.round(one * 1000) / 1000 + 0);
});

/** In px of the window, a share of a screen's px. */
const scale = async (page: Page): Promise<number> => (await device(page).boundingBox())!.width / 390;

test('one sheet lies over three screens, is made and moved once, and goes as it came', async ({ page }) => {
    await enter(page);
    await importFile(page, 'shelves.json', {
        format: 'kindred-canvas', version: 5, name: `Shelves ${Date.now()}`, screens: [
            ...['home', 'kilns', 'glazes'].map((id, i) => sized(id, i * 470, 844, '#f8f8f7', [box(`${id}menu`, 'Menu', 700), box(`${id}next`, 'Next', 600, { cues: [cue(`${id}cue1`, { kind: 'tap' }, [show(['kilns', 'glazes', 'home'][i]!, push)])] })])),
            sized('sheet', 1410, 320, '#e8d9c0', [box('close', 'Close', 40)]),
        ],
    });
    for (const name of ['Home', 'Kilns', 'Glazes']) {
        await near(page, name);
        await page.mouse.click(...(await at(screen(page, name), 200, 728)));
        await page.locator('#facets').getByRole('button', { name: 'On tap, show a screen' }).click();
        await saved(page);
        await choose(page, 'actions.0.kind', 'lay-over');
        await choose(page, 'actions.0.screen', { label: 'Sheet' });
        // It comes as it says itself.
        await expect(field(page, 'actions.0.transition.kind')).toHaveValue('');
    }
    await near(page, 'Sheet');
    await page.mouse.click(...(await at(screen(page, 'Sheet'), 200, 68)));
    await page.locator('#facets').getByRole('button', { name: 'On tap, return' }).click();
    await saved(page);
    await choose(page, 'actions.0.kind', 'take-off');

    await near(page, 'Home');
    await rehearse(page, 'Home');
    const seen: number[][] = [];
    for (const name of ['Home', 'Kilns', 'Glazes']) {
        await expect(now(page)).toHaveText(name);
        await layer(page, `${name.toLowerCase()}menu`).click();
        await expect(now(page)).toHaveText('Sheet');
        await still(page);
        const [own, whole] = [(await pane(page, 'sheet').boundingBox())!, (await device(page).boundingBox())!];
        seen.push([Math.round(own.height / (await scale(page))), Math.round(whole.y + whole.height - own.y - own.height)]);
        await layer(page, 'close').click();
        await still(page);
        await expect(now(page)).toHaveText(name);
        await layer(page, `${name.toLowerCase()}next`).click();
        await still(page);
    }
    expect(seen).toEqual([[320, 0], [320, 0], [320, 0]]);

    // Moved once, it comes from above everywhere.
    await page.getByRole('link', { name: 'Wall' }).click();
    await near(page, 'Sheet');
    await page.locator('#facets summary', { hasText: 'Laid over' }).click();
    await page.locator('#o-place').selectOption('top');
    await saved(page);
    await expect(page.locator('#o-way')).toHaveValue('down');
    await near(page, 'Home');
    await rehearse(page, 'Home');
    await layer(page, 'homemenu').click();
    await still(page);
    expect(Math.round((await pane(page, 'sheet').boundingBox())!.y - (await device(page).boundingBox())!.y)).toBe(0);
    // A tap beside it takes it off.
    const whole = (await device(page).boundingBox())!;
    await page.mouse.click(whole.x + whole.width / 2, whole.y + whole.height - 40);
    await expect(now(page)).toHaveText('Home');
});

const CARDS = {
    format: 'kindred-canvas', version: 5, screens: [
        sized('first', 0, 844, '#f8f8f7', [
            box('card', 'Card', 300, { height: 300, cues: [cue('drag1', { kind: 'drag', direction: 'left', distance: 300 }, [show('second', push)]), cue('tap1', { kind: 'tap' }, [show('third', { ...push, duration: 100 })]), cue('long1', { kind: 'long-press', press: 400 }, [{ kind: 'lay-over', screen: 'sheet' }])] }),
            box('twice', 'Twice', 100, { cues: [cue('double1', { kind: 'double-tap' }, [show('third')])] }),
        ], { cues: [cue('key1', { kind: 'key', key: 'Ctrl+J' }, [show('third')]), cue('say1', { kind: 'spoken', phrase: 'light the kiln' }, [show('second')])] }),
        sized('second', 470, 844, '#dfe7e2', [], { cues: [cue('swipe1', { kind: 'swipe', direction: 'right' }, [{ kind: 'return' }])] }),
        sized('third', 940, 844, '#f1e4d4', [box('home', 'Home', 100, { cues: [cue('back1', { kind: 'tap' }, [{ kind: 'return', first: true }])] })]),
        sized('sheet', 1410, 320, '#e8d9c0', [], { over: { place: 'bottom', scrim: '#1e222266', outside: true, dragged: true } }),
    ],
};

test('a card follows the finger to the next screen, and back where it was let go too early; a sheet is dragged away', async ({ page }) => {
    await enter(page);
    await importFile(page, 'cards.json', { ...CARDS, name: `Cards ${Date.now()}` });
    await rehearse(page, 'First');
    const k = await scale(page);
    const card = (await layer(page, 'card').boundingBox())!;
    const [x, y] = [card.x + card.width - 20, card.y + card.height / 2];
    const plan = async (by: number): Promise<void> => {
        await page.mouse.move(x - by * 300 * k, y);
        expect(await moved(pane(page, 'second'))).toEqual([Math.round((1 - by) * 1000) / 1000, 0]);
        expect(await moved(pane(page, 'first'))).toEqual([Math.round(-by * 1000) / 1000 + 0, 0]);
    };
    // Less than half, at rest: it goes back.
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 20 * k, y);
    for (const by of [0.1, 0.25, 0.4, 0.3]) await plan(by);
    await page.waitForFunction((since) => performance.now() - since > 150, await page.evaluate(() => performance.now()));
    await page.mouse.up();
    await still(page);
    await expect(now(page)).toHaveText('First');
    await expect(pane(page, 'second')).toHaveClass(/waiting/);
    // At a slow pace, too: the hand is as fast as it is, and it comes to lie where it was, not where it was going.
    await page.getByLabel('Pace').selectOption({ label: 'A quarter' });
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 20 * k, y);
    for (const by of [0.2, 0.4]) await plan(by);
    await page.waitForFunction((since) => performance.now() - since > 150, await page.evaluate(() => performance.now()));
    await page.mouse.up();
    expect(await page.evaluate(() => document.getAnimations().every((one) => one.playbackRate < 0))).toBe(true);
    await still(page);
    await expect(now(page)).toHaveText('First');
    expect(await moved(pane(page, 'first'))).toEqual([0, 0]);
    await page.getByLabel('Pace').selectOption({ label: 'As it is' });
    // Beyond the middle it is done.
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 20 * k, y);
    for (const by of [0.2, 0.5, 0.75]) await plan(by);
    await page.mouse.up();
    await expect(now(page)).toHaveText('Second');
    await still(page);
    expect(await moved(pane(page, 'second'))).toEqual([0, 0]);
    // A swipe goes back, by the inverse.
    await drag(page, [x - 150 * k, y], [x, y]).catch(() => undefined);
    await expect(now(page)).toHaveText('First');
    await still(page);

    // A long press is no tap; what it lays over is dragged away.
    await page.mouse.move(x, y);
    await page.mouse.down();
    await expect(now(page)).toHaveText('Sheet');
    await page.mouse.up();
    await still(page);
    const sheet = (await pane(page, 'sheet').boundingBox())!;
    const [sx, sy] = [sheet.x + sheet.width / 2, sheet.y + 30];
    await page.mouse.move(sx, sy);
    await page.mouse.down();
    await page.mouse.move(sx, sy + 20 * k);
    for (const by of [0.25, 0.5, 0.6]) {
        await page.mouse.move(sx, sy + by * 320 * k);
        expect(await moved(pane(page, 'sheet'))).toEqual([0, by]);
    }
    await page.mouse.up();
    await expect(now(page)).toHaveText('First');
});

test('taps, double taps, keys and words are told apart, also in the exported page on a touch screen with no network', async ({ page, browser }) => {
    await enter(page);
    await importFile(page, 'told.json', { ...CARDS, name: `Told ${Date.now()}` });
    await rehearse(page, 'First');
    await layer(page, 'card').click();
    await expect(now(page)).toHaveText('Third');
    await still(page);
    await layer(page, 'home').click();
    await expect(now(page)).toHaveText('First');
    await still(page);
    await layer(page, 'twice').click();
    await layer(page, 'twice').click();
    await expect(now(page)).toHaveText('Third');
    await layer(page, 'home').click();
    await expect(now(page)).toHaveText('First');
    await page.keyboard.press('Control+j');
    await expect(now(page)).toHaveText('Third');
    await layer(page, 'home').click();
    await expect(now(page)).toHaveText('First');
    await still(page);
    // By keyboard alone: the second that answers is tapped twice.
    await page.locator('#rehearsal .table').focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(now(page)).toHaveText('Third');
    await layer(page, 'home').click();
    await expect(now(page)).toHaveText('First');
    await page.getByLabel('Say').fill('Please light the kiln.');
    await page.getByLabel('Say').press('Enter');
    await expect(now(page)).toHaveText('Second');

    // The page that leaves the application does the same.
    const phone = await onPhone(browser, await exportPage(page), 500);
    await expect(now(phone)).toHaveText('First');
    const client = await phone.context().newCDPSession(phone);
    const touch = (type: string, points: [number, number][]): Promise<unknown> => client.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: points.map(([px, py]) => ({ x: px, y: py })) });
    const k = await scale(phone);
    const card = (await layer(phone, 'card').boundingBox())!;
    const [x, y] = [card.x + card.width - 20, card.y + card.height / 2];
    await touch('touchStart', [[x, y]]);
    for (const by of [0.1, 0.3, 0.6]) {
        await touch('touchMove', [[x - by * 300 * k, y]]);
        await expect.poll(() => moved(pane(phone, 'second'))).toEqual([Math.round((1 - by) * 1000) / 1000, 0]);
    }
    await touch('touchEnd', []);
    await expect(now(phone)).toHaveText('Second');
    await still(phone);
    await touch('touchStart', [[x - 150 * k, y]]);
    for (const by of [40, 90, 140]) await touch('touchMove', [[x - (150 - by) * k, y]]);
    await touch('touchEnd', []);
    await expect(now(phone)).toHaveText('First');
    await phone.context().close();
});

test('a cue does several things on conditions, and something else otherwise, chosen from lists', async ({ page }) => {
    await enter(page);
    await importFile(page, 'booking.json', {
        format: 'kindred-canvas', version: 5, name: `Conditions ${Date.now()}`, screens: [
            sized('book', 0, 844, '#f8f8f7', [
                { id: 'pieces', kind: 'widget', widget: 'stepper', name: 'Pieces', label: 'Pieces', value: 2, min: 0, max: 9, step: 1, x: 24, y: 100, width: 342, height: 48 },
                { id: 'whose', kind: 'widget', widget: 'text-field', name: 'Name', label: 'Name', required: true, x: 24, y: 200, width: 342, height: 72 },
                box('order', 'Book', 700),
            ]),
            sized('done', 470, 844, '#dfe7e2', [{ id: 'says', kind: 'text', name: 'Says', x: 24, y: 100, width: 342, height: 24, words: '{pieces} pieces', wrapped: true, style: { family: 'Hanken Grotesk', weight: 400, size: 17, lineHeight: 1.4 } }]),
            sized('toomany', 940, 320, '#f1e4d4', []),
        ],
    });
    await near(page, 'Book');
    await page.mouse.click(...(await at(screen(page, 'Book'), 200, 728)));
    await page.locator('#facets').getByRole('button', { name: 'On tap, show a screen' }).click();
    await saved(page);
    await choose(page, 'conditions.0.kind', 'fields');
    await choose(page, 'conditions.1.kind', 'signal');
    await choose(page, 'conditions.1.reads', { label: 'Pieces' });
    await choose(page, 'conditions.1.compare', 'at-most');
    await field(page, 'conditions.1.value').fill('3');
    await field(page, 'conditions.1.value').press('Enter');
    await saved(page);
    await choose(page, 'actions.1.kind', 'value');
    await choose(page, 'actions.1.signal', { label: 'Pieces' });
    await choose(page, 'actions.1.how', 'by');
    await field(page, 'actions.1.value').fill('1');
    await field(page, 'actions.1.value').press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Do it earlier' }).click();
    await saved(page);
    await expect(field(page, 'actions.0.kind')).toHaveValue('value');
    await choose(page, 'otherwise.0.kind', 'lay-over');
    await choose(page, 'otherwise.0.screen', { label: 'Toomany' });
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(field(page, 'otherwise.0.screen').locator('option:checked')).toHaveText('Done');
    await page.keyboard.press('Control+Shift+z');
    await saved(page);
    await expect(field(page, 'otherwise.0.screen').locator('option:checked')).toHaveText('Toomany');

    await rehearse(page, 'Book');
    await layer(page, 'order').click();
    await expect(now(page)).toHaveText('Toomany');
    await still(page);
    const whole = (await device(page).boundingBox())!;
    await page.mouse.click(whole.x + whole.width / 2, whole.y + 60);
    await expect(now(page)).toHaveText('Book');
    await still(page);
    await page.locator('.live.typed').fill('Maren');
    await page.locator('[data-press=more]').click();
    await layer(page, 'order').click();
    await expect(now(page)).toHaveText('Done');
    await expect(page.locator('.pane:not(.waiting)').last()).toContainText('4 pieces');
});

test('a bar of tabs is linked in one step, each entry to the screen of its name; the cues go on to other screens by keys', async ({ page }) => {
    await enter(page);
    const bar = (id: string, more: object = {}): object => ({ id, kind: 'widget', widget: 'bottom-bar', name: 'Tabs', items: [{ label: 'Today', icon: 'house', on: true }, { label: 'Kilns', icon: 'flame' }, { label: 'Glazes', icon: 'palette' }], x: 0, y: 760, width: 390, height: 84, ...more });
    await importFile(page, 'tabs.json', { format: 'kindred-canvas', version: 5, name: `Tabs ${Date.now()}`, screens: ['today', 'kilns', 'glazes'].map((id, i) => sized(id, i * 470, 844, ['#f8f8f7', '#f1e4d4', '#dfe7e2'][i]!, [bar(`${id}bar`)])) });
    await near(page, 'Today');
    await page.mouse.click(...(await at(screen(page, 'Today'), 12, 770)));
    await page.locator('#facets').getByRole('button', { name: 'Link each entry to its screen' }).click();
    await saved(page);
    await expect(page.locator('#facets .cue')).toHaveCount(2);
    await expect(page.locator('#facets .cue').first().getByLabel('Of', { exact: true })).toHaveValue('Kilns');
    // The same on a second screen by copying; undone and made again as one step.
    await page.keyboard.press('Escape');
    await page.mouse.click(...(await at(screen(page, 'Today'), 12, 770)));
    await page.keyboard.press('Alt+g');
    await expect(page.locator('#toast')).toContainText('2 cues are copied');
    await near(page, 'Kilns');
    await page.mouse.click(...(await at(screen(page, 'Kilns'), 12, 770)));
    await page.keyboard.press('Shift+G');
    await saved(page);
    // That to the screen itself is left out.
    await expect(page.locator('#facets .cue')).toHaveCount(1);
    await expect(page.locator('#facets .cue').getByLabel('Of', { exact: true })).toHaveValue('Glazes');
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(page.locator('#facets .cue')).toHaveCount(0);
    await page.keyboard.press('Control+Shift+z');
    await saved(page);
    await expect(page.locator('#facets .cue')).toHaveCount(1);

    await near(page, 'Today');
    await rehearse(page, 'Today');
    await page.getByRole('radio', { name: 'Glazes' }).first().click();
    await expect(now(page)).toHaveText('Glazes');
    await page.getByRole('button', { name: 'Return', exact: true }).click();
    await expect(now(page)).toHaveText('Today');
    await page.locator('.pane:not(.waiting)').getByRole('radio', { name: 'Kilns' }).click();
    await expect(now(page)).toHaveText('Kilns');
    await page.locator('.pane:not(.waiting)').getByRole('radio', { name: 'Glazes' }).click();
    await expect(now(page)).toHaveText('Glazes');
});

test('all cues are listed, searched, and changed together in one step', async ({ page }) => {
    await enter(page);
    await importFile(page, 'listed.json', { ...CARDS, name: `Listed ${Date.now()}` });
    await page.keyboard.press('Alt+t');
    const list = page.locator('#all-cues');
    await expect(list.locator('li[data-cue]')).toHaveCount(8);
    await expect(list.getByLabel('Search in all cues')).toBeFocused();
    await page.keyboard.type('card tap');
    await expect(list.locator('li[data-cue]:visible')).toHaveCount(1);
    await list.getByLabel('all that are shown').check();
    await expect(list).toContainText('One is ticked');
    await list.getByLabel('Transition of those that are ticked').selectOption('cover');
    await list.getByLabel('Duration of those that are ticked').fill('0.2s');
    await list.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(list).toContainText('Tap: show “Third”, cover left 200 ms');
    await saved(page);
    await list.getByLabel('Search in all cues').fill('');
    await list.getByLabel('Only with this trigger').selectOption('key');
    await expect(list.locator('li[data-cue]:visible')).toHaveCount(1);
    await list.getByRole('button', { name: 'Go to First' }).click();
    await expect(page.locator('#facets .subject input')).toHaveValue('First');
    await page.keyboard.press('Control+z');
    await saved(page);
    await page.keyboard.press('Alt+t');
    await expect(list).toContainText('Tap: show “Third”, push left 100 ms');
    await page.keyboard.press('Escape');
    await expect(list).toBeHidden();
});
