/** Paths by hand: drawn with the curve tool, entered, their points and handles moved. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, drag, extent, openBare, saved, setField, test } from './support/hand.ts';

const facets = (page: Page): Locator => page.locator('#facets');
/** The path of the one selected layer, as the server tells it. */
const path = (page: Page): Promise<string | null> => facets(page).locator('[data-path]').getAttribute('data-path');
const points = (page: Page): Locator => page.locator('#overlay [data-point]');
const point = (page: Page, name: string): Locator => page.locator(`#overlay [data-point="${name}"]`);
const frame = (page: Page): Promise<number[]> => Promise.all(['x', 'y', 'width', 'height'].map(async (name) => Number(await facets(page).locator(`#f-${name}`).inputValue())));

/** Where the middle of a mark of the path is; the marks are drawn anew again and again. */
async function middleOf(page: Page, mark: string): Promise<[number, number]> {
    const found = await page.waitForFunction((selector) => {
        const rect = document.querySelector(`#overlay ${selector}`)?.getBoundingClientRect();
        return rect ? [rect.x + rect.width / 2, rect.y + rect.height / 2] as [number, number] : null;
    }, mark);
    return (await found.jsonValue())!;
}

/** A wave over a panel, drawn with the curve tool: two points with handles, three corners. */
async function wave(page: Page, bare: Locator): Promise<void> {
    await page.keyboard.press('c');
    await drag(page, await at(bare, 20, 300), await at(bare, 80, 240), ['Control']);
    await drag(page, await at(bare, 200, 300), await at(bare, 260, 360), ['Control']);
    for (const [x, y] of [[370, 300], [370, 500], [20, 500]] as const) await page.mouse.click(...(await at(bare, x, y)));
    await page.mouse.click(...(await at(bare, 20, 300)));
    await saved(page);
    await expect(facets(page).locator('.subject .kind')).toHaveText('path');
}

test('a wave is drawn with corners and curves, closed at its first point, and is one step to undo', async ({ page }) => {
    const bare = await openBare(page, 'Wave');
    await wave(page, bare);
    expect(await path(page)).toBe('M0 45C60 -15 120 -15 180 45C240 105 350 45 350 45L350 245L0 245Z');
    expect(await frame(page)).toEqual([20, 255, 350, 245]);
    // The picking tool is in hand again.
    await expect(page.locator('#rack [data-tool=pick]')).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(bare.locator('[data-kind=path]')).toHaveCount(0);
});

test('an open path ends with Enter; Backspace takes points back, and one point alone makes nothing', async ({ page }) => {
    const bare = await openBare(page, 'Route');
    await page.keyboard.press('c');
    // Pressed twice, it is still one.
    await page.mouse.dblclick(...(await at(bare, 40, 600)));
    await page.keyboard.press('Enter');
    await expect(page.locator('#overlay .curving .point')).toHaveCount(0);
    await expect(bare.locator('[data-kind=path]')).toHaveCount(0);
    await page.mouse.click(...(await at(bare, 40, 600)));
    await drag(page, await at(bare, 120, 520), await at(bare, 180, 520), ['Control']);
    await page.mouse.click(...(await at(bare, 300, 610)));
    await page.keyboard.press('Backspace');
    await page.mouse.click(...(await at(bare, 300, 610)));
    // Undo takes back what was done last: here a point.
    await page.keyboard.press('Control+z');
    await page.mouse.click(...(await at(bare, 260, 600)));
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(facets(page).locator('.subject .kind')).toHaveText('path');
    expect(await path(page)).toBe('M0 80C0 80 20 0 80 0C140 0 220 80 220 80');
    // Another tool ends it, too.
    await page.keyboard.press('c');
    await page.mouse.click(...(await at(bare, 60, 700)));
    await page.mouse.click(...(await at(bare, 160, 720)));
    await page.keyboard.press('q');
    await expect(bare.locator('[data-kind=path]')).toHaveCount(2);
    await page.keyboard.press('Control+z');
    await expect(bare.locator('[data-kind=path]')).toHaveCount(1);
    await page.mouse.click(...(await at(bare, 120, 520)));
    // A line of ink, for it has no inside.
    await expect(facets(page).locator('[data-field="strokes.0.width"]')).toHaveValue('2');
    // It starts at a dot and ends in an arrow.
    await facets(page).getByRole('button', { name: 'Details of stroke' }).click();
    await facets(page).getByLabel('Starts', { exact: true }).selectOption('dot');
    await saved(page);
    await facets(page).getByLabel('Ends in', { exact: true }).selectOption('arrow');
    await saved(page);
    await expect(bare.locator('[data-kind=path] > path[fill="#1e2223"]')).toHaveCount(1);
});

