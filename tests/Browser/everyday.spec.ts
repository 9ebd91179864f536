/** What a designer does without thinking, one short test each, on screens of their own in one project. */
import { expect, test, type Browser, type Locator, type Page } from '@playwright/test';
import { at as placeOf, box, drag as dragging, enter, extent, middle, newProject, openDemo, saved, slowed, still } from './support/hand.ts';

let page: Page;
let errors: string[] = [];
let count = 0;
/** The screen of the test that runs. */
let on = '';

interface Laid { id: string; layers: string[] }
type Layer = Record<string, unknown>;

const shape = (x: number, y: number, width = 100, height = 40, more: Layer = {}): Layer => ({ kind: 'box', x, y, width, height, fills: [{ colour: '#a94c31' }], ...more });
const words = (x: number, y: number, text: string, more: Layer = {}): Layer => ({ kind: 'text', x, y, width: 0, height: 0, words: text, style: { family: 'Hanken Grotesk', weight: 400, size: 20, lineHeight: 1.3 }, fills: [{ colour: '#1e2223' }], ...more });
const layer = (id: string): Locator => page.locator(`#stage [data-layer="${id}"]`);
const hung = (id = on): Locator => page.locator(`article.screen[data-screen="${id}"]`);
const outermost = (id = on): Locator => hung(id).locator('> svg:not(.grid) > [data-layer]');
const field = (name: string): Locator => page.locator(`#facets:not([aria-busy]) #f-${name}`);
const at = (x: number, y: number, id = on): Promise<[number, number]> => placeOf(hung(id), x, y);
const drag = (from: [number, number], to: [number, number], keys: string[] = []): Promise<void> => dragging(page, from, to, keys);
const selected = (): Promise<[string, string[], string[]]> => page.evaluate(() => JSON.parse(Object.entries(sessionStorage).find(([key]) => key.startsWith('kindred.selection'))![1] as string) as [string, string[], string[]]);
const press = async (...keys: string[]): Promise<void> => {
    for (const key of keys) await page.keyboard.press(key);
    await saved(page);
};

async function edit(...commands: Layer[]): Promise<string[]> {
    const csrf = (await page.locator('meta[name=csrf-token]').getAttribute('content'))!;
    const answer = await page.request.post(page.url().replace('/wall', '/edits'), { headers: { 'X-CSRF-TOKEN': csrf, Accept: 'application/json' }, data: { base: 1e9, commands } });
    return ((await answer.json()) as { added: string[] }).added;
}

/** A phone screen of its own with some layers on it, seen near. */
async function lay(layers: Layer[], beside = 0): Promise<Laid> {
    const id = `every${++count}x`;
    const made = await edit(
        { type: 'create-screen', screen: { id, name: `Every ${count}`, device: 'phone', x: count * 470, y: 3000 + beside, width: 390, height: 844, view: 844, ground: '#ffffff' } },
        ...(layers.length > 0 ? [{ type: 'create-layers', screen: id, seed: id, layers }] : []),
    );
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(hung(id)).toHaveCount(1);
    await page.locator(`[data-card="${id}"] [data-open-screen]`).click();
    await expect(page.locator('#facets:not([aria-busy]) .subject input')).toHaveValue(`Every ${count}`);
    on = id;
    return { id, layers: made.filter((one) => one !== id) };
}

async function pick(id: string, keys: string[] = []): Promise<void> {
    for (const key of keys) await page.keyboard.down(key);
    await page.mouse.click(...(await middle(layer(id))));
    for (const key of keys) await page.keyboard.up(key);
}

async function write(name: string, value: string): Promise<void> {
    await field(name).fill(value);
    await field(name).press('Enter');
    await page.keyboard.press('Escape');
    await saved(page);
}

const run = async (id: string): Promise<void> => {
    await page.evaluate((command) => document.dispatchEvent(new CustomEvent('kindred:do', { detail: command })), id);
    await saved(page);
};

test.beforeAll(async ({ browser }: { browser: Browser }) => {
    const context = await browser.newContext({ permissions: ['clipboard-read', 'clipboard-write'], viewport: { width: 1280, height: 800 }, baseURL: process.env['KINDRED_URL'] ?? 'http://127.0.0.1:8400' });
    page = await context.newPage();
    await slowed(page);
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    await openDemo(page, 'Everyday');
});
test.beforeEach(async () => {
    for (let i = 0; i < 3; i++) await page.keyboard.press('Escape');
});
test.afterEach(() => {
    const seen = errors;
    errors = [];
    expect(seen).toEqual([]);
});
test.afterAll(() => page.context().close());

test('a box is drawn, with Shift it is a square', async () => {
    await lay([]);
    await press('s');
    await drag(await at(40, 40), await at(160, 100), ['Control']);
    await press('s');
    await drag(await at(40, 200), await at(160, 240), ['Control', 'Shift']);
    const sizes = await Promise.all([box(outermost().nth(0)), box(outermost().nth(1))]);
    expect(sizes[0]!.slice(0, 4).map(Math.round)).toEqual([40, 40, 120, 60]);
    expect(Math.round(sizes[1]![2]!)).toBe(Math.round(sizes[1]![3]!));
});

test('S again draws the next shape', async () => {
    await lay([]);
    await press('s', 's');
    await drag(await at(40, 40), await at(140, 100), ['Control']);
    await expect(outermost().first()).toHaveAttribute('data-kind', 'ellipse');
});

