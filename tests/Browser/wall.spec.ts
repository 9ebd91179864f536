/** Working on the wall by hand, on copies of the demo. */
import { expect, type Page } from '@playwright/test';
import { allowError, at, box, drag, extent, middle, near, openBare, openDemo, paste, pick, saved, screen, setField, still, test } from './support/hand.ts';

const dial = '[data-layer][data-kind=ellipse]';

test('moves, resizes, rotates and nudges by hand', async ({ page }) => {
    await openDemo(page, 'Moves');
    await near(page, 'Booked');
    const ring = screen(page, 'Booked').locator(dial);
    const start = await at(screen(page, 'Booked'), 145, 250);
    await pick(page, start, 'ellipse');
    const [x = 0, y = 0, width = 0] = await box(ring);
    await drag(page, start, [start[0] + 30, start[1] + 40], ['Control']);
    const scale = Number((await page.locator('#zoom').inputValue()).replace('%', '')) / 100;
    const [x2 = 0, y2 = 0] = await box(ring);
    expect(Math.abs(x2 - x - 30 / scale)).toBeLessThan(2);
    expect(Math.abs(y2 - y - 40 / scale)).toBeLessThan(2);
    expect(Number.isInteger(x2)).toBe(true);

    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('#facets').getByLabel('X', { exact: true })).toHaveValue(String(x2 + 10));
    await saved(page);
    expect((await box(ring))[1]).toBe(y2 - 1);

    // A corner with Shift keeps the proportion, with Alt the middle.
    const se = await middle(page.locator('#overlay [data-handle=se]'));
    await drag(page, se, [se[0] + 25, se[1] + 10], ['Shift']);
    const [, , w3 = 0, h3 = 0] = await box(ring);
    expect(w3).toBeGreaterThan(width);
    expect(Math.abs(w3 - h3)).toBeLessThanOrEqual(1);
    const before = await box(ring);
    const east = await extent(page.locator('#overlay .grip.e'));
    await drag(page, [east.x + east.width / 2, east.y + east.height / 2], [east.x + 20, east.y + east.height / 2], ['Alt']);
    const after = await box(ring);
    expect(after[0]! + after[2]! / 2).toBeCloseTo(before[0]! + before[2]! / 2, 0);

    // Turning begins just outside a corner.
    const corner = await extent(page.locator('#overlay [data-turn=ne]'));
    await drag(page, [corner.x + corner.width - 8, corner.y + 8], [corner.x + corner.width + 60, corner.y + 90], ['Shift']);
    const rotation = (await box(ring))[4]!;
    expect(rotation).toBeGreaterThan(0);
    expect(rotation % 15).toBe(0);
    for (let i = 0; i < 5; i++) {
        await page.keyboard.press('Control+z');
        await saved(page);
    }
    await expect(ring).toHaveAttribute('data-box', `${x} ${y} ${width} 120 0`);
});

