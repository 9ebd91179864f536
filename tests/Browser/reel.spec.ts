/** The reel and its outlines, the shelf and the account. */
import { expect, type Route } from '@playwright/test';
import { allowError, enter, extent, middle, near, openDemo, pickFile, saved, screen, setField, test } from './support/hand.ts';

test('layers go into a group and out of it by dragging in the outline', async ({ page }) => {
    await openDemo(page, 'Outline');
    await near(page, 'Booked');
    const card = page.locator('[data-card=booked]');
    await card.locator('summary').click();
    const rows = card.locator('.layer-list > ul > li');
    await expect(rows.first()).toBeVisible();
    const group = card.locator('.layer-list > ul > li[data-kind=group]').first();
    const loose = card.locator('.layer-list > ul > li:not([data-kind=group])').first();
    const [groupId, looseId] = [await group.getAttribute('data-item'), await loose.getAttribute('data-item')];
    const place = (): Promise<string | null> => page.evaluate((id) => document.querySelector(`.stage [data-layer="${id}"]`)!.getBoundingClientRect().toJSON(), looseId).then((rect: { x: number; y: number }) => `${Math.round(rect.x)} ${Math.round(rect.y)}`);
    const before = await place();
    const target = group.locator('> .item-row');
    const height = (await extent(target)).height;
    await loose.locator('> .item-row').dragTo(target, { targetPosition: { x: 60, y: height / 2 } });
    await expect(card.locator(`li[data-item="${groupId}"] li[data-item="${looseId}"]`)).toHaveCount(1);
    await saved(page);
    // It lies where it lay, on the screen and in the picture's order inside the group.
    expect(await place()).toBe(before);
    await expect(page.locator(`.stage [data-layer="${groupId}"] [data-layer="${looseId}"]`)).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(card.locator(`.layer-list > ul > li[data-item="${looseId}"]`)).toHaveCount(1);
    expect(await place()).toBe(before);
});