test('words are typed where one clicks, and wrap where one drags', async () => {
    await lay([]);
    await press('t');
    await page.mouse.click(...(await at(40, 60)));
    await page.keyboard.type('Shelves are free');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await press('t');
    await drag(await at(40, 200), await at(160, 210), ['Control']);
    await page.keyboard.type('Bring your pieces before Thursday evening');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await expect(outermost().nth(0)).toContainText('Shelves are free');
    const [, , width, height] = await box(outermost().nth(1));
    expect(width).toBe(120);
    expect(height).toBeGreaterThan(60);
});

test('a layer is dragged, with Shift along one axis', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await drag(await middle(layer(a!)), await at(200, 160), ['Control']);
    expect((await box(layer(a!))).slice(0, 2).map(Math.round)).toEqual([150, 140]);
    await drag(await middle(layer(a!)), await at(330, 175), ['Shift', 'Control']);
    expect((await box(layer(a!))).slice(0, 2).map(Math.round)).toEqual([280, 140]);
});

test('what is dragged snaps to its neighbour, with Ctrl it does not', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(180, 300)]);
    await pick(b!);
    const from = await middle(layer(b!));
    await page.mouse.move(...from);
    const snaps = page.waitForResponse(/\/snap/);
    await page.mouse.down();
    await page.mouse.move(from[0] - 20, from[1] - 30, { steps: 3 });
    await snaps;
    const to = await at(230, 63);
    await page.mouse.move(...to, { steps: 5 });
    await page.mouse.move(to[0] + 1, to[1]);
    await expect(page.locator('#overlay .guide')).not.toHaveCount(0);
    await page.mouse.up();
    await saved(page);
    expect((await box(layer(b!)))[1]).toBe((await box(layer(a!)))[1]);
});

test('a marquee on a screen takes layers, with Shift more of them', async () => {
    const { layers } = await lay([shape(40, 40), shape(40, 120), shape(40, 400)]);
    await drag(await at(10, 20), await at(200, 200));
    expect((await selected())[1].sort()).toEqual(layers.slice(0, 2).sort());
    await drag(await at(10, 380), await at(200, 500), ['Shift']);
    expect((await selected())[1].sort()).toEqual([...layers].sort());
});

test('a marquee that goes on to the next screen takes its layers too, and all move by one key', async () => {
    const one = await lay([shape(280, 300, 80, 40)]);
    const other = await lay([shape(20, 300, 80, 40)]);
    await press('-', '-', '-');
    await drag(await at(250, 280, one.id), await at(150, 360, other.id));
    expect((await selected())[1].sort()).toEqual([...one.layers, ...other.layers].sort());
    await press('ArrowDown');
    expect([(await box(layer(one.layers[0]!)))[1], (await box(layer(other.layers[0]!)))[1]]).toEqual([301, 301]);
    await press('Control+z');
    expect((await box(layer(other.layers[0]!)))[1]).toBe(300);
});

test('a marquee that begins on the wall takes screens', async () => {
    const one = await lay([]);
    const other = await lay([]);
    await press('-', '-', '-', '-');
    const [a, b] = [await extent(hung(one.id)), await extent(hung(other.id))];
    await drag([a.x + 20, a.y + a.height + 30], [b.x + b.width + 12, b.y + b.height - 60]);
    expect((await selected())[2].sort()).toEqual([one.id, other.id].sort());
    await expect(page.locator('#facets:not([aria-busy]) .subject')).toContainText('2 screens');
});

test('Shift adds and takes away', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(40, 120)]);
    await pick(a!);
    await pick(b!, ['Shift']);
    expect((await selected())[1]).toEqual([a, b]);
    await pick(a!, ['Shift']);
    expect((await selected())[1]).toEqual([b]);
});

test('layers are grouped, entered by a double press, left by Escape and ungrouped', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(40, 120)]);
    await drag(await at(10, 20), await at(200, 200));
    await press('Control+g');
    const group = (await selected())[1][0]!;
    await expect(layer(group)).toHaveAttribute('data-kind', 'group');
    await page.mouse.dblclick(...(await middle(layer(b!))));
    expect((await selected())[1]).toEqual([b]);
    await press('Escape');
    expect((await selected())[1]).toEqual([group]);
    await press('Control+Shift+g');
    expect((await selected())[1].sort()).toEqual([a, b].sort());
    await expect(outermost()).toHaveCount(2);
});

test('Ctrl+D copies again at the same distance', async () => {
    const { layers: [a] } = await lay([shape(20, 40)]);
    await pick(a!);
    await press('Control+d');
    await drag(await middle(outermost().last()), await at(70, 160), ['Control']);
    await press('Control+d');
    const ys = await outermost().evaluateAll((all) => all.map((one) => Number(one.getAttribute('data-box')!.split(' ')[1])));
    expect(ys[2]! - ys[1]!).toBe(ys[1]! - ys[0]!);
});

test('what is copied is pasted at the same place on another screen', async () => {
    const { layers: [a] } = await lay([shape(33, 77)]);
    await pick(a!);
    await press('Control+c');
    await lay([]);
    await press('Control+v');
    await expect(outermost()).toHaveCount(1);
    expect((await box(outermost())).slice(0, 2)).toEqual([33, 77]);
});

