/** Masks, what lies behind, corners and what makes a look, by hand. */
import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { allowError, at, box, drag, extent, middle, openBare, openDemo, pick, saved, screen, test } from './support/hand.ts';

const facets = (page: Page): Locator => page.locator('#facets:not([aria-busy])');

/** Draws a box in px of a screen; it is selected then. */
async function drawn(page: Page, on: Locator, from: [number, number], to: [number, number], fill?: string): Promise<void> {
    const many = await on.locator('[data-kind=box]').count();
    await page.keyboard.press('s');
    await drag(page, await at(on, ...from), await at(on, ...to), ['Control']);
    await expect(on.locator('[data-kind=box]')).toHaveCount(many + 1);
    await saved(page);
    if (fill === undefined) return;
    await page.locator('#f-fills-0-paint').fill(fill);
    await page.keyboard.press('Enter');
    await saved(page);
    // The field gives the keys back to the wall; the box stays selected.
    await page.locator('#f-fills-0-paint').press('Escape');
}

/** The colour at a place of a screen, as it is shown. */
async function colour(page: Page, on: Locator, x: number, y: number): Promise<[number, number, number]> {
    const [left, top] = await at(on, x, y);
    const { data } = PNG.sync.read(await page.screenshot({ clip: { x: Math.round(left), y: Math.round(top), width: 1, height: 1 } }));
    return [data[0]!, data[1]!, data[2]!];
}

test('a shape masks what lies under it, is moved by its edge, what is inside by itself, and both are released', async ({ page }) => {
    const bare = await openBare(page, 'Mask');
    await drawn(page, bare, [40, 60], [340, 300], '#a94c31');
    await drawn(page, bare, [100, 120], [240, 240]);
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Alt+m');
    await saved(page);
    const group = bare.locator('[data-kind=group]');
    expect(await box(group)).toEqual([100, 120, 140, 120, 0]);
    await expect(page.locator('#facets .subject .kind')).toHaveText('group');

    // What is cut off is not seen, and takes no press: there is the screen.
    await page.keyboard.press('Escape');
    expect(await colour(page, bare, 60, 80)).toEqual([255, 255, 255]);
    expect(await colour(page, bare, 170, 180)).toEqual([0xa9, 0x4c, 0x31]);
    await page.mouse.click(...(await at(bare, 60, 80)));
    await expect(page.locator('#facets .subject .kind')).not.toHaveText('group');
    await pick(page, await at(bare, 170, 180), 'group');

    // Entered, what is inside moves and the mask stays.
    await page.mouse.dblclick(...(await at(bare, 170, 180)));
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    await drag(page, await at(bare, 170, 180), await at(bare, 210, 180), ['Control']);
    await saved(page);
    expect(await box(group)).toEqual([100, 120, 140, 120, 0]);
    expect((await box(group.locator('[data-kind=box]').first()))[0]).toBe(-20);

    // By its edge the mask moves, and shows at once what it will.
    const [x, y] = await at(bare, 100, 200);
    await page.mouse.move(x, y);
    await page.mouse.down();
    const [to] = await at(bare, 130, 200);
    await page.keyboard.down('Control');
    await page.mouse.move(to, y, { steps: 4 });
    await expect.poll(() => colour(page, bare, 110, 180)).toEqual([255, 255, 255]);
    await page.mouse.up();
    await page.keyboard.up('Control');
    await saved(page);
    expect(await box(group)).toEqual([130, 120, 140, 120, 0]);
    // Where it lies in the group has not changed, though the hand had moved it there.
    expect((await box(group.locator('[data-masking]'))).slice(0, 2)).toEqual([0, 0]);

    await page.keyboard.press('Shift+Enter');
    await page.keyboard.press('Alt+m');
    await saved(page);
    await expect(bare.locator('[data-masking], [data-inside]')).toHaveCount(0);
    expect((await box(group)).slice(2, 4)).toEqual([300, 240]);
    await page.keyboard.press('Control+z');
    await expect(bare.locator('[data-inside]')).toHaveCount(1);
});

