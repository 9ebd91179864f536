/** Whole jobs by hand from an empty project, verified by numbers, each within so many gestures. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, box, enter, newProject, saved, screen, test } from './support/hand.ts';
import { Hand } from './support/counted.ts';

const shown = (page: Page): Locator => page.locator('.pane:not(.waiting)').last();
const playing = async (page: Page, name: string): Promise<void> => {
    await expect(page.locator('.screen-now')).toHaveText(name);
    await page.waitForFunction(() => document.getAnimations().length === 0);
};

async function begin(page: Page, name: string): Promise<Hand> {
    await enter(page);
    await newProject(page, name);
    return new Hand(page);
}

/** The first phone screen, from the empty wall. */
async function phone(hand: Hand): Promise<Locator> {
    await hand.press(hand.page.locator('#empty').getByRole('button', { name: 'Add a screen' }));
    await hand.press(hand.page.locator('#devices').getByRole('button', { name: /^Phone / }));
    await expect(screen(hand.page, 'Screen 1')).toBeVisible();
    await saved(hand.page);
    return screen(hand.page, 'Screen 1');
}

async function words(hand: Hand, place: [number, number], text: string): Promise<void> {
    await hand.key('t');
    await hand.press(place);
    await hand.type(text);
    await hand.key('Control+Enter');
    await saved(hand.page);
}

/** Writes over words that are there: of a text, or of a widget. */
async function rewrite(hand: Hand, target: Locator, text: string): Promise<void> {
    await hand.press(target, { times: 2 });
    await expect(hand.page.locator('#writing')).toBeVisible();
    await hand.key('Control+a');
    await hand.type(text);
    await hand.key('Control+Enter');
    await saved(hand.page);
}

async function fromKit(hand: Hand, search: string, place: [number, number]): Promise<void> {
    await hand.key('k');
    await expect(hand.page.locator('#kit')).toBeVisible();
    await hand.type(search);
    await hand.key('Enter');
    await expect(hand.page.locator('#kit [aria-pressed=true]')).toBeVisible();
    await hand.press(place);
    await saved(hand.page);
}

async function link(hand: Hand, from: Locator, to: Locator): Promise<void> {
    await hand.press(from);
    await expect(hand.page.locator('#overlay .knot')).toBeVisible();
    await hand.drag(hand.page.locator('#overlay .knot circle').last(), to);
    await saved(hand.page);
}

/** A picture of one colour, made here. */
async function picture(page: Page, name: string, colour: string): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
    const bytes = await page.evaluate((colour) => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [300, 200];
        const context = canvas.getContext('2d')!;
        context.fillStyle = colour;
        context.fillRect(0, 0, 300, 200);
        context.fillStyle = '#ffffff';
        context.fillRect(40, 40, 60, 60);
        return canvas.toDataURL('image/png').split(',')[1]!;
    }, colour);
    return { name, mimeType: 'image/png', buffer: Buffer.from(bytes, 'base64') };
}

test('a diary screen with four equal blocks, and a second screen: within 30 gestures', async ({ page }) => {
    const hand = await begin(page, 'Diary');
    const first = await phone(hand);
    await words(hand, await at(first, 24, 70), 'Glaze diary');
    await hand.key('s');
    await hand.drag(await at(first, 24, 120), await at(first, 366, 260), ['Control']);
    await saved(page);
    await hand.drag(await at(first, 60, 200), await at(first, 60, 356), ['Alt', 'Control']);
    await saved(page);
    await hand.key('Control+d');
    await saved(page);
    await hand.key('Control+d');
    await saved(page);
    await hand.key('Shift+A');
    const second = screen(page, 'Screen 2');
    await expect(second).toBeVisible();
    await saved(page);
    await rewrite(hand, second.locator('[data-kind=text]'), 'One firing');
    const blocks = await Promise.all([0, 1, 2, 3].map((n) => box(first.locator('[data-kind=box]').nth(n))));
    expect(blocks.map(([x, , width, height]) => [x, width, height])).toEqual(Array(4).fill([24, 342, 140]));
    const gaps = blocks.slice(1).map(([, y], i) => y! - blocks[i]![1]!);
    expect(new Set(gaps).size).toBe(1);
    await expect(second.locator('[data-kind=box]')).toHaveCount(4);
    await expect(second.locator('[data-kind=text]')).toContainText('One firing');
    expect(hand.gestures).toBeLessThanOrEqual(30);
});