test('the selection is copied as SVG, which comes back as layers, and as PNG at twice its size', async () => {
    const { layers: [a] } = await lay([shape(33, 77, 90, 50)]);
    await pick(a!);
    await press('/');
    await page.keyboard.type('copy as svg');
    await page.keyboard.press('Enter');
    await expect(page.locator('#toast')).toContainText('Copied as SVG');
    expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('<svg xmlns="http://www.w3.org/2000/svg" width="90" height="50"');
    await press('Control+v');
    await expect(outermost()).toHaveCount(2);
    await pick(a!);
    await run('copy-png');
    await expect(page.locator('#toast')).toContainText('Copied as PNG');
    const width = await page.evaluate(async () => {
        const [item] = await navigator.clipboard.read();
        return (await createImageBitmap(await item!.getType('image/png'))).width;
    });
    expect(width).toBe(180);
});

test('arrows move by 1, with Shift by 10; with Ctrl they size', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await press('ArrowRight', 'Shift+ArrowDown', 'Control+ArrowRight', 'Control+Shift+ArrowDown');
    expect((await box(layer(a!))).slice(0, 4)).toEqual([41, 50, 101, 50]);
});

test('numbers take sums and percent of the parent, and say what is possible', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await write('width', '50% - 8');
    expect((await box(layer(a!)))[2]).toBe(187);
    await write('x', '(320-3*16)/2');
    expect((await box(layer(a!)))[0]).toBe(136);
    await field('opacity').fill('140%');
    await field('opacity').press('Enter');
    await expect(page.locator('#facets .field-problem')).toContainText('between 0 and 100 %');
    errors = errors.filter((text) => !/422/.test(text));
    await page.keyboard.press('Escape');
});

test('what is shown as percent is typed without the sign, and arrows step it', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await write('opacity', '40');
    await expect(layer(a!)).toHaveAttribute('opacity', '0.4');
    await field('opacity').focus();
    await press('ArrowUp', 'Shift+ArrowUp');
    await expect(layer(a!)).toHaveAttribute('opacity', '0.51');
});

test('a label is dragged to change its number, and Escape gives it up', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await expect(field('x')).toHaveValue('40');
    const label = await middle(page.locator('#facets label[for=f-x]'));
    await drag(label, [label[0] + 30, label[1]]);
    expect((await box(layer(a!)))[0]).toBe(70);
    await expect(field('x')).toHaveValue('70');
    await page.mouse.move(...label);
    await page.mouse.down();
    await page.mouse.move(label[0] + 50, label[1], { steps: 4 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect(field('x')).toHaveValue('70');
    expect((await box(layer(a!)))[0]).toBe(70);
});

test('mixed values take what is relative to each', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40, 100), shape(40, 120, 60)]);
    await pick(a!);
    await pick(b!, ['Shift']);
    await write('width', '*1.5');
    expect([(await box(layer(a!)))[2], (await box(layer(b!)))[2]]).toEqual([150, 90]);
});

test('many texts get another size, weight and colour at once', async () => {
    const { layers: [a, b] } = await lay([words(40, 40, 'Bowls'), words(40, 120, 'Mugs')]);
    await pick(a!);
    await pick(b!, ['Shift']);
    await write('style-size', '31');
    await page.locator('#f-style-weight').selectOption('700');
    await saved(page);
    await write('fills-0-paint', '#17594f');
    for (const id of [a!, b!]) {
        await expect(layer(id).locator('text')).toHaveAttribute('font-size', '31');
        await expect(layer(id).locator('text')).toHaveAttribute('font-weight', '700');
        await expect(layer(id).locator('text')).toHaveAttribute('fill', '#17594f');
    }
});

test('corners are rounded by a number', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await write('corners', '12');
    await expect(layer(a!).locator('rect')).toHaveAttribute('rx', '12');
});

test('two are brought into line with the one picked last', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(90, 120)]);
    await pick(a!);
    await pick(b!, ['Shift']);
    await page.locator('#facets:not([aria-busy]) #align-with').selectOption('last');
    await page.getByRole('button', { name: 'Align left' }).click();
    await saved(page);
    expect([(await box(layer(a!)))[0], (await box(layer(b!)))[0]]).toEqual([90, 90]);
    await page.locator('#align-with').selectOption('each');
});

test('headings of two screens are brought to the same height', async () => {
    const one = await lay([shape(40, 60)]);
    const other = await lay([shape(40, 90)]);
    await press('-', '-', '-');
    await pick(one.layers[0]!);
    await pick(other.layers[0]!, ['Shift']);
    await run('align-top');
    expect([(await box(layer(one.layers[0]!)))[1], (await box(layer(other.layers[0]!)))[1]]).toEqual([60, 60]);
});

test('gaps are made equal', async () => {
    const { layers: [a, b, c] } = await lay([shape(40, 40), shape(40, 110), shape(40, 300)]);
    await drag(await at(10, 20), await at(200, 380));
    await run('space-down');
    const tops = await Promise.all([a, b, c].map(async (id) => (await box(layer(id!)))[1]!));
    expect(tops[1]! - tops[0]!).toBe(tops[2]! - tops[1]!);
});

test('a layer goes to the front and to the back', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(60, 60)]);
    await pick(a!);
    await press('Shift+PageUp');
    await expect(outermost().last()).toHaveAttribute('data-layer', a!);
    await press('Shift+PageDown');
    await expect(outermost().last()).toHaveAttribute('data-layer', b!);
});

test('what is hidden is gone from view and comes back', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await press('h');
    await expect(layer(a!)).toBeHidden();
    await press('h');
    await expect(layer(a!)).toBeVisible();
});

test('F2 renames', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await press('F2');
    // At once, whether the name is there already or not: none of these letters is a command.
    await page.keyboard.type('Order a rack');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(page.locator('#facets:not([aria-busy]) .subject input')).toHaveValue('Order a rack');
});