test('a gradient fades a layer out, and its line is dragged like that of a fill', async ({ page }) => {
    const bare = await openBare(page, 'Fade');
    await drawn(page, bare, [40, 60], [340, 260], '#17594f');
    await page.getByLabel('Add another effect').selectOption({ label: 'mask: a gradient that fades' });
    await saved(page);
    const seen = async (at: number): Promise<number> => (await colour(page, bare, 190, at))[0];
    // From opaque at its upper edge to nothing at its lower one.
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    expect(await seen(64)).toBeLessThan(0x17 + 12);
    expect(await seen(256)).toBeGreaterThan(244);
    await pick(page, await at(bare, 60, 100), 'box');
    const stops = page.locator('#overlay .gradient-stop');
    await expect(stops).toHaveCount(2);
    await drag(page, await middle(stops.last()), await at(bare, 190, 210));
    await saved(page);
    await page.keyboard.press('Escape');
    await expect.poll(() => seen(220)).toBeGreaterThan(250);
});

test('what lies behind is seen out of focus, moves under it, and looks the same in a rehearsal', async ({ page }) => {
    const bare = await openBare(page, 'Behind');
    await drawn(page, bare, [10, 100], [190, 300], '#000000');
    await drawn(page, bare, [100, 150], [280, 250], '#ffffff00');
    await page.getByLabel('Add another effect').selectOption({ label: 'backdrop: what lies behind' });
    await saved(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    // The edge of what is black runs out over many px, but only in the glass.
    const [sharp, soft] = [(await colour(page, bare, 196, 120))[0], (await colour(page, bare, 196, 200))[0]];
    expect(sharp).toBe(255);
    expect(soft).toBeGreaterThan(110);
    expect(soft).toBeLessThan(220);

    // While the glass is moved what it shows stays where it lies.
    const [x, y] = await at(bare, 240, 200);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.keyboard.down('Control');
    const [to] = await at(bare, 280, 200);
    await page.mouse.move(to, y, { steps: 5 });
    await expect.poll(async () => Math.abs((await colour(page, bare, 196, 200))[0] - soft)).toBeLessThan(8);
    await page.keyboard.up('Control');
    await page.keyboard.press('Escape');
    await page.mouse.up();

    await page.getByRole('link', { name: 'Rehearse', exact: true }).click();
    await page.waitForURL(/rehearse/);
    await expect(page.locator('.behind use').first()).toBeAttached();
});

test('corners are rounded by dragging, one alone when it is chosen, concentric in another', async ({ page }) => {
    const bare = await openBare(page, 'Corners');
    await drawn(page, bare, [40, 100], [340, 340], '#17594f');
    const corners = page.locator('#f-corners');
    const mark = async (name: string): Promise<[number, number]> => middle(page.locator(`[data-corner=${name}] .corner-room`));
    const scale = Number(/scale\(([\d.]+)/.exec((await page.locator('.stage').getAttribute('style')) ?? '')?.[1] ?? 1);
    const from = await mark('topLeft');
    await drag(page, from, [from[0] + 24 * scale, from[1] + 24 * scale]);
    await saved(page);
    await expect(corners).toHaveValue(/^2[345]$/);
    await page.mouse.click(...(await mark('bottomRight')));
    const one = await mark('bottomRight');
    await drag(page, one, [one[0] - 12 * scale, one[1] - 12 * scale]);
    await saved(page);
    await expect(page.locator('[data-field="corners.bottomRight"]')).toHaveValue(/^3[567]$/);
    await expect(page.locator('[data-field="corners.topLeft"]')).toHaveValue(/^2[345]$/);

    await corners.fill('24');
    await corners.press('Enter');
    await saved(page);
    await corners.press('Escape');
    await drawn(page, bare, [50, 110], [330, 330], '#ffffff');
    await facets(page).getByRole('button', { name: 'Concentric: 14' }).click();
    await expect(corners).toHaveValue('14');
    await expect(facets(page).getByRole('button', { name: /^Concentric/ })).toHaveCount(0);
});

test('what makes a look is named under the pointer, found, switched off and on again', async ({ page }) => {
    await openDemo(page, 'Look');
    const kiln = screen(page, 'Kiln status');
    await kiln.locator('.screen-name').click();
    await page.keyboard.press('f');
    await expect(page.locator('#facets .subject .kind')).toHaveText('screen');
    await page.mouse.move(...(await at(kiln, 330, 250)));
    const before = await colour(page, kiln, 330, 250);
    await page.keyboard.press('y');
    const list = page.locator('#made');
    await expect(list.locator('li')).toHaveText([/Glow\s*fill\s*\d+ %/, /Kiln status\s*background\s*\d+ %/]);
    await list.getByRole('button', { name: 'Hide fill of Glow' }).press('Enter');
    await expect(list.locator('li').first()).toHaveText(/off/);
    const off = async (wanted: number[]): Promise<number> => Math.max(...(await colour(page, kiln, 330, 250)).map((one, i) => Math.abs(one - wanted[i]!)));
    await expect.poll(() => off([0x21, 0x1d, 0x1a])).toBeLessThan(3);
    expect(await off(before)).toBeGreaterThan(4);
    await list.getByRole('button', { name: 'Show fill of Glow' }).press('Enter');
    await expect(list.locator('li').first()).toHaveText(/\d+ %/);
    await expect.poll(() => off(before)).toBeLessThan(3);
    await list.locator('.made-row').first().click();
    await expect(page.locator('#facets .subject input').first()).toHaveValue('Glow');
    // What is on its way when the list is closed does not open it again.
    let answer = (): void => undefined;
    const held = new Promise<void>((go) => (answer = go));
    await page.route('**/made?*', async (route) => {
        const response = await route.fetch();
        await held;
        await route.fulfill({ response });
    });
    const late = page.waitForResponse('**/made?*');
    await list.getByRole('button', { name: 'Hide fill of Glow' }).press('Enter');
    await saved(page);
    await list.getByRole('button', { name: 'Close' }).press('Escape');
    answer();
    await (await late).finished();
    await page.unroute('**/made?*');
    await expect(list).toBeHidden();

    // Where nothing can be told, that is said.
    const toast = page.locator('#toast');
    await page.route('**/made?*', (route) => route.abort());
    allowError(/ERR_FAILED/);
    await page.keyboard.press('y');
    await expect(toast).toContainText('could not be told');
    const edges = await extent(kiln);
    await page.mouse.move(edges.x - 12, edges.y + edges.height / 2);
    await page.keyboard.press('y');
    await expect(toast).toContainText('Point at a place on a screen');
    await expect(list).toBeHidden();
});

/** Types into a field of the facets; one gesture. */
async function typed(page: Page, field: string, value: string): Promise<void> {
    const input = page.locator(`[data-field="${field}"]`).first();
    await input.fill(value);
    await input.press('Enter');
    await saved(page);
    await input.press('Escape');
}

const shadow = async (page: Page, css: string): Promise<void> => {
    await facets(page).getByRole('button', { name: 'Shadow', exact: true }).click();
    await saved(page);
    await typed(page, 'effects.0.effect', css);
};

test('a bottom bar with a gradient, two lights inside and a shadow only above takes few gestures', async ({ page }) => {
    const bare = await openBare(page, 'Bar');
    // One to take the tool, one to draw; then a press or a typed value each.
    await drawn(page, bare, [0, 700], [390, 760]);
    await typed(page, 'height', '49');
    await typed(page, 'fills.0.paint', 'linear-gradient(#4a4a4a, #161616)');
    for (const css of ['inset 0 2px #ffffff80', 'inset 0 1px #000', '0 -3px 8px #000c top']) await shadow(page, css);
    const gestures = 2 + 2 + 3 * 2;
    expect(gestures).toBeLessThanOrEqual(14);
    await page.keyboard.press('Escape');
    const grey = async (y: number): Promise<number> => (await colour(page, bare, 195, y))[0];
    const [x, y, width, height] = await box(bare.locator('[data-kind=box]').last());
    expect([x, y, width, height]).toEqual([0, 700, 390, 49]);
    // Black, then white that lets through, then dark and darker; a shadow above and none below.
    expect(await grey(704)).toBeGreaterThan(await grey(744));
    expect(await grey(697)).toBeLessThan(225);
    expect(await grey(754)).toBe(255);
});

test('a picture in a header is masked, lightened and faded into the ground', async ({ page }) => {
    const bare = await openBare(page, 'Header');
    const file = await page.evaluateHandle((data) => {
        const transfer = new DataTransfer();
        transfer.items.add(new File([new Uint8Array(data)], 'map.png', { type: 'image/png' }));
        return transfer;
    }, [...readFileSync('database/demo/pictures/kiln.png')]);
    const [clientX, clientY] = await at(bare, 195, 150);
    await page.dispatchEvent('#wall', 'drop', { dataTransfer: file, clientX, clientY });
    await expect(bare.locator('[data-kind=picture]')).toHaveCount(1);
    await saved(page);
    for (const [field, value] of [['x', '0'], ['y', '0'], ['width', '390'], ['height', '260']] as const) await typed(page, field, value);
    const before = await colour(page, bare, 40, 60);
    await facets(page).getByRole('button', { name: 'Details of the adjustment' }).click();
    await typed(page, 'adjustment.brightness', '180%');
    await expect.poll(async () => (await colour(page, bare, 40, 60))[0]).toBeGreaterThan(before[0] + 15);
    await drawn(page, bare, [20, 20], [370, 220]);
    await typed(page, 'corners', '30');
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Alt+m');
    await saved(page);
    await page.getByLabel('Add another effect').selectOption({ label: 'mask: a gradient that fades' });
    await saved(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    // Outside of the mask there is the ground, at its lower edge too.
    expect(await colour(page, bare, 10, 100)).toEqual([255, 255, 255]);
    expect(await colour(page, bare, 24, 24)).toEqual([255, 255, 255]);
    expect(Math.min(...(await colour(page, bare, 195, 217)))).toBeGreaterThan(245);
    expect(Math.min(...(await colour(page, bare, 195, 60)))).toBeLessThan(235);
});

test('a panel with two round corners stands on a ground of grain, its shadow on one side', async ({ page }) => {
    const bare = await openBare(page, 'Panel');
    await drawn(page, bare, [0, 0], [390, 844], 'radial-gradient(circle at 30% 20%, #f2b880, #a94c31)');
    await facets(page).getByRole('button', { name: 'Fill', exact: true }).click();
    await saved(page);
    await page.locator('#f-fills-0-kind').selectOption('noise');
    await saved(page);
    await page.locator('#f-fills-0-blend').selectOption('multiply');
    await saved(page);
    await typed(page, 'fills.0.opacity', '14%');
    await drawn(page, bare, [0, 430], [390, 844], '#fffaf4');
    const corner = (name: string): Locator => page.locator(`[data-corner=${name}] .corner-room`);
    await page.mouse.click(...(await middle(corner('topLeft'))));
    await page.keyboard.down('Shift');
    await page.mouse.click(...(await middle(corner('topRight'))));
    await page.keyboard.up('Shift');
    const [x, y] = await middle(corner('topRight'));
    await drag(page, [x, y], [x - 14, y + 14]);
    await saved(page);
    await expect(page.locator('[data-field="corners.bottomLeft"]')).toHaveValue('0');
    await expect(page.locator('[data-field="corners.topLeft"]')).toHaveValue(/^[12]\d$/);
    await shadow(page, '0 -6px 24px #00000060');
    await facets(page).getByRole('button', { name: 'top', exact: true }).and(page.locator('[data-alone]')).click({ modifiers: ['Shift'] });
    await saved(page);
    await expect(page.locator('#f-effects-0-effect')).toHaveValue('0 -6px 24px #00000060 top');
    await drawn(page, bare, [173, 442], [217, 447], '#2a2622');
    await typed(page, 'opacity', '40%');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    const light = async (at: [number, number]): Promise<number> => (await colour(page, bare, ...at)).reduce((sum, one) => sum + one, 0);
    // Darker right above the panel than further up, the corner shows the ground, the handle is seen through.
    expect(await light([195, 427])).toBeLessThan(await light([195, 380]));
    expect(await light([2, 432])).toBeLessThan(600);
    expect(Math.abs((await colour(page, bare, 195, 444))[0] - Math.round(0xff * 0.6 + 0x2a * 0.4))).toBeLessThan(3);
});