test('a press on an outline holds though the one above it is drawn meanwhile', async ({ page }) => {
    await openDemo(page, 'Two outlines');
    const [above, below] = [page.locator('#reel [data-card]').nth(0), page.locator('#reel [data-card]').nth(1)];
    let answer = (): void => undefined;
    const held = new Promise<void>((go) => (answer = go));
    await page.route(`**/outline/${(await above.getAttribute('data-card'))!}`, async (route) => {
        const response = await route.fetch();
        await held;
        await route.fulfill({ response });
    });
    await below.locator('summary').scrollIntoViewIfNeeded();
    const late = page.waitForResponse(/\/outline\//);
    await above.locator('summary').evaluate((summary: HTMLElement) => summary.click());
    await page.mouse.move(...(await middle(below.locator('summary'))));
    await page.mouse.down();
    answer();
    await (await late).finished();
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
    await page.mouse.up();
    await expect(below.locator('details')).toHaveAttribute('open', '');
    await expect(above.locator('[data-item]').first()).toBeVisible();
    await expect(below.locator('[data-item]').first()).toBeVisible();
});

test('a layer is renamed in the outline, and Escape keeps its name', async ({ page }) => {
    await openDemo(page, 'Renames');
    await near(page, 'Booked');
    const card = page.locator('[data-card=booked]');
    await card.locator('summary').click();
    const name = card.locator('.layer-list .item-name').first();
    const was = await name.textContent();
    await name.dblclick();
    await page.keyboard.type('Not this');
    await page.keyboard.press('Escape');
    await expect(name).toHaveText(was!);
    await name.dblclick();
    await page.keyboard.type('Seal <b>&');
    await page.keyboard.press('Enter');
    await expect(name).toHaveText('Seal <b>&');
    await saved(page);
    await page.reload();
    await card.locator('summary').click();
    await expect(name).toHaveText('Seal <b>&');
});

test('screens are reordered in the reel, and a rehearsal starts where told', async ({ page }) => {
    await openDemo(page, 'Order');
    const names = page.locator('[data-card] .name');
    const before = await names.allTextContents();
    await page.locator('[data-card=wheel] .name').dragTo(page.locator('[data-card=welcome]'), { targetPosition: { x: 20, y: 4 } });
    await expect(names.first()).toHaveText('Book a wheel');
    await saved(page);
    await expect(page.locator('[data-card=welcome] .entry:not(.found)')).toBeVisible();
    await near(page, 'Book a wheel');
    await page.getByRole('button', { name: /start/i }).click();
    await expect(page.locator('[data-card=wheel] .entry:not(.found)')).toBeVisible();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(names).toHaveText(before);
});

test('pictures of the reel come a few at a time, and what the hand asks for does not wait for them', async ({ page }) => {
    // A server that takes its time with each of them.
    let held: Route[] = [];
    let slow = false;
    await page.route('**/thumbnail?*', (route) => (slow ? void held.push(route) : route.continue()));
    const quick = async (): Promise<void> => {
        slow = false;
        await Promise.all(held.map((route) => route.continue()));
        held = [];
    };
    await openDemo(page, 'Pictures');
    const wall = page.url();
    await page.goto('about:blank');
    slow = true;
    await page.goto(wall);
    await expect.poll(() => held.length).toBe(2);
    await near(page, 'Glaze library');
    expect(held.length).toBe(2);
    await quick();
    const picture = page.locator('[data-card=glazes] img');
    const address = (): Promise<string | null> => picture.getAttribute('data-small');
    const ratio = (): Promise<number> => picture.evaluate((image: HTMLImageElement) => image.naturalHeight / image.naturalWidth);
    await expect.poll(ratio).toBeCloseTo(844 / 390, 2);

    // Of a screen that changes while its picture is drawn, the last one comes after it; until then the old one is seen.
    slow = true;
    const old = await address();
    const ofIt = (): number => held.filter((route) => route.request().url().includes('/glazes/')).length;
    await setField(page, 'W', '400');
    await expect.poll(ofIt).toBe(1);
    const first = await address();
    expect(first).not.toBe(old);
    await setField(page, 'W', '410');
    await setField(page, 'W', '420');
    await expect.poll(address).not.toBe(first);
    expect(ofIt()).toBe(1);
    expect(await ratio()).toBeCloseTo(844 / 390, 2);
    await quick();
    await expect.poll(ratio).toBeCloseTo(844 / 420, 2);
});

test('projects are searched, renamed, duplicated, deleted and brought back', async ({ page }) => {
    const name = `Shelf ${Date.now()}`;
    await openDemo(page, name);
    await page.goto('/');
    const card = page.locator('[data-project]', { has: page.locator('a', { hasText: name }) });
    await page.getByLabel('Search projects').fill(name.slice(0, 12));
    await expect(card.first()).toBeVisible();
    await expect(page.locator('[data-project]', { hasText: 'Fernhollow Pottery' })).toHaveCount(0);
    await expect.poll(() => card.first().locator('img').evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(50);
    await card.first().getByRole('button', { name: 'Rename' }).click();
    await page.locator('#rename-project input[name=name]').fill(`${name} renamed`);
    await page.locator('#rename-project').getByRole('button', { name: 'Rename' }).click();
    const renamed = page.locator('[data-project]', { hasText: `${name} renamed` });
    await expect(renamed).toHaveCount(1);
    await renamed.getByRole('button', { name: 'Duplicate' }).click();
    await expect(page.getByRole('status')).toContainText('was duplicated as');
    await expect(renamed).toHaveCount(2);
    await renamed.first().getByRole('button', { name: 'Delete' }).click();
    await expect(renamed).toHaveCount(1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(renamed).toHaveCount(2);
    await page.getByLabel('Search projects').fill('no such name');
    await expect(page.locator('#projects')).toContainText('No project’s name holds “no such name”.');
});

test('what is searched for on the shelf before its scripts are there is found', async ({ page }) => {
    await enter(page);
    let loaded = (): void => undefined;
    const typed = new Promise<void>((go) => (loaded = go));
    await page.route(/\/build\/.*pages.*\.js$/, async (route) => {
        await typed;
        await route.continue();
    });
    await page.goto('/', { waitUntil: 'commit' });
    await page.getByLabel('Search projects').fill('no such name');
    loaded();
    await expect(page.locator('#projects')).toContainText('No project’s name holds “no such name”.');
});

test('a card that is pressed before the scripts of the wall are there is shown', async ({ page }) => {
    await openDemo(page, 'Pressed early');
    let loaded = (): void => undefined;
    const pressed = new Promise<void>((go) => (loaded = go));
    await page.route(/\/build\/.*wall.*\.js$/, async (route) => {
        await pressed;
        await route.continue();
    });
    await page.reload({ waitUntil: 'commit' });
    await page.locator('[data-card]', { hasText: 'Glaze library' }).locator('[data-open-screen]').click();
    loaded();
    await expect(page.locator('#facets .subject input')).toHaveValue('Glaze library');
});

test('a file that is no project is refused in words, and nothing of it is on the shelf', async ({ page }) => {
    allowError(/422/);
    await enter(page);
    await pickFile(page, 'broken.json', { format: 'kindred-canvas', version: 1, name: 'Broken pottery', screens: [{ id: 'one1' }] });
    await expect(page.getByRole('alert').first()).toContainText('screens[0]');
    await page.goto('/');
    await expect(page.locator('[data-project]').first()).toBeVisible();
    await expect(page.locator('[data-project]', { hasText: 'Broken pottery' })).toHaveCount(0);
});

test('hand over gives every screen, and the pass of one’s own page is not needed to see it', async ({ page }) => {
    await openDemo(page, 'Files');
    await page.getByRole('link', { name: 'Hand over' }).click();
    for (const [kind, start] of [['svg', '<svg'], ['png', '\x89PNG']] as const) {
        const [download] = await Promise.all([page.waitForEvent('download'), page.locator(`a[href*="kiln.${kind}"]`).first().click()]);
        const stream = await download.createReadStream();
        const first = await new Promise<Buffer>((done) => stream.once('data', done));
        expect(first.subarray(0, 4).toString('latin1')).toBe(start);
        expect(download.suggestedFilename()).toMatch(/^Kiln status/);
    }
    await expect(screen(page, 'Kiln status')).toHaveCount(0);
});

test('a picture that is there already is drawn anew once its screen has rested, and then as the screen is by then', async ({ aside: page }) => {
    await openDemo(page, 'Resting');
    const picture = page.locator('[data-card=welcome] img');
    await expect(picture).toHaveAttribute('src', /^blob:/);
    const asked: string[] = [];
    await page.route('**/welcome/thumbnail?*', (route) => {
        asked.push(new URL(route.request().url()).search);
        return route.continue();
    });
    await page.clock.install();
    await page.clock.pauseAt(Date.now() + 60_000);
    // As an edit does; resolves when it is known that the picture is seen.
    const changes = (to: string): Promise<void> => picture.evaluate((image: HTMLImageElement, search) => new Promise((go) => {
        image.dataset['small'] = image.dataset['small']!.replace(/\?.*/, search);
        new IntersectionObserver((_, observer) => {
            observer.disconnect();
            go();
        }).observe(image);
    }), to);
    for (const to of ['?r=901', '?r=902', '?r=903']) {
        await changes(to);
        await page.clock.runFor(990);
        expect(asked).toEqual([]);
    }
    await page.clock.runFor(10);
    await expect.poll(() => asked).toEqual(['?r=903']);
    // One that has no picture yet does not wait.
    await picture.evaluate((image: HTMLImageElement) => {
        const other = document.createElement('img');
        other.dataset['small'] = image.dataset['small']!.replace(/\?.*/, '?r=904');
        image.before(other);
    });
    await expect.poll(() => asked).toEqual(['?r=903', '?r=904']);
});