test('space pans, the wheel scrolls, with Ctrl it zooms to the pointer', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    const before = await middle(layer(a!));
    await page.mouse.move(640, 400);
    await page.keyboard.down(' ');
    await page.mouse.down();
    await page.mouse.move(700, 430, { steps: 3 });
    await page.mouse.up();
    await page.keyboard.up(' ');
    const panned = await middle(layer(a!));
    expect([Math.round(panned[0] - before[0]), Math.round(panned[1] - before[1])]).toEqual([60, 30]);
    await page.mouse.move(...panned);
    await page.keyboard.down('Control');
    await page.mouse.wheel(0, -200);
    await page.keyboard.up('Control');
    await expect.poll(async () => (await layer(a!).boundingBox())!.width).toBeGreaterThan(80);
    const zoomed = await middle(layer(a!));
    expect(Math.hypot(zoomed[0] - panned[0], zoomed[1] - panned[1])).toBeLessThan(3);
});

test('F fits the selection, and once more the wall', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    const before = (await extent(layer(a!))).width;
    await press('f');
    expect((await extent(layer(a!))).width).toBeGreaterThan(before);
    await press('f');
    expect((await extent(layer(a!))).width).toBeLessThan(before);
});

test('a screen is duplicated beside itself, with its name counted up', async () => {
    await lay([shape(40, 40)]);
    const name = (await hung().locator('.screen-name').textContent())!;
    const before = await page.locator('article.screen').count();
    await press('Shift+A');
    await expect(page.locator('article.screen')).toHaveCount(before + 1);
    const made = (await selected())[2][0]!;
    expect(await hung(made).locator('.screen-name').textContent()).not.toBe(name);
    await expect(outermost(made)).toHaveCount(1);
    await press('Delete');
    await expect(page.locator('article.screen')).toHaveCount(before);
});

test('screens that are dragged by their names snap to their neighbours', async () => {
    const one = await lay([]);
    const other = await lay([], 37);
    await press('-', '-', '-', '-', '-');
    const name = await middle(hung(other.id).locator('.screen-name'));
    await page.mouse.move(...name);
    const snaps = page.waitForResponse(/\/snap/);
    await page.mouse.down();
    await page.mouse.move(name[0] + 6, name[1] + 14, { steps: 2 });
    await snaps;
    const scale = (await extent(hung(one.id))).width / 390;
    await page.mouse.move(name[0] + 2, name[1] - 37 * scale + 2, { steps: 6 });
    await expect(page.locator('#overlay .guide')).not.toHaveCount(0);
    await page.mouse.up();
    await saved(page);
    expect((await box(hung(other.id)))[1]).toBe((await box(hung(one.id)))[1]);
});

test('several screens are moved by what is typed after a sign, and given a grid, together', async () => {
    const [one, other] = [await lay([], 30), await lay([], 30)];
    await page.locator(`[data-card="${one.id}"] [data-open-screen]`).click({ modifiers: ['Shift'] });
    await expect(page.locator('#facets:not([aria-busy]) .subject')).toContainText('2 screens');
    const boxes = async (): Promise<number[][]> => Promise.all([one, other].map(async ({ id }) => (await hung(id).getAttribute('data-box'))!.split(' ').map(Number)));
    const before = await boxes();
    const across = page.locator('#facets:not([aria-busy]) #f-x');
    await expect(across).toHaveAttribute('placeholder', 'mixed');
    await across.fill('+40');
    await across.press('Enter');
    await saved(page);
    expect(await boxes()).toEqual(before.map(([x, ...rest]) => [x! + 40, ...rest]));
    await page.locator('#facets:not([aria-busy]) #add-grid').selectOption('columns');
    await saved(page);
    for (const { id } of [one, other]) await expect(hung(id).locator('svg.grid rect').first()).toBeAttached();
    await press('Control+z');
    for (const { id } of [one, other]) await expect(hung(id).locator('svg.grid rect')).toHaveCount(0);
    // In the reel Shift picks all from the one at hand, Ctrl one more or one less.
    await page.locator(`[data-card="${one.id}"] [data-open-screen]`).click({ modifiers: ['Control'] });
    expect((await selected())[2]).toEqual([other.id]);
    await page.locator(`[data-card="${one.id}"] [data-open-screen]`).click({ modifiers: ['Shift'] });
    expect((await selected())[2]).toEqual([one.id, other.id]);
});

test('several screens are brought into line and spaced by command', async () => {
    const made = [await lay([]), await lay([], 50), await lay([], 20)];
    await press('-', '-', '-', '-', '-');
    await hung(made[0]!.id).locator('.screen-name').click();
    for (const { id } of made.slice(1)) await hung(id).locator('.screen-name').click({ modifiers: ['Shift'] });
    await run('align-top');
    const tops = await Promise.all(made.map(async ({ id }) => (await box(hung(id)))[1]));
    expect(new Set(tops).size).toBe(1);
    await page.locator('#facets:not([aria-busy]) #gap').fill('100');
    await page.getByRole('button', { name: 'Set gaps across' }).click();
    await saved(page);
    const lefts = await Promise.all(made.map(async ({ id }) => (await box(hung(id)))[0]!));
    expect(lefts[1]! - lefts[0]!).toBe(490);
    expect(lefts[2]! - lefts[1]!).toBe(490);
    await page.locator('#gap').fill('');
});