test('a settings list with three switches: within 32 gestures', async ({ page }) => {
    const hand = await begin(page, 'Settings');
    const one = await phone(hand);
    await words(hand, await at(one, 24, 70), 'Notices');
    await fromKit(hand, 'switch', await at(one, 195, 160));
    const switches = one.locator('[data-kind=widget]');
    await expect(switches).toHaveCount(1);
    const [x = 0, y = 0, , height = 0] = await box(switches.first());
    await hand.drag(await at(one, x + 40, y + height / 2), await at(one, x + 40, y + height / 2 + 64), ['Alt', 'Control']);
    await saved(page);
    await hand.key('Control+d');
    await saved(page);
    for (const [n, label] of ['Kiln is cool', 'A wheel is free', 'Pieces to collect'].entries()) {
        await hand.press(switches.nth(n));
        await expect(page.locator('#facets:not([aria-busy]) #w-label')).toBeVisible();
        await hand.press(page.locator('#w-label'));
        await hand.type(label);
        await hand.key('Enter');
        await saved(page);
    }
    await hand.press(page.locator('#facets:not([aria-busy])').getByRole('checkbox', { name: 'on' }));
    await saved(page);
    for (const [n, label] of ['Kiln is cool', 'A wheel is free', 'Pieces to collect'].entries()) await expect(switches.nth(n)).toContainText(label);
    const tops = await Promise.all([0, 1, 2].map(async (n) => (await box(switches.nth(n)))[1]!));
    expect(tops[1]! - tops[0]!).toBe(tops[2]! - tops[1]!);
    expect(hand.gestures).toBeLessThanOrEqual(32);
});

test('three welcome screens, linked and played: within 70 gestures', async ({ page }) => {
    const hand = await begin(page, 'Welcome');
    const first = await phone(hand);
    await hand.key('s');
    await hand.drag(await at(first, 24, 90), await at(first, 366, 420), ['Control']);
    await saved(page);
    await words(hand, await at(first, 24, 480), 'Hands in clay');
    await words(hand, await at(first, 24, 540), 'Twelve wheels, two kilns');
    await fromKit(hand, 'button', await at(first, 195, 760));
    for (const [n, [heading, more]] of [['A place at a wheel', 'Two hours, clay included'], ['Fired on Thursday', 'We tell you when']].entries()) {
        await hand.key('Shift+A');
        const next = screen(page, `Screen ${n + 2}`);
        await expect(next).toBeVisible();
        await saved(page);
        await rewrite(hand, next.locator('[data-kind=text]').nth(0), heading!);
        await rewrite(hand, next.locator('[data-kind=text]').nth(1), more!);
        // The new screen is at hand: it is duplicated next.
        await hand.press(next.locator('.screen-name'));
    }
    await hand.key('f', 'f');
    await link(hand, first.locator('[data-kind=widget]'), screen(page, 'Screen 2'));
    await link(hand, screen(page, 'Screen 2').locator('[data-kind=widget]'), screen(page, 'Screen 3'));
    await hand.press(first.locator('.screen-name'));
    await hand.key('r');
    await playing(page, 'Screen 1');
    for (const n of [2, 3]) {
        await hand.press(shown(page).locator('svg g[data-works], svg [data-layer]').last());
        await playing(page, `Screen ${n}`);
    }
    await expect(shown(page)).toContainText('Fired on Thursday');
    expect(hand.gestures).toBeLessThanOrEqual(70);
});

test('a sign-up of five screens from widgets, played without a server: within 60 gestures', async ({ page, context }, info) => {
    const hand = await begin(page, 'Sign-up');
    const first = await phone(hand);
    await fromKit(hand, 'text field', await at(first, 195, 200));
    await fromKit(hand, 'button', await at(first, 195, 760));
    const labels = ['Your name', 'E-mail', 'Password', 'Which class', 'All done'];
    for (const [n, label] of labels.entries()) {
        const now = screen(page, `Screen ${n + 1}`);
        if (n > 0) {
            await hand.key('Shift+A');
            await expect(now).toBeVisible();
            await saved(page);
        }
        await hand.press(now.locator('[data-kind=widget]').first());
        await expect(page.locator('#facets:not([aria-busy]) #w-label')).toBeVisible();
        await hand.press(page.locator('#w-label'));
        await hand.type(label);
        await hand.key('Enter', 'Escape', 'Escape');
        await saved(page);
    }
    await hand.key('f', 'f');
    for (const n of [1, 2, 3, 4]) await link(hand, screen(page, `Screen ${n}`).locator('[data-kind=widget]').last(), screen(page, `Screen ${n + 1}`));
    await hand.press(page.getByRole('link', { name: 'Hand over' }));
    const download = page.waitForEvent('download');
    await hand.press(page.getByRole('link', { name: /web page/i }).first());
    const file = info.outputPath('sign-up.html');
    await (await download).saveAs(file);
    await context.setOffline(true);
    await page.goto(`file://${file}`);
    await playing(page, 'Screen 1');
    for (const n of [2, 3, 4, 5]) {
        await hand.press(shown(page).locator('[data-layer]').last());
        await playing(page, `Screen ${n}`);
    }
    await expect(shown(page)).toContainText('All done');
    await context.setOffline(false);
    expect(hand.gestures).toBeLessThanOrEqual(60);
});

