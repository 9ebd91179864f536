/** Shapes put together to one, cut out of each other, entered and taken apart, by pointer and keyboard. */
import { expect, type Page } from '@playwright/test';
import { allowError, at, bareScreen, drag, extent, likeReload, openBare, openDemo, saved, test } from './support/hand.ts';

const facets = (page: Page) => page.locator('#facets:not([aria-busy])');
const kind = (page: Page) => facets(page).locator('.subject .kind');
const compound = (page: Page) => page.locator('article.screen').last().locator('[data-kind=compound]').last();
/** The outline of the compound, as it is drawn. */
const outline = async (page: Page): Promise<string> => (await compound(page).locator(':scope > path').first().getAttribute('d')) ?? '';

/** So many presses of a hand. */
let gestures = 0;

async function shape(page: Page, which: 'box' | 'ellipse', from: [number, number], to: [number, number]): Promise<void> {
    const bare = page.locator('article.screen').last();
    // The last shape is in hand first; again the next one.
    do {
        await page.keyboard.press('s');
        gestures++;
    } while (!(await page.locator(`[data-shape=${which}]`).first().evaluate((one) => one.getAttribute('aria-pressed') === 'true')));
    await drag(page, await at(bare, ...from), await at(bare, ...to), ['Control']);
    await saved(page);
    gestures++;
}

test('an icon is cut from a rounded box, gets three bars, and is one shape that takes a look and keeps its parts', async ({ page }) => {
    const bare = await openBare(page, 'Icon of six');
    // Another shape, whose look it will have.
    await shape(page, 'box', [20, 600], [120, 680]);
    await page.locator('[data-field="fills.0.paint"]').fill('#a94c31');
    await page.locator('[data-field="fills.0.paint"]').press('Enter');
    await saved(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Alt+c');
    gestures = 0;

    await shape(page, 'box', [60, 100], [260, 300]);
    await page.locator('#f-corners').fill('32');
    await page.locator('#f-corners').press('Enter');
    await saved(page);
    gestures += 2;
    await page.locator('#f-corners').press('Escape');
    await shape(page, 'ellipse', [40, 180], [80, 220]);
    await shape(page, 'ellipse', [240, 180], [280, 220]);
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 20, 80), await at(bare, 320, 320));
    await expect(facets(page)).toContainText('3 layers');
    await page.keyboard.press('Shift+u');
    await saved(page);
    gestures += 3;
    await expect(kind(page)).toHaveText('compound');
    await page.keyboard.press('Escape');
    for (const y of [140, 190, 240]) await shape(page, 'box', [110, y], [210, y + 20]);
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 20, 80), await at(bare, 320, 320));
    await expect(facets(page)).toContainText('4 layers');
    await page.keyboard.press('Shift+o');
    await saved(page);
    await page.keyboard.press('Alt+v');
    await saved(page);
    gestures += 4;
    await expect(compound(page).locator(':scope > path').first()).toHaveAttribute('fill', '#a94c31');
    // The outline and three bars that are seen through.
    await expect.poll(async () => (await outline(page)).split('M').length - 1).toBe(4);
    await expect(page.locator('article.screen').last().locator('[data-kind=compound] [data-kind=box], [data-kind=compound] [data-kind=ellipse]')).toHaveCount(6);
    expect(gestures).toBeLessThanOrEqual(28);

    // A part is entered and moved, and the whole follows while it moves.
    const before = await outline(page);
    await page.mouse.dblclick(...(await at(bare, 160, 150)));
    await expect(kind(page)).toHaveText('box');
    await page.mouse.move(...(await at(bare, 160, 150)));
    await page.mouse.down();
    await page.mouse.move(...(await at(bare, 170, 120)), { steps: 6 });
    await expect.poll(() => outline(page)).not.toBe(before);
    await page.mouse.up();
    await saved(page);
    expect(await outline(page)).not.toBe(before);
    await page.keyboard.press('Control+z');
    await expect.poll(() => outline(page)).toBe(before);
});

test('parts change their operation and their order in the outline; a compound is flattened, or its parts come back', async ({ page }) => {
    await openDemo(page, 'Ticket');
    const bare = await bareScreen(page);
    await shape(page, 'box', [60, 100], [300, 220]);
    await shape(page, 'ellipse', [40, 140], [80, 180]);
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 20, 80), await at(bare, 340, 300));
    await facets(page).getByRole('button', { name: 'Subtract from the lowest' }).click();
    await saved(page);
    await expect(kind(page)).toHaveText('compound');
    await expect.poll(() => outline(page)).toContain('C');
    const card = page.locator('#reel [data-card]').last();
    await card.locator('summary').first().click();
    const operation = card.locator('select[data-operation]');
    await expect(operation).toHaveCount(1);
    await operation.selectOption('intersect');
    await saved(page);
    // What both have: half a disc.
    await expect.poll(async () => (await compound(page).getAttribute('data-box'))!.split(' ').map(Number)).toEqual([60, 140, 20, 40, 0]);
    await page.keyboard.press('Control+z');
    await expect(operation).toHaveValue('subtract');
    const cut = await outline(page);
    await facets(page).getByRole('button', { name: 'Flatten' }).click();
    await saved(page);
    await expect(kind(page)).toHaveText('path');
    await page.keyboard.press('Control+z');
    await expect(kind(page)).toHaveText('compound');
    expect(await outline(page)).toBe(cut);
    await facets(page).getByRole('button', { name: 'Release' }).click();
    await saved(page);
    await expect(page.locator('article.screen').last().locator('[data-kind=compound]')).toHaveCount(0);
    await expect(facets(page)).toContainText('2 layers');
});