test('undo brings back what was deleted, and selects it', async () => {
    const { layers } = await lay([shape(40, 40), shape(40, 120)]);
    await drag(await at(10, 20), await at(200, 200));
    await press('Delete');
    await expect(outermost()).toHaveCount(0);
    await press('Control+z');
    await expect(outermost()).toHaveCount(2);
    await expect.poll(async () => (await selected())[1].sort()).toEqual([...layers].sort());
});

test('two layers swap their places', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(200, 300, 60, 60)]);
    await pick(a!);
    await pick(b!, ['Shift']);
    await press('Alt+x');
    expect([(await box(layer(a!))).slice(0, 2), (await box(layer(b!))).slice(0, 2)]).toEqual([[200, 300], [40, 40]]);
});

test('the look of one is given to another', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40, 100, 40, { corners: { topLeft: 9, topRight: 9, bottomRight: 9, bottomLeft: 9 }, opacity: 0.5 }), shape(40, 200, 80, 80, { fills: [{ colour: '#123456' }] })]);
    await pick(a!);
    await press('Alt+c');
    await expect(page.locator('#toast')).toContainText('copied');
    await pick(b!);
    await press('Alt+v');
    await expect(layer(b!)).toHaveAttribute('opacity', '0.5');
    await expect(layer(b!).locator('rect')).toHaveAttribute('fill', '#a94c31');
    expect((await box(layer(b!))).slice(0, 4)).toEqual([40, 200, 80, 80]);
});

test('what looks alike is selected, here and on the whole wall', async () => {
    const tone = { fills: [{ colour: '#0b7a6a' }] };
    const one = await lay([shape(40, 40, 100, 40, tone)]);
    const other = await lay([shape(40, 40, 100, 40, tone), shape(40, 140, 60, 60, tone), shape(40, 300)]);
    await pick(other.layers[0]!);
    await press('Alt+a');
    await expect.poll(async () => (await selected())[1].sort()).toEqual(other.layers.slice(0, 2).sort());
    await press('Alt+a');
    await expect.poll(async () => (await selected())[1].sort()).toEqual([...one.layers, ...other.layers.slice(0, 2)].sort());
});

test('a box becomes an ellipse of the same place and paint', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await pick(a!);
    await page.locator('#facets:not([aria-busy]) #f-kind').selectOption('ellipse');
    await saved(page);
    await expect(layer(a!)).toHaveAttribute('data-kind', 'ellipse');
    await expect(layer(a!).locator('ellipse')).toHaveAttribute('fill', '#a94c31');
});

test('a picture that is entered is moved and scaled in its box', async () => {
    await page.locator('[data-card=welcome] [data-open-screen]').click();
    const picture = page.locator('article.screen[data-screen=welcome] [data-kind=picture]').first();
    await expect(page.locator('#facets:not([aria-busy]) .subject input')).toHaveValue('Welcome');
    const frame = await box(picture);
    await page.mouse.dblclick(...(await middle(picture)));
    const grip = await middle(page.locator('#overlay [data-inside=se]'));
    await drag(grip, [grip[0] + 60, grip[1] + 60]);
    const zoom = async (): Promise<number[]> => (await picture.getAttribute('data-picture'))!.split(' ').slice(2, 5).map(Number);
    await expect.poll(async () => (await zoom())[0]).toBeGreaterThan(1.1);
    const [x, y] = await middle(picture);
    await drag([x, y], [x - 20, y]);
    await press('ArrowUp');
    expect((await zoom())[2]).not.toBe(0.5);
    expect(await box(picture)).toEqual(frame);
    await press('Enter');
    await expect(page.locator('#overlay .whole')).toHaveCount(0);
    await press('Control+z', 'Control+z', 'Control+z');
    expect(await zoom()).toEqual([1, 0.5, 0.5]);
});

test('a corner is dragged with Shift in proportion, with Alt about the middle', async () => {
    const { layers: [a] } = await lay([shape(140, 240, 100, 50)]);
    await pick(a!);
    const corner = page.locator('#overlay [data-handle=se]');
    const from = await middle(corner);
    await drag(from, [from[0] + 60, from[1] + 12], ['Shift']);
    const [, , width, height] = await box(layer(a!));
    expect(width! / height!).toBeCloseTo(2, 1);
    const [x, , before] = await box(layer(a!));
    const again = await middle(corner);
    await drag(again, [again[0] + 30, again[1]], ['Alt', 'Control']);
    const [left, , after] = await box(layer(a!));
    expect(Math.abs((x! - left!) * 2 - (after! - before!))).toBeLessThan(1.5);
});

test('a layer is turned outside its corner', async () => {
    const { layers: [a] } = await lay([shape(140, 240, 100, 100)]);
    await pick(a!);
    const grip = await extent(page.locator('#overlay [data-handle=se]'));
    await drag([grip.x + grip.width, grip.y + grip.height], [grip.x - 40, grip.y + grip.height + 40]);
    expect((await box(layer(a!)))[4]).not.toBe(0);
});

test('M held tells the distances to what is under the pointer', async () => {
    const { layers: [a, b] } = await lay([shape(40, 40), shape(40, 200)]);
    await pick(a!);
    await page.mouse.move(...(await middle(layer(b!))));
    await page.keyboard.down('m');
    await expect(page.locator('#overlay .guides text').first()).toHaveText('120');
    await page.keyboard.up('m');
    await expect(page.locator('#overlay .guides text')).toHaveCount(0);
});