test('text flows anew while it is resized, and its height is that of its lines', async ({ page }) => {
    await openDemo(page, 'Flowing');
    await near(page, 'Welcome');
    const words = screen(page, 'Welcome').locator('[data-layer=t00003]');
    const lines = (): Promise<number> => words.locator('tspan').count();
    await pick(page, await middle(words), 'text');
    const [x = 0, y = 0, width = 0, height = 0] = await box(words);
    const before = await lines();
    const grip = await extent(page.locator('#overlay .grip.e'));
    const start: [number, number] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
    const left = (await extent(words)).x;
    await page.mouse.move(...start);
    await page.mouse.down();
    await page.mouse.move(start[0] - 20, start[1], { steps: 3 });
    await page.mouse.move(start[0] - (start[0] - left) / 2, start[1], { steps: 5 });
    // The pointer is still down.
    await expect.poll(lines).toBeGreaterThan(before);
    const taller = (await box(words))[3]!;
    expect(taller).toBeGreaterThan(height);
    await page.mouse.up();
    await saved(page);
    const [x2, y2, width2 = 0, height2 = 0] = await box(words);
    expect([x2, y2]).toEqual([x, y]);
    expect(width2).toBeLessThan(width * 0.6);
    expect(height2).toBeGreaterThan(height);
    await page.keyboard.press('Control+z');
    await expect.poll(lines).toBe(before);

    // Given up with Escape, everything is as it was.
    await page.mouse.move(...start);
    await page.mouse.down();
    await page.mouse.move(start[0] - 60, start[1], { steps: 6 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect.poll(lines).toBe(before);
    expect(await box(words)).toEqual([x, y, width, height, 0]);
});

test('groups, enters, reorders, locks, hides, renames', async ({ page }) => {
    await openDemo(page, 'Groups');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const [ring, tick] = [booked.locator(dial), booked.locator(':scope > svg > [data-kind=icon]').last()];
    await pick(page, await at(booked, 145, 250), 'ellipse');
    await page.keyboard.down('Shift');
    await page.mouse.click(...(await middle(tick)));
    await page.keyboard.up('Shift');
    await expect(page.locator('#facets .subject')).toContainText('2 layers');
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets .subject .kind')).toHaveText('screen');
    // A marquee from the bare screen takes in both.
    await drag(page, await at(booked, 100, 170), await at(booked, 300, 330));
    await expect(page.locator('#facets .subject')).toContainText('2 layers');
    await page.keyboard.press('Control+g');
    await expect(page.locator('#facets .subject .kind')).toHaveText('group');
    const name = page.locator('#facets .subject input');
    await name.fill('Seal');
    await name.press('Enter');
    await saved(page);
    await page.mouse.dblclick(...(await at(booked, 145, 250)));
    await expect(page.locator('#facets .subject .kind')).toHaveText('ellipse');
    await page.keyboard.press('Escape');
    await expect(name).toHaveValue('Seal');

    // In the outline: dragged to the bottom, locked, hidden.
    const card = page.locator('[data-card]', { hasText: 'Booked' });
    await card.locator('summary').click();
    const rows = card.locator('.layer-list > ul > li');
    const seal = card.locator('li', { hasText: 'Seal' }).first();
    await expect(rows.last()).not.toContainText('Seal');
    await rows.last().scrollIntoViewIfNeeded();
    await seal.locator('> .item-row').dragTo(rows.last().locator('> .item-row'), { targetPosition: { x: 40, y: 24 } });
    await expect(rows.last()).toContainText('Seal');
    await seal.locator('> .item-row').hover();
    await seal.getByRole('button', { name: 'Lock Seal' }).click();
    await expect(seal.getByRole('button', { name: 'Lock Seal' })).toHaveAttribute('aria-pressed', 'true');
    await saved(page);
    await page.keyboard.press('Escape');
    await pick(page, await at(booked, 145, 250), 'screen');
    await seal.locator('> .item-row').hover();
    await seal.getByRole('button', { name: 'Hide Seal' }).click();
    await expect(ring).toBeHidden();
    await page.keyboard.press('Control+z');
    await expect(ring).toBeVisible();
});

test('copies across screens at the same place, duplicates, deletes', async ({ page }) => {
    await openDemo(page, 'Copies');
    const [booked, kiln] = [screen(page, 'Booked'), screen(page, 'Kiln status')];
    await near(page, 'Booked');
    await pick(page, await at(booked, 145, 250), 'ellipse');
    await page.keyboard.press('Control+c');
    await near(page, 'Kiln status');
    const count = await kiln.locator(dial).count();
    await page.keyboard.press('Control+v');
    await expect(kiln.locator(dial)).toHaveCount(count + 1);
    expect(await box(kiln.locator(dial).last())).toEqual(await box(booked.locator(dial)));
    await saved(page);
    await page.keyboard.press('Control+d');
    await expect(kiln.locator(dial)).toHaveCount(count + 2);
    await saved(page);
    const copy = kiln.locator(dial).last();
    const from = await middle(copy);
    await drag(page, [from[0] - 20, from[1]], [from[0] - 60, from[1] + 30], ['Alt']);
    await expect(kiln.locator(dial)).toHaveCount(count + 3);
    await page.keyboard.press('Delete');
    await expect(kiln.locator(dial)).toHaveCount(count + 2);
    await page.keyboard.press('Control+z');
    await expect(kiln.locator(dial)).toHaveCount(count + 3);
});

test('screens: duplicated beside themselves, moved, resized, renamed, deleted with undo', async ({ page }) => {
    await openDemo(page, 'Screens');
    await near(page, 'Booked');
    await page.keyboard.press('Control+d');
    const copy = screen(page, 'Booked 2');
    await expect(copy).toBeVisible();
    await saved(page);
    await expect(copy.locator('[data-layer]')).toHaveCount(await screen(page, 'Booked').locator('[data-layer]').count());
    await page.keyboard.press('f');
    const label = copy.locator('.screen-name');
    const [x, y] = await middle(label);
    const was = await copy.getAttribute('data-box');
    await drag(page, [x, y], [x, y + 50]);
    expect(await copy.getAttribute('data-box')).not.toBe(was);
    await setField(page, 'H', '1000');
    await expect(page.locator('#facets')).toContainText('Scrolls below 844 px');
    const name = page.locator('#facets').getByLabel('Name of the screen');
    await name.fill('Booked, long');
    await name.press('Enter');
    await page.keyboard.press('Escape');
    await expect(screen(page, 'Booked, long')).toBeVisible();
    await expect(page.locator('[data-card]', { hasText: 'Booked, long' })).toBeVisible();
    await page.keyboard.press('Delete');
    await expect(page.locator('article.screen')).toHaveCount(7);
    await page.keyboard.press('Control+z');
    await expect(page.locator('article.screen')).toHaveCount(8);
});

test('says at its field what cannot be', async ({ page }) => {
    allowError(/422/);
    await openDemo(page, 'Fields');
    await near(page, 'Booked');
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    const field = page.locator('#facets').getByLabel('W', { exact: true });
    await field.fill('12 apples');
    await field.press('Enter');
    await expect(page.getByRole('alert')).toContainText('is not a number or sum');
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    await field.fill('120 / 2');
    await field.press('Enter');
    await expect(page.getByRole('alert')).toHaveCount(0);
    await saved(page);
    expect((await box(screen(page, 'Booked').locator(dial)))[2]).toBe(60);
});

test('an SVG becomes layers, by dialog and by pasting; what is none is refused with a message', async ({ page }) => {
    allowError(/422/);
    await openDemo(page, 'Vectors');
    await near(page, 'Booked');
    const booked = screen(page, 'Booked');
    const count = await booked.locator('[data-layer]').count();
    await page.locator('#picture-file').setInputFiles({ name: 'a.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>') });
    await expect(page.locator('#toast')).toContainText('There is nothing in the SVG that can be drawn');
    await page.locator('#toast').getByRole('button').click();
    await expect(page.locator('#toast')).toBeHidden();
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="80" height="40"><rect id="Shelf" width="80" height="8" y="32" fill="#8b5a2b"/><path id="Pot" d="M20 32c-12-8-8-28 4-28h12c12 0 16 20 4 28z" fill="#b4472e"/><script>document.title = "no"</script></svg>';
    await page.locator('#picture-file').setInputFiles({ name: 'shelf.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
    await expect(booked.locator('[data-layer]')).toHaveCount(count + 2);
    await expect(page.locator('#toast')).toContainText('One “script” element was left out.');
    await expect(booked.locator('[data-kind=path] > path').first()).toHaveAttribute('fill', '#b4472e');
    expect(await page.title()).toContain('Vectors');

    // Pasted from outside: a table becomes an array with its sheet, words become a text.
    await page.keyboard.press('Escape');
    await paste(page, 'Pot\tPrice\nBowl\t€24\nMug\t€18\n');
    await expect(page.locator('#facets .subject input')).toHaveValue('Table');
    await expect(booked.locator('[data-kind=array] > [data-layer]')).toHaveCount(2);
    await expect(booked.locator('[data-kind=array]')).toContainText('Mug');
    await paste(page, 'Thrown by hand, fired twice.');
    await expect(page.locator('#facets .subject .kind')).toHaveText('text');
    await expect(booked).toContainText('Thrown by hand, fired twice.');
    // What was copied here is pasted as layers.
    await page.keyboard.press('Control+c');
    await page.keyboard.press('Control+v');
    await expect(booked.getByText('Thrown by hand, fired twice.')).toHaveCount(2);
});

test('two windows on one project: nothing is lost, and each catches up', async ({ page, context }) => {
    allowError(/409/);
    await openDemo(page, 'Windows');
    await near(page, 'Booked');
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.locator('#stage .screen')).toHaveCount(7);
    const ring = (one: Page) => screen(one, 'Booked').locator(dial);
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    await setField(page, 'X', '50');

    // The other window has not seen that. It changes something else: both stand.
    const tick = screen(other, 'Booked').locator(':scope > svg > [data-kind=icon]').last();
    await other.locator('[data-card]', { hasText: 'Booked' }).locator('[data-open-screen]').click();
    await pick(other, await middle(tick), 'icon');
    await setField(other, 'Y', '10');
    await expect(ring(other)).toHaveAttribute('data-box', /^50 /);
    expect((await box(tick))[1]).toBe(10);

    // Now the first window, stale in turn, changes the same layer: refused, named, and shown as it is.
    const same = screen(page, 'Booked').locator(':scope > svg > [data-kind=icon]').last();
    await page.keyboard.press('Escape');
    await pick(page, await middle(same), 'icon');
    await setField(page, 'Y', '500');
    await expect(page.locator('#toast')).toContainText('changed the same thing');
    expect((await box(same))[1]).toBe(10);
    await page.locator('#toast').getByRole('button').click();
    await setField(page, 'Y', '500');
    expect((await box(same))[1]).toBe(500);
});

test('loose layers: drawn on the wall, dragged onto a screen', async ({ page }) => {
    await openDemo(page, 'Loose');
    const loose = page.locator('.loose > [data-kind=box]');
    const count = await loose.count();
    const first = loose.first();
    const id = await first.getAttribute('data-layer');
    const kiln = screen(page, 'Kiln status');
    await drag(page, await middle(first), await at(kiln, 190, 400));
    await expect(kiln.locator(`[data-layer="${id}"]`)).toHaveCount(1);
    await expect(loose).toHaveCount(count - 1);
    await page.keyboard.press('Control+z');
    await expect(loose).toHaveCount(count);
});

test('what is being typed in a facet is not swept away by an edit that ends meanwhile', async ({ page }) => {
    await openDemo(page, 'Typing');
    await near(page, 'Booked');
    await pick(page, await at(screen(page, 'Booked'), 145, 250), 'ellipse');
    const facets = page.locator('#facets');
    await facets.getByLabel('X', { exact: true }).fill('50');
    // The answer, and the facets drawn anew, arrive while the next field is being typed in.
    const anew = page.waitForResponse(/\/facets/);
    await facets.getByLabel('X', { exact: true }).press('Tab');
    await facets.getByLabel('Y', { exact: true }).fill('77');
    await anew;
    await expect(facets.getByLabel('Y', { exact: true })).toHaveValue('77');
    await facets.getByLabel('Y', { exact: true }).press('Enter');
    await saved(page);
    await expect.poll(async () => (await box(screen(page, 'Booked').locator(dial))).slice(0, 2)).toEqual([50, 77]);
    await expect(facets.getByLabel('X', { exact: true })).toHaveValue('50');
});

test('facets whose answer is lost are asked for again', async ({ aside: page }) => {
    await openDemo(page, 'Lost');
    await near(page, 'Booked');
    const place = await at(screen(page, 'Booked'), 145, 250);
    let asked = 0;
    await page.route('**/facets?*', (route) => (++asked === 1 ? undefined : route.continue()));
    await page.clock.install();
    await page.mouse.click(...place);
    await expect.poll(() => asked).toBe(1);
    await expect(page.locator('#facets')).toHaveAttribute('aria-busy', 'true');
    await page.clock.fastForward(15_000);
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('ellipse');
    expect(asked).toBe(2);
});

test('what is drawn while a screen is drawn anew in another finish stays', async ({ page }) => {
    const bare = await openBare(page, 'Finish and box');
    await bare.locator('[data-ground]').first().evaluate((ground) => (ground.dataset['old'] = ''));
    const asked: string[] = [];
    let answer = (): void => undefined;
    const held = new Promise<void>((go) => (answer = go));
    const id = (await bare.getAttribute('data-screen'))!;
    await page.route('**/pictures?*', async (route) => {
        const response = await route.fetch();
        if (route.request().url().includes(id)) asked.push(id);
        await held;
        await route.fulfill({ response });
    });
    await page.getByRole('button', { name: 'Rough', exact: true }).click();
    await saved(page);
    await expect.poll(() => asked.length).toBe(1);
    await page.keyboard.press('s');
    await drag(page, await at(bare, 40, 100), await at(bare, 240, 220));
    await saved(page);
    answer();
    await expect.poll(() => asked.length).toBe(2);
    await expect(bare.locator('[data-old]')).toHaveCount(0);
    await expect(bare.locator('[data-kind=box]')).toBeVisible();
});

test('the outline of what a press would pick stays on it while the wall is moved and zoomed', async ({ page }) => {
    await openDemo(page, 'Hovered');
    const one = screen(page, 'Today').locator('[data-layer]').first();
    await page.mouse.move(...(await middle(one)));
    const outline = page.locator('#overlay .live > .hover');
    await expect(outline).toHaveCount(1);
    const apart = async (): Promise<number> => {
        const [a, b] = [await extent(one), await extent(outline)];
        return Math.abs(a.x - b.x) + Math.abs(a.y - b.y);
    };
    // The line of it is as thick from near and afar.
    const wider = async (): Promise<number> => (await extent(outline)).width - (await extent(one)).width;
    const [before, wide] = [await apart(), await wider()];
    await page.mouse.wheel(60, 40);
    await still(page);
    expect(Math.abs((await apart()) - before)).toBeLessThan(1);
    await page.keyboard.press('+');
    await still(page);
    expect(Math.abs((await wider()) - wide)).toBeLessThan(1);
});