test('a stroke becomes a shape, and an edge is moved by a number', async ({ page }) => {
    const bare = await openBare(page, 'Edge');
    await shape(page, 'box', [60, 100], [160, 160]);
    await page.locator('#f-offset').fill('+10');
    await page.locator('#f-offset').press('Enter');
    await saved(page);
    await expect(kind(page)).toHaveText('path');
    await expect(page.locator('#f-width')).toHaveValue('120');
    allowError(/422/);
    await page.locator('#f-offset').fill('-70');
    await page.locator('#f-offset').press('Enter');
    await expect(page.locator('#toast, [role=alert]').filter({ hasText: 'Nothing would be left' }).first()).toBeVisible();
    await expect(page.locator('#f-width')).toHaveValue('120');
    await page.locator('#f-offset').press('Escape');
    await page.keyboard.press('c');
    await page.mouse.click(...(await at(bare, 60, 300)));
    await page.mouse.click(...(await at(bare, 260, 300)));
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(kind(page)).toHaveText('path');
    await facets(page).getByRole('button', { name: 'Outline stroke' }).click();
    await saved(page);
    await expect(bare.locator('[data-kind=path]').last().locator(':scope > path').first()).toHaveAttribute('fill', '#1e2223');
    await expect(page.locator('#f-height')).toHaveValue('2');
});

test('a dial of an arc and a star: drawn, then shaped by their marks and by numbers, and as they are taken back', async ({ page }) => {
    const bare = await openBare(page, 'Dial');
    await page.keyboard.press('s');
    await page.getByRole('button', { name: 'Arc', exact: true }).click();
    await drag(page, await at(bare, 60, 100), await at(bare, 260, 240), ['Shift']);
    await saved(page);
    const arc = bare.locator('[data-arc]');
    await expect(arc).toHaveAttribute('data-box', '60 100 200 200 0');
    await expect(arc).toHaveAttribute('data-arc', '225 270 0.8 sector');
    const [x, y] = await at(bare, 160, 200);
    const [right] = await at(bare, 260, 200);
    /** On the rim of the arc, in the window: degrees from the top and a share of the radius. */
    const on = (degrees: number, share: number): [number, number] => [x + (right - x) * share * Math.sin((degrees * Math.PI) / 180), y - (right - x) * share * Math.cos((degrees * Math.PI) / 180)];
    // It comes to rest at an eighth of a turn, or where the hand wants it with Ctrl.
    await drag(page, on(135, 0.9), on(47, 0.9));
    await saved(page);
    await expect(arc).toHaveAttribute('data-arc', '225 180 0.8 sector');
    await drag(page, on(45, 0.9), on(92, 0.9), ['Control']);
    await saved(page);
    await expect(arc).toHaveAttribute('data-arc', '225 227 0.8 sector');
    await page.keyboard.press('Control+z');
    await saved(page);
    // Its end stays where it is while the start is dragged.
    await drag(page, on(225, 0.9), on(270, 0.9));
    await saved(page);
    await expect(arc).toHaveAttribute('data-arc', '270 135 0.8 sector');
    await drag(page, on(270 + 135 / 2, 0.8), on(270 + 135 / 2, 0.4));
    await saved(page);
    await expect(arc).toHaveAttribute('data-arc', '270 135 0.4 sector');

    // Oracle: what Chromium takes to be inside of it is what lies between its angles and its radii.
    const wrong = await arc.evaluate((layer) => {
        const path = layer.querySelector('path')!;
        const faults: string[] = [];
        for (let angle = 2; angle < 360; angle += 5) {
            for (const share of [0.1, 0.38, 0.42, 0.7, 0.98, 1.02]) {
                const point = new DOMPoint(100 + 100 * share * Math.sin((angle * Math.PI) / 180), 100 - 100 * share * Math.cos((angle * Math.PI) / 180));
                const inside = share > 0.4 && share < 1 && (angle > 270 || angle < 45);
                if (path.isPointInFill(point) !== inside) faults.push(`${angle}° ${share}`);
            }
        }
        return faults;
    });
    expect(wrong).toEqual([]);

    await page.locator('#f-sweep').fill('360');
    await page.locator('#f-sweep').press('Enter');
    await saved(page);
    await expect(arc).toHaveAttribute('data-arc', '270 360 0.4 sector');
    await expect(page.locator('#f-startAngle')).toHaveCount(0);
    await page.locator('#f-sweep').press('Escape');

    await page.keyboard.press('s');
    await page.getByRole('button', { name: 'Star', exact: true }).click();
    await drag(page, await at(bare, 60, 360), await at(bare, 260, 560), ['Shift']);
    await saved(page);
    const star = bare.locator('[data-polygon]');
    await expect(star).toHaveAttribute('data-polygon', '5 0.5 0');
    const mark = async (name: string): Promise<[number, number]> => {
        const box = await extent(page.locator(`[data-shapes=${name}] .shape-dot`));
        return [box.x + box.width / 2, box.y + box.height / 2];
    };
    // The second point is dragged to where that of eight lies.
    const [cx, cy] = await at(bare, 160, 460);
    await drag(page, await mark('points'), [cx + (right - x) * Math.SQRT1_2, cy - (right - x) * Math.SQRT1_2]);
    await saved(page);
    await expect(star).toHaveAttribute('data-polygon', '8 0.5 0');
    // Drawn out beyond its sides it is a polygon.
    await drag(page, await mark('inner'), [cx + (right - x) * Math.sin(Math.PI / 8), cy - (right - x) * Math.cos(Math.PI / 8)]);
    await saved(page);
    await expect(star).toHaveAttribute('data-polygon', '8 1 0');
    expect((await star.locator('path').first().getAttribute('d'))!.match(/[ML]/g)).toHaveLength(8);
    const [rx, ry] = await mark('rounding');
    await drag(page, [rx, ry], [rx, ry + 20]);
    await saved(page);
    await expect(page.locator('#f-rounding')).not.toHaveValue('0');
    expect(await star.locator('path').first().getAttribute('d')).toContain('C');
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
    await saved(page);
    await expect(star).toHaveAttribute('data-polygon', '5 0.5 0');
});