test('a row of the outline is dragged onto another screen, at the same place there', async () => {
    const other = await lay([shape(20, 20)]);
    const one = await lay([shape(55, 66)]);
    for (const { id } of [other, one]) await page.locator(`[data-card="${id}"] summary`).click();
    const row = page.locator(`#reel [data-item="${one.layers[0]!}"] .item-row`);
    const onto = page.locator(`#reel [data-item="${other.layers[0]!}"] .item-row`);
    // Nothing is drawn anew around what is in the hand.
    await expect(onto).toBeVisible();
    await row.dragTo(onto, { targetPosition: { x: 60, y: 3 } });
    await saved(page);
    await expect(outermost(other.id)).toHaveCount(2);
    await expect(outermost(one.id)).toHaveCount(0);
    expect((await box(layer(one.layers[0]!))).slice(0, 2)).toEqual([55, 66]);
});

test('rows of the outline are searched, and several picked with Shift', async () => {
    const { layers, id } = await lay([shape(20, 20, 40, 40, { name: 'Ground' }), shape(20, 80, 40, 40, { name: 'Rim' }), shape(20, 140, 40, 40, { name: 'Foot' })]);
    const card = page.locator(`[data-card="${id}"]`);
    await card.locator('summary').click();
    await expect(card.locator('[data-item]')).toHaveCount(3);
    await card.getByLabel(/^Find a layer/).fill('ri');
    await expect(card.locator('[data-item]:visible')).toHaveCount(1);
    await card.getByLabel(/^Find a layer/).press('Enter');
    expect((await selected())[1]).toEqual([layers[1]]);
    await card.getByLabel(/^Find a layer/).fill('');
    await card.locator(`[data-item="${layers[2]!}"] .item-name`).click();
    await card.locator(`[data-item="${layers[0]!}"] .item-name`).click({ modifiers: ['Shift'] });
    expect((await selected())[1].sort()).toEqual([...layers].sort());
});

test('a thread is drawn from the knot of a layer to a screen', async () => {
    const other = await lay([]);
    const one = await lay([shape(100, 300)]);
    await press('-', '-', '-', '-');
    await pick(one.layers[0]!);
    await drag(await middle(page.locator('#overlay .knot circle').last()), await at(195, 420, other.id));
    await expect(layer(one.layers[0]!)).toHaveAttribute('data-cues', new RegExp(`>${other.id}$`));
    await expect(page.locator('#overlay .threads .picked .needle')).toHaveCount(1);
});

test('a widget that is dragged from the kit comes to rest against what is there', async () => {
    const { layers: [a] } = await lay([shape(35, 100, 320, 60)]);
    await page.keyboard.press('k');
    const entry = page.locator('#kit [data-widget=button]');
    const width = (JSON.parse((await entry.getAttribute('data-fresh'))!) as { width: number }).width;
    await page.mouse.move(...(await middle(entry)));
    const snaps = page.waitForResponse(/\/snap/);
    await page.mouse.down();
    await page.mouse.move(...(await at(200, 390)), { steps: 6 });
    await snaps;
    await page.mouse.move(...(await at(35 + width / 2 + 3, 400)), { steps: 4 });
    await expect(page.locator('#overlay .guide')).not.toHaveCount(0);
    await page.mouse.up();
    await saved(page);
    await expect(outermost()).toHaveCount(2);
    expect((await box(outermost().last()))[0]).toBe((await box(layer(a!)))[0]);
    await page.keyboard.press('k');
    await page.keyboard.press('Escape');
});

test('a radio group holds one choice, and grows with its entries', async () => {
    const { layers: [a] } = await lay([{ kind: 'widget', widget: 'radio-group', x: 30, y: 60, width: 320, height: 108, items: [{ label: 'Bisque', on: true }, { label: 'Glaze' }, { label: 'Salt' }] }]);
    await pick(a!);
    await page.locator('#facets:not([aria-busy])').getByLabel('Glaze', { exact: true }).check();
    await saved(page);
    await expect(page.locator('#facets:not([aria-busy]) [data-chosen]:checked')).toHaveCount(1);
    await page.locator('#w-items').fill('Bisque\nGlaze\nSalt\nWood\nRaku');
    await page.locator('#w-items').blur();
    await saved(page);
    expect((await box(layer(a!)))[3]).toBe(180);
});

test('the icon of a widget is picked from pictures, with a search', async () => {
    const { layers: [a] } = await lay([{ kind: 'widget', widget: 'button', x: 30, y: 60, width: 200, height: 48, label: 'Fire it' }]);
    await pick(a!);
    await page.locator('#facets:not([aria-busy])').getByRole('button', { name: 'none' }).click();
    await page.locator('#icons').getByLabel('Search icons').fill('flame');
    await page.locator('#icons [data-icon=flame]').click();
    await saved(page);
    await expect(page.locator('#facets:not([aria-busy])').getByRole('button', { name: 'flame' })).toBeVisible();
});

test('words with placeholders show what they are filled with, and their braces while they are written', async () => {
    const { layers: [stepper, text] } = await lay([{ kind: 'widget', widget: 'stepper', x: 30, y: 300, width: 200, height: 56, label: 'Kilns', value: 2, min: 0, max: 9, signal: 'kilns' }, words(30, 60, '{kilns} kilns are free')]);
    await expect(layer(text!)).toContainText('2 kilns are free');
    await pick(stepper!);
    await page.locator('#facets:not([aria-busy]) #w-value').fill('5');
    await page.locator('#w-value').press('Enter');
    await saved(page);
    await expect(layer(text!)).toContainText('5 kilns are free');
    await page.mouse.dblclick(...(await middle(layer(text!))));
    await expect(page.locator('#writing')).toHaveText('{kilns} kilns are free');
    await press('Escape');
});