test('a gallery of six cards with pictures and names from files: within 26 gestures', async ({ page }) => {
    const hand = await begin(page, 'Gallery');
    const one = await phone(hand);
    const colours = ['#a94c31', '#17594f', '#b97a0c', '#6b3a5b', '#5b7a94', '#3a3f3f'];
    const files = await Promise.all(colours.map((colour, n) => picture(page, `glaze-${n + 1}.png`, colour)));
    await hand.files(page.locator('[data-tool=picture]'), files.slice(0, 1));
    const image = one.locator('[data-kind=picture]');
    await expect(image).toHaveCount(1);
    await saved(page);
    for (const [id, value] of [['#f-x', '24'], ['#f-y', '100'], ['#f-width', '160'], ['#f-height', '110']] as const) {
        await hand.press(page.locator(`#facets:not([aria-busy]) ${id}`));
        await hand.type(`${value}\n`);
        await saved(page);
    }
    await hand.key('Escape');
    await words(hand, await at(one, 30, 234), 'Glaze');
    await hand.drag(await at(one, 8, 80), await at(one, 300, 290));
    await hand.key('Shift+L');
    const sheet = page.locator('#sheet');
    await expect(sheet.locator('tbody tr').first()).toBeVisible();
    const pictures = sheet.locator('thead [data-column]', { has: page.locator('[data-sheet-do=pictures]') });
    // Names from a text file, one a line, then a picture for each.
    await hand.files(sheet.locator('[data-sheet-do=file]'), [{ name: 'names.txt', mimeType: 'text/plain', buffer: Buffer.from('Celadon\nTenmoku\nShino\nCopper\nAsh\nSalt\n') }]);
    await hand.press(page.locator('#sheet-take').getByRole('button', { name: 'Take the rows' }));
    await expect(sheet.locator('tbody tr[data-row]')).toHaveCount(6);
    await hand.files(pictures.first().locator('[data-sheet-do=pictures]'), files);
    await saved(page);
    const cells = one.locator('[data-kind=array] > [data-layer]');
    await expect(cells).toHaveCount(6);
    for (const [n, name] of ['Celadon', 'Tenmoku', 'Shino', 'Copper', 'Ash', 'Salt'].entries()) await expect(cells.nth(n)).toContainText(name);
    await expect.poll(async () => new Set(await one.locator('[data-kind=picture] image').evaluateAll((all) => all.map((each) => each.getAttribute('href')))).size).toBe(6);
    expect(hand.gestures).toBeLessThanOrEqual(26);
});

test('a home with three entries, four banners with pictures of their own, three ways out and back: within 46 gestures', async ({ page }) => {
    const hand = await begin(page, 'Home');
    const home = await phone(hand);
    const banners = await Promise.all(['#a94c31', '#17594f', '#b97a0c', '#6b3a5b'].map((colour, n) => picture(page, `banner-${n + 1}.png`, colour)));
    await fromKit(hand, 'bottom bar', await at(home, 195, 800));
    await hand.files(page.locator('[data-tool=picture]'), banners);
    await expect(home.locator('[data-kind=picture]')).toHaveCount(4);
    await saved(page);
    // Three entries that lead somewhere.
    await hand.key('s');
    await hand.drag(await at(home, 24, 560), await at(home, 130, 640), ['Control']);
    await saved(page);
    await hand.drag(await at(home, 60, 600), await at(home, 178, 600), ['Alt', 'Control']);
    await saved(page);
    await hand.key('Control+d');
    await saved(page);
    const entries = home.locator('[data-kind=box]');
    await expect(entries).toHaveCount(3);
    for (const n of [2, 3, 4]) {
        await hand.key('a');
        await hand.press(page.locator('#devices').getByRole('button', { name: /^Phone / }));
        await expect(screen(page, `Screen ${n}`)).toBeVisible();
        await saved(page);
    }
    await hand.key('f', 'f');
    for (const n of [0, 1, 2]) await link(hand, entries.nth(n), screen(page, `Screen ${n + 2}`));
    // What leads back: one button, on all three.
    const first = screen(page, 'Screen 2');
    await hand.press(page.locator('[data-card]', { hasText: 'Screen 2' }).locator('[data-open-screen]'));
    await fromKit(hand, 'icon button', await at(first, 44, 60));
    await expect(first.locator('[data-kind=widget]')).toHaveCount(1);
    await hand.press(page.locator('#facets:not([aria-busy])').getByRole('button', { name: 'On tap, return' }));
    await saved(page);
    await hand.key('Control+c');
    await hand.press(page.locator('[data-card]', { hasText: 'Screen 3' }).locator('[data-open-screen]'));
    await hand.key('Control+v');
    await saved(page);
    await hand.press(page.locator('[data-card]', { hasText: 'Screen 4' }).locator('[data-open-screen]'));
    await hand.key('Control+v');
    await saved(page);
    for (const n of [2, 3, 4]) await expect(screen(page, `Screen ${n}`).locator('[data-kind=widget]')).toHaveAttribute('data-cues', /.+>$/);
    expect(new Set(await home.locator('image').evaluateAll((all) => all.map((each) => each.getAttribute('href')))).size).toBe(4);
    // Played: out and back.
    await page.getByRole('link', { name: 'Rehearse', exact: true }).click();
    await page.goto(page.url().replace(/\?screen=.*/, ''));
    await playing(page, 'Screen 1');
    const pane = shown(page);
    await pane.locator('[data-layer]').nth(5).click();
    await playing(page, 'Screen 2');
    await shown(page).locator('[data-layer]').first().click();
    await playing(page, 'Screen 1');
    expect(hand.gestures).toBeLessThanOrEqual(46);
});