test('a ticket has notches cut out and a route from a dot to an arrow, whose colours run along it; a wave lies under a picture', async ({ page }) => {
    const bare = await openBare(page, 'Ticket');
    // The second notch is a copy of the first, in line with it.
    await shape(page, 'box', [24, 560], [366, 740]);
    await shape(page, 'ellipse', [10, 636], [38, 664]);
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 24, 650), await at(bare, 366, 652), ['Alt']);
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 4, 540), await at(bare, 386, 760));
    await expect(facets(page)).toContainText('3 layers');
    await page.keyboard.press('Shift+u');
    await saved(page);
    await expect(kind(page)).toHaveText('compound');
    expect((await compound(page).getAttribute('data-box'))!.split(' ').slice(0, 4)).toEqual(['24', '560', '342', '180']);
    // Each notch is half a circle of 14 px, at the same height.
    expect(await outline(page)).toBe('M0 76L0 0L342 0L342 76C334.268 76 328 82.268 328 90C328 97.732 334.268 104 342 104L342 180L0 180L0 104C7.732 104 14 97.732 14 90C14 82.268 7.732 76 0 76Z');

    await page.keyboard.press('Escape');
    await page.keyboard.press('c');
    await page.mouse.click(...(await at(bare, 60, 620)));
    await drag(page, await at(bare, 150, 690), await at(bare, 200, 690), ['Control']);
    await page.mouse.click(...(await at(bare, 320, 600)));
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(kind(page)).toHaveText('path');
    await page.locator('#f-strokes-0-paint').fill('linear-gradient(#b4472e, #17594f)');
    await page.locator('#f-strokes-0-paint').press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Details of stroke' }).click();
    for (const [field, value] of [['along', 'true'], ['start', 'dot'], ['end', 'arrow']] as const) {
        await page.locator(`#f-strokes-0-${field}`).selectOption(value);
        await saved(page);
    }
    // A line that the gradient follows has no angle of its own, nor a line of its own on the wall.
    await expect(page.locator('#f-strokes-0-angle')).toHaveCount(0);
    const route = bare.locator('[data-kind=path]').last();
    await expect(route.locator('path[fill="#b4472e"]')).toHaveCount(1);
    await expect(route.locator('path[fill="#17594f"]')).toHaveCount(1);
    expect(await route.locator('g[fill=none] > path').count()).toBeGreaterThan(50);

    // The wave is drawn after the picture, and laid under it.
    const chooser = page.waitForEvent('filechooser');
    await page.keyboard.press('Escape');
    await page.keyboard.press('p');
    await (await chooser).setFiles('docs/screenshots/brief.png');
    await saved(page);
    const picture = bare.locator('[data-kind=picture]');
    await expect(picture).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.keyboard.press('c');
    await drag(page, await at(bare, 0, 330), await at(bare, 60, 280), ['Control']);
    await drag(page, await at(bare, 200, 330), await at(bare, 260, 380), ['Control']);
    for (const [x, y] of [[390, 330], [390, 440], [0, 440]] as const) await page.mouse.click(...(await at(bare, x, y)));
    await page.mouse.click(...(await at(bare, 0, 330)));
    await saved(page);
    await page.keyboard.press('Shift+PageDown');
    await saved(page);
    const order = await bare.locator(':scope > svg [data-kind]').evaluateAll((all) => all.map((one) => (one as SVGElement).dataset['kind']));
    expect(order.indexOf('path')).toBeLessThan(order.indexOf('picture'));
    await likeReload(page, bare);
});