test('screens are shown in the frames of their devices, in pictures too', async () => {
    const { id } = await lay([shape(40, 40)]);
    await expect(hung().locator('.frame')).toBeHidden();
    await page.locator('#facets:not([aria-busy])').getByLabel('around all screens').check();
    await saved(page);
    await expect(hung().locator('.frame')).toBeVisible();
    const svg = await (await page.request.get(page.url().replace('/wall', `/hand-over/screens/${id}.svg`))).text();
    expect(svg).toContain('viewBox="-12 -12 414 868"');
    await press('Control+z');
    await expect(hung().locator('.frame')).toBeHidden();
});

test('a menu shows few entries first, and more when they are asked for', async () => {
    const { layers: [a] } = await lay([shape(40, 40)]);
    await page.mouse.click(...(await middle(layer(a!))), { button: 'right' });
    const menu = page.locator('#menu');
    await expect(menu.getByRole('menuitem', { name: 'Copy as SVG' })).toBeHidden();
    await menu.getByRole('menuitem', { name: 'More' }).click();
    await menu.getByRole('menuitem', { name: 'Copy as SVG' }).click();
    await expect(page.locator('#toast')).toContainText('Copied as SVG');
});

test('a press on an edge of the selection that does not drag picks what lies there', async () => {
    const { layers: [a, b] } = await lay([shape(100, 100, 100, 100), shape(196, 100, 100, 100)]);
    await pick(a!);
    await page.mouse.click(...(await at(203, 150)));
    expect((await selected())[1]).toEqual([b]);
});

test('an empty wall leads to the plan, where it is written', async ({ page: own }) => {
    await enter(own);
    await newProject(own, 'Three ways');
    await own.getByRole('link', { name: 'Write the plan' }).click();
    await expect(own).toHaveURL(/brief$/);
    await expect(own.getByRole('heading', { name: 'Screen plan' })).toBeInViewport();
});

test('on a phone nothing of the wall is cut off, a finger pans, two zoom, and notes are at hand', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, baseURL: process.env['KINDRED_URL'] ?? 'http://127.0.0.1:8400' });
    await context.addCookies(await page.context().cookies());
    const small = await context.newPage();
    await small.goto(page.url());
    await small.waitForSelector('[data-ready]');
    for (const part of await small.locator('.masthead :is(a, button, summary), #rack :is(button, input), #narrow').all()) {
        if (!(await part.isVisible())) continue;
        const box = await extent(part);
        expect(box.x).toBeGreaterThanOrEqual(0);
        expect(box.x + box.width).toBeLessThanOrEqual(390);
    }
    const client = await context.newCDPSession(small);
    const touch = (type: string, ...points: [number, number][]): Promise<unknown> => client.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: points.map(([x, y], id) => ({ x, y, id })) });
    const card = small.locator('article.screen').first();
    const before = await extent(card);
    await touch('touchStart', [200, 400]);
    await touch('touchMove', [220, 430]);
    await touch('touchMove', [240, 460]);
    await touch('touchEnd');
    const panned = await extent(card);
    expect([Math.round(panned.x - before.x), Math.round(panned.y - before.y)]).toEqual([40, 60]);
    await touch('touchStart', [180, 420], [220, 420]);
    await touch('touchMove', [160, 420], [240, 420]);
    await touch('touchMove', [140, 420], [260, 420]);
    await touch('touchEnd');
    expect((await extent(card)).width).toBeGreaterThan(panned.width * 2);
    await small.getByRole('button', { name: 'Notes', exact: true }).click();
    await expect(small.locator('#notes')).toBeVisible();
    expect((await extent(small.locator('#notes'))).width).toBeGreaterThan(380);
    await context.close();
});

test('what is moved in a cell moves alone there, and in this cell only where that is said', async () => {
    const { layers } = await lay([shape(20, 100, 160, 90, { fills: [{ colour: '#f3d9b1' }] }), shape(30, 110, 30, 30), words(70, 112, 'Celadon')]);
    await drag(await at(5, 80), await at(300, 260));
    await press('Control+g', 'Shift+l');
    await page.keyboard.press('Escape');
    const cells = hung().locator('[data-kind=array] > [data-layer]');
    await expect(cells).not.toHaveCount(0);
    const mark = cells.first().locator(`[data-layer^="${layers[1]!}"]`);
    const others = (): Promise<string[]> => cells.first().locator(`[data-layer]:not([data-layer^="${layers[1]!}"])`).evaluateAll((all) => all.map((one) => one.getAttribute('data-box')!));
    const before = await others();
    await page.keyboard.down('Control');
    await page.mouse.click(...(await middle(mark)));
    await page.keyboard.up('Control');
    await expect(page.locator('#facets:not([aria-busy]) .cell-bar')).toContainText('In cell 1');
    await drag(await middle(mark), await at(180, 150), ['Control']);
    expect(await others()).toEqual(before);
    await expect(page.locator('#facets:not([aria-busy]) .cell-bar')).toContainText('In cell 1');
    await page.locator('#apart').check();
    await press('ArrowLeft');
    await expect(page.locator('#facets:not([aria-busy]) .cell-bar')).toContainText('Here it has its own x');
    await page.locator('#apart').uncheck();
});