test('points are moved, added, made smooth, pulled, bent and removed where they lie', async ({ page }) => {
    const bare = await openBare(page, 'Points');
    await wave(page, bare);
    await page.keyboard.press('Enter');
    await expect(points(page)).toHaveCount(5);

    // A corner dragged, without snapping; its neighbours stay.
    await drag(page, await middleOf(page, '[data-point=\"0.3\"]'), await at(bare, 350, 540), ['Control']);
    await saved(page);
    await expect.poll(() => path(page)).toContain('L330 285L0 245Z');
    // A press on an edge makes a point there, which is picked; its place is typed.
    await page.mouse.click(...(await at(bare, 20, 400)));
    await expect(points(page)).toHaveCount(6);
    await expect(point(page, '0.5')).toHaveClass(/picked/);
    await page.getByLabel('Point X').fill('+30');
    await page.getByLabel('Point X').press('Enter');
    await expect.poll(() => path(page)).toContain('L30 145Z');
    await page.keyboard.press('Escape');
    // A double press makes it smooth.
    await page.mouse.dblclick(...(await middleOf(page, '[data-point=\"0.5\"]')));
    await expect(page.locator('#overlay [data-pull="0.5 out"]')).toHaveCount(1);
    const before = await path(page);
    // Its other handle turns with the one that is pulled, and stays where they are pulled apart.
    await drag(page, await middleOf(page, '[data-pull="0.5 out"]'), await at(bare, 90, 400), ['Control']);
    await saved(page);
    await expect.poll(() => path(page)).not.toBe(before);
    const node = await middleOf(page, '[data-point=\"0.5\"]');
    const [inside, outside] = [await middleOf(page, '[data-pull="0.5 in"]'), await middleOf(page, '[data-pull="0.5 out"]')];
    expect(Math.abs((outside[0] - node[0]) * (node[1] - inside[1]) - (outside[1] - node[1]) * (node[0] - inside[0]))).toBeLessThan(120);
    await drag(page, outside, await at(bare, 90, 330), ['Control', 'Alt']);
    await saved(page);
    expect(await middleOf(page, '[data-pull="0.5 in"]')).toEqual(inside.map((n) => expect.closeTo(n, 0)));
    // An edge that is dragged bends.
    await drag(page, await at(bare, 185, 520), await at(bare, 185, 580), ['Control']);
    await saved(page);
    await expect.poll(() => path(page)).toMatch(/L330[\d.]* 285C/);
    // What is picked goes with Delete; Escape leaves first the points, then the path.
    await page.mouse.click(...(await middleOf(page, '[data-point=\"0.5\"]')));
    await page.keyboard.press('Delete');
    await expect(points(page)).toHaveCount(5);
    await page.keyboard.press('Escape');
    await expect(points(page)).toHaveCount(0);
    await expect(facets(page).locator('.subject .kind')).toHaveText('path');
});

test('several points are picked by a frame round them, nudged, scaled and brought into line', async ({ page }) => {
    const bare = await openBare(page, 'Several');
    await wave(page, bare);
    await page.keyboard.press('Enter');
    await expect(points(page)).toHaveCount(5);
    await drag(page, await at(bare, 5, 490), await at(bare, 380, 512));
    await expect(page.locator('#overlay .point.picked')).toHaveCount(2);
    await page.keyboard.press('Shift+ArrowDown');
    await expect.poll(() => path(page)).toContain('L350 255L0 255Z');
    await saved(page);
    // By the corner of their frame, about the other end.
    const corner = await middleOf(page, '[data-scale=se]');
    const across = (await at(bare, 370, 300))[0] - (await at(bare, 195, 300))[0];
    await drag(page, corner, [corner[0] - across, corner[1]], ['Control']);
    await saved(page);
    await expect.poll(async () => /L([\d.]+) 255L0 255Z/.exec((await path(page)) ?? '')?.[1]).toMatch(/^17[45]/);
    await page.mouse.click(...(await middleOf(page, '[data-point=\"0.2\"]')));
    await page.keyboard.down('Shift');
    await page.mouse.click(...(await middleOf(page, '[data-point=\"0.3\"]')));
    await page.keyboard.up('Shift');
    await expect(page.locator('#overlay .point.picked')).toHaveCount(2);
    await facets(page).getByRole('button', { name: 'Line up the points: right' }).click();
    await expect.poll(() => path(page)).toContain('L350 255L0 255Z');
});

test('a box becomes a path where it is entered, which is said and taken back; a path is cut open and joined', async ({ page }) => {
    const bare = await openBare(page, 'Box');
    await page.keyboard.press('s');
    await drag(page, await at(bare, 40, 100), await at(bare, 240, 220), ['Control']);
    await saved(page);
    await setField(page, 'Rotation °', '30');
    await page.mouse.dblclick(...(await at(bare, 140, 160)));
    await expect(page.locator('#toast')).toContainText('is a path now');
    await expect(points(page)).toHaveCount(4);
    // Its corners are rounded, all of them, by a number; its points stay where they are.
    await setField(page, 'Rounding', '12');
    await expect(bare.locator('[data-kind=path] > path').first()).toHaveAttribute('d', /^M0 12C/);
    await expect(points(page)).toHaveCount(4);
    // Turned as it is, a point goes where the hand goes.
    const to = await at(bare, 300, 300);
    await drag(page, await middleOf(page, '[data-point=\"0.2\"]'), to, ['Control']);
    await saved(page);
    await expect.poll(async () => (await middleOf(page, '[data-point=\"0.2\"]')).map(Math.round)).toEqual(to.map((n) => expect.closeTo(n, -0.5)));
    await facets(page).getByRole('button', { name: 'Cut', exact: true }).click();
    await expect(points(page)).toHaveCount(5);
    await page.keyboard.press('Tab');
    await facets(page).getByRole('button', { name: 'Join', exact: true }).click();
    await expect(points(page)).toHaveCount(4);
    for (let i = 0; i < 4; i++) await page.keyboard.press('Control+z');
    await saved(page);
    await page.keyboard.press('Control+z');
    await expect(facets(page).locator('.subject .kind')).toHaveText('box');
    await expect(points(page)).toHaveCount(0);
});

test('a stroke drawn by hand is a path of few points, followed more or less closely afterwards', async ({ page }) => {
    const bare = await openBare(page, 'Pencil');
    await page.keyboard.press('d');
    const place = async (t: number): Promise<[number, number]> => at(bare, 40 + 300 * t, 300 + 60 * Math.sin(t * 9) + (Math.round(t * 120) % 2));
    await page.mouse.move(...(await place(0)));
    await page.mouse.down();
    for (let i = 1; i <= 120; i++) await page.mouse.move(...(await place(i / 120)));
    await page.mouse.up();
    await saved(page);
    await expect(facets(page).locator('.subject .kind')).toHaveText('path');
    const curves = async (): Promise<number> => ((await path(page)) ?? '').split('C').length - 1;
    const closely = await curves();
    expect(closely).toBeLessThan(16);
    expect(closely).toBeGreaterThan(1);
    const [x, , width] = await frame(page);
    expect(Math.abs(x! - 40) + Math.abs(width! - 300)).toBeLessThan(8);
    await setField(page, 'Smoothing', '30');
    await expect.poll(curves).toBeLessThan(closely + 1);
    // The pencil is still in hand: one more, round, that closes.
    await expect(page.locator('#rack [data-tool=draw]')).toHaveAttribute('aria-pressed', 'true');
    const round = (t: number): Promise<[number, number]> => at(bare, 200 + 60 * Math.cos(t * 2 * Math.PI), 600 + 60 * Math.sin(t * 2 * Math.PI));
    await page.mouse.move(...(await round(0)));
    await page.mouse.down();
    for (let i = 1; i <= 60; i++) await page.mouse.move(...(await round(i / 60)));
    await page.mouse.up();
    await saved(page);
    await expect.poll(() => path(page)).toMatch(/Z$/);
    await page.keyboard.press('Escape');
    await expect(page.locator('#rack [data-tool=pick]')).toHaveAttribute('aria-pressed', 'true');
    // Its points are edited as those of any path.
    await page.keyboard.press('Enter');
    await expect.poll(() => points(page).count()).toBeGreaterThan(1);
});

test('words and an icon are paths once their points are asked for, with a word that says so, and as they were once that is taken back', async ({ page }) => {
    const bare = await openBare(page, 'Outlines');
    await page.keyboard.press('t');
    await page.mouse.click(...(await at(bare, 60, 100)));
    await page.keyboard.type('Kiln');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await page.keyboard.press('i');
    await page.getByLabel('Search icons').fill('flame');
    await page.locator('#icons [data-icon=flame]').first().click();
    await page.mouse.click(...(await at(bare, 200, 300)));
    await saved(page);
    for (const [kind, many] of [['text', 20], ['icon', 3]] as const) {
        const layer = bare.locator(`[data-kind=${kind}]`);
        const { x, y, width, height } = await extent(layer);
        await page.mouse.click(x + width / 2, y + height / 2);
        await expect(facets(page).locator('.subject .kind')).toHaveText(kind);
        await page.mouse.click(x + width / 2, y + height / 2, { button: 'right' });
        await page.getByRole('menuitem', { name: 'More' }).click();
        await page.getByRole('menuitem', { name: 'Edit points' }).click();
        await expect(page.getByText(`The ${kind} is a path now`)).toBeVisible();
        await expect.poll(() => points(page).count()).toBeGreaterThan(many);
        await page.keyboard.press('Control+z');
        await expect(layer).toHaveCount(1);
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
    }
});