test('words become bold and italic by their keys, all that are selected alike', async () => {
    const { layers } = await lay([words(20, 100, 'Celadon'), words(20, 160, 'Tenmoku', { style: { family: 'Lora', weight: 400, size: 20, lineHeight: 1.3, italic: true } })]);
    const drawn = (name: string): Promise<(string | null)[]> => Promise.all(layers.map((id) => layer(id).locator('text').getAttribute(name)));
    /** By how much its box differs from what the browser makes of its words, in px. */
    const off = async (id: string): Promise<number> => Math.abs((await box(layer(id)))[2]! - (await layer(id).locator('text').evaluate((text: SVGTextElement) => text.getComputedTextLength())));
    await pick(layers[0]!);
    await pick(layers[1]!, ['Shift']);
    await press('Control+i');
    expect(await drawn('font-style')).toEqual(['italic', 'italic']);
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    for (const id of layers) expect(await off(id)).toBeLessThan(0.1);
    await press('Control+b');
    expect(await drawn('font-weight')).toEqual(['700', '700']);
    await press('Control+i');
    expect(await drawn('font-style')).toEqual([null, null]);
    await expect(field('style-italic')).toHaveValue('false');
    await press('Control+z');
    await expect(field('style-italic')).toHaveValue('true');
});

test('a key pressed right after something was closed is not swallowed by it', async () => {
    const { layers } = await lay([words(20, 100, 'Celadon')]);
    // Both keys before the next frame, as quick hands or a busy machine make it.
    const keys = (...all: { key: string; ctrlKey?: boolean }[]): Promise<void> => page.evaluate((all) => {
        for (const one of all) document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { ...one, bubbles: true, cancelable: true }));
    }, all);
    await page.mouse.click(...(await middle(layer(layers[0]!))), { button: 'right' });
    await expect(page.locator('#menu')).toBeVisible();
    await keys({ key: 'Escape' }, { key: '/' });
    await expect(page.locator('#find')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Enter');
    await expect(page.locator('#writing')).toBeFocused();
    await keys({ key: 'Enter', ctrlKey: true }, { key: 'Delete' });
    await saved(page);
    await expect(layer(layers[0]!)).toHaveCount(0);
});

test('a picture that is chosen goes below the bars of its screen', async () => {
    await lay([{ kind: 'widget', widget: 'status-bar', x: 0, y: 0, width: 390, height: 44 }, { kind: 'widget', widget: 'top-bar', x: 0, y: 44, width: 390, height: 56, label: 'Wheels' }]);
    const picture = Buffer.from(await page.evaluate(() => {
        const canvas = Object.assign(document.createElement('canvas'), { width: 60, height: 40 });
        canvas.getContext('2d')!.fillRect(10, 10, 30, 20);
        return canvas.toDataURL('image/png').split(',')[1]!;
    }), 'base64');
    // Whether files are chosen in the page or in a window of the system is settled before the key is pressed.
    const choosing = page.waitForEvent('filechooser');
    await still(page);
    await page.keyboard.press('p');
    await (await choosing).setFiles({ name: 'wheel.png', mimeType: 'image/png', buffer: picture });
    await expect(outermost()).toHaveCount(3);
    expect((await box(hung().locator('[data-kind=picture]'))).slice(0, 4)).toEqual([165, 100, 60, 40]);
});

test('a zoom is typed, and Escape gives it up', async () => {
    await lay([]);
    const zoom = page.locator('#zoom');
    await zoom.click();
    await page.keyboard.type('50');
    await page.keyboard.press('Enter');
    expect((await extent(hung().locator('> svg:not(.grid)'))).width).toBeCloseTo(195, 0);
    await zoom.click();
    await page.keyboard.type('7');
    await page.keyboard.press('Escape');
    await expect(zoom).toHaveValue('50%');
});

test('Enter goes into a screen, Tab from layer to layer, Shift+Tab back, and a number opens its facet', async () => {
    const { layers } = await lay([shape(40, 40), shape(40, 120), words(40, 200, 'Slip')]);
    await page.keyboard.press('Enter');
    expect((await selected())[1]).toEqual([layers[0]]);
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    expect((await selected())[1]).toEqual([layers[2]]);
    await page.keyboard.press('Shift+Tab');
    expect((await selected())[1]).toEqual([layers[1]]);
    await page.keyboard.press('1');
    await expect(field('x')).toBeFocused();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Delete');
    await saved(page);
    await expect(outermost()).toHaveCount(2);
});

test('a select that was used gives the keys back to the wall', async () => {
    const { layers: [a] } = await lay([words(40, 40, 'Glaze')]);
    await pick(a!);
    await field('style-align').selectOption('center');
    await saved(page);
    const [x] = await box(layer(a!));
    await press('ArrowRight');
    expect((await box(layer(a!)))[0]).toBe(x! + 1);
});

test('a finger that rests on a layer brings the menu of what lies there', async () => {
    const { layers: [a] } = await lay([shape(40, 40, 200, 120)]);
    const [x, y] = await middle(layer(a!));
    const client = await page.context().newCDPSession(page);
    await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
    await expect(page.getByRole('menuitem', { name: 'Duplicate' })).toBeVisible();
    await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    expect((await selected())[1]).toEqual([a]);
    await page.getByRole('menuitem', { name: 'Delete', exact: false }).first().click();
    await saved(page);
    await expect(outermost()).toHaveCount(0);
});

test('what lies under another is picked from the menu', async () => {
    const { layers: [under, over] } = await lay([shape(40, 40, 200, 120, { name: 'Shelf board' }), shape(60, 60, 100, 60, { name: 'Bowl' })]);
    await page.mouse.click(...(await middle(layer(over!))), { button: 'right' });
    await page.getByRole('menuitem', { name: /Shelf board/ }).click();
    expect((await selected())[1]).toEqual([under]);
});
