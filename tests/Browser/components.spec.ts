/** Components by hand: designed once, used many times, each with words and a state of its own. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, box, drag, enter, extent, importFile, heldBack, likeReload, middle, openBare, openDemo, near, paste, pick, saved, screen, setField, still, test } from './support/hand.ts';

const facets = (page: Page): Locator => page.locator('#facets');
const sheet = (page: Page): Locator => page.locator('article.screen[data-sheet]');
const uses = (page: Page): Locator => screen(page, 'Screen 1').locator('[data-kind=instance]');

async function type(page: Page, field: Locator, value: string): Promise<void> {
    await field.fill(value);
    await field.press('Enter');
    await saved(page);
}

async function draw(page: Page, svg: string, count: number): Promise<void> {
    await paste(page, svg);
    await expect(screen(page, 'Screen 1').locator('[data-layer]')).toHaveCount(count);
    await saved(page);
}

/** Into what a place shows, as deep as a kind of layer. */
async function into(page: Page, place: Locator, kind: string): Promise<void> {
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    const [x, y] = await middle(place);
    await page.keyboard.down('Control');
    await page.mouse.click(x, y);
    await page.keyboard.up('Control');
    await expect(facets(page).locator('.subject .kind')).toHaveText(kind);
}

test('a switch with two states, twelve times with words of its own; changed once, and each keeps its state when it is played', async ({ page }) => {
    await openBare(page, 'Switches');
    await draw(page, '<svg xmlns="http://www.w3.org/2000/svg" width="200" height="24"><rect width="44" height="24" rx="12" fill="#9aa0a0"/><circle cx="12" cy="12" r="9" fill="#ffffff"/><text x="56" y="17" font-family="Hanken Grotesk" font-size="15" fill="#1e2223">Label</text></svg>', 3);
    await page.keyboard.press('Shift+K');
    await saved(page);
    await expect(uses(page)).toHaveCount(1);
    await expect(facets(page).getByLabel('Name of the layer')).toHaveValue('Component');
    await facets(page).getByRole('button', { name: 'Go to it' }).click();
    await type(page, facets(page).getByLabel('Name of the component'), 'Switch');
    await expect(sheet(page).locator('.screen-name')).toHaveText('Switch');

    // A state, in which the ground is green and the knob lies on the right.
    await type(page, facets(page).getByLabel('Add', { exact: true }).first(), 'On');
    const on = sheet(page).locator('[data-kind=instance]');
    await expect(on).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Shift+F');
    await into(page, on.locator('[data-kind=box]'), 'box');
    await expect(facets(page)).toContainText('a change is one of the state “On”');
    await type(page, facets(page).locator('#f-fills-0-paint'), '#17594f');
    await into(page, on.locator('[data-kind=ellipse]'), 'ellipse');
    await setField(page, 'X', '23');
    await expect(on.locator('[data-kind=ellipse]')).toHaveAttribute('data-box', /^23 /);
    const design = sheet(page).locator('[data-kind=group]').first();
    await expect(design.locator('[data-kind=ellipse]')).toHaveAttribute('data-box', /^3 /);

    // A tap turns it.
    await into(page, design.locator('[data-kind=box]'), 'box');
    await page.keyboard.press('Shift+Enter');
    await facets(page).getByRole('button', { name: 'On tap, change its state' }).click();
    await saved(page);
    await expect(facets(page).locator('.cue').getByLabel('To', { exact: true })).toContainText('State: the next');
    await type(page, facets(page).locator('.cue').getByLabel('Duration ms'), '4000');

    // Twelve of them, each with its own text.
    await page.keyboard.press('Escape');
    await near(page, 'Screen 1');
    await pick(page, await middle(uses(page).first().locator('[data-kind=box]')), 'instance');
    for (let n = 1; n <= 12; n++) {
        if (n > 1) {
            await page.keyboard.press('Control+d');
            await expect(uses(page)).toHaveCount(n);
        }
        await setField(page, 'X', '24');
        await setField(page, 'Y', String(20 + 50 * n));
        await type(page, facets(page).getByLabel('Label', { exact: true }), `Kiln ${n}`);
        await page.keyboard.press('Escape');
        if (n < 12) await pick(page, await middle(uses(page).last().locator('[data-kind=box]')), 'instance');
    }
    await expect(uses(page).locator('[data-kind=text]')).toHaveText(Array.from({ length: 12 }, (_, i) => `Kiln ${i + 1}`));

    // Changed once, all follow; the words stay, and what differs in the state.
    await near(page, 'Switch');
    await into(page, design.locator('[data-kind=box]'), 'box');
    await setField(page, 'Corners', '5');
    await type(page, facets(page).locator('#f-fills-0-paint'), '#c9b8a0');
    await expect(uses(page).locator('rect[rx="5"][fill="#c9b8a0"]')).toHaveCount(12);
    await expect(on.locator('rect[rx="5"][fill="#17594f"]')).toHaveCount(1);
    await expect(uses(page).locator('[data-kind=text]')).toHaveText(Array.from({ length: 12 }, (_, i) => `Kiln ${i + 1}`));

    // Played, each for itself.
    await near(page, 'Screen 1');
    await page.keyboard.press('r');
    const played = page.locator('#rehearsal [data-turns]');
    await expect(played).toHaveCount(12);
    const turned = (): Promise<number[]> => played.evaluateAll((all) => all.flatMap((one, i) => (one.querySelector(':scope > [data-states]:not([display=none]) rect[fill="#17594f"]') ? [i + 1] : [])));
    expect(await turned()).toEqual([]);
    for (const n of [2, 5, 11]) await page.mouse.click(...await middle(played.nth(n - 1).locator(':scope > [data-states]:not([display=none]) [data-layer] rect').last()));
    await expect.poll(turned).toEqual([2, 5, 11]);
    // They move there: the ground through its colours, as it was worked out beforehand.
    const ways = await page.evaluate(() => document.getAnimations().map((one) => (one.effect as KeyframeEffect).getKeyframes().map((frame) => frame['fill']).filter(Boolean).join(' ')));
    expect(ways.filter((way) => /^(rgb\(\d+, \d+, \d+\) ?){9}$/.test(way))).toHaveLength(3);
    await page.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await expect(page.locator('#rehearsal .flight')).toHaveCount(0);
    await page.mouse.click(...await middle(played.nth(4).locator(':scope > [data-states]:not([display=none]) [data-layer] rect').last()));
    await expect.poll(turned).toEqual([2, 11]);
    // Each says what it said.
    await expect(played.nth(1).locator(':scope > [data-states]:not([display=none])')).toContainText('Kiln 2');
});

test('states are typed one after another, along the axis that the first of them has made', async ({ page }) => {
    await openBare(page, 'Quick states');
    await draw(page, '<svg xmlns="http://www.w3.org/2000/svg" width="44" height="24"><rect width="44" height="24"/><rect x="4" y="4" width="9" height="9"/></svg>', 2);
    await page.keyboard.press('Shift+K');
    await expect(uses(page)).toHaveCount(1);
    await facets(page).getByRole('button', { name: 'Go to it' }).click();
    await expect(sheet(page)).toHaveCount(1);
    const go = await heldBack(page, /\/facets\?/);
    await facets(page).getByLabel('Add', { exact: true }).first().click();
    // The first two before the facets show any, the third while they do.
    await page.keyboard.type('Pressed');
    await page.keyboard.press('Enter');
    await page.keyboard.type('Busy');
    await page.keyboard.press('Enter');
    await page.keyboard.type('Of');
    await go();
    await expect(facets(page).getByLabel('Name of state Busy')).toBeVisible();
    await page.keyboard.type('f');
    await page.keyboard.press('Enter');
    await expect(facets(page).locator('[data-state]')).toHaveCount(4);
    expect(await facets(page).locator('[data-state]').evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))).toEqual(['Usual', 'Pressed', 'Busy', 'Off']);
    await expect(facets(page).locator('[data-axis-name]:not([data-state])')).toHaveCount(1);
});

test('what is typed for an instance is its own, though the facets still show the one before', async ({ page }) => {
    await openBare(page, 'Quick hands');
    await draw(page, '<svg xmlns="http://www.w3.org/2000/svg" width="200" height="24"><rect width="44" height="24"/><text x="56" y="17" font-family="Hanken Grotesk" font-size="15">Label</text></svg>', 2);
    await page.keyboard.press('Shift+K');
    await expect(uses(page)).toHaveCount(1);
    const label = facets(page).getByLabel('Label', { exact: true });
    await type(page, label, 'Kiln 1');
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets:not([aria-busy])')).toBeVisible();

    // The facets of the second one do not come until its words have been typed.
    const go = await heldBack(page, /\/facets\?/);
    await page.keyboard.press('Control+d');
    await expect(uses(page)).toHaveCount(2);
    await setField(page, 'Y', '400');
    await type(page, label, 'Kiln 2');
    await expect(page.locator('#facets[aria-busy]')).toBeVisible();
    await go();
    await expect(page.locator('#facets:not([aria-busy])')).toBeVisible();
    await expect(label).toHaveValue('Kiln 2');
    await page.keyboard.press('Escape');
    await saved(page);
    await expect(uses(page).locator('[data-kind=text]')).toHaveText(['Kiln 1', 'Kiln 2']);
});

test('a component is placed from the kit, written in where it stands, exchanged, released, and deleted with what uses it', async ({ page }) => {
    await openDemo(page, 'Buttons');
    await near(page, 'Welcome');
    await pick(page, await at(screen(page, 'Welcome'), 60, 700), 'group');
    await page.keyboard.press('Shift+K');
    await saved(page);
    const button = screen(page, 'Welcome').locator('[data-kind=instance]');
    await expect(button).toHaveCount(1);
    // Its cue stays its own: the thread leaves from it.
    await expect(button).toHaveAttribute('data-cues', />wheel$/);

    // From the kit onto another screen, and written in there: the others keep their words.
    await near(page, 'Booked');
    await page.keyboard.press('k');
    await page.locator('#kit [data-widget^=component-]').click();
    const booked = screen(page, 'Booked');
    await page.mouse.click(...await at(booked, 200, 120));
    const placed = booked.locator('[data-kind=instance]');
    await expect(placed).toHaveCount(1);
    await saved(page);
    // Drawn, it takes the size that it was drawn in.
    await page.locator('#kit [data-widget^=component-]').click();
    await drag(page, await at(booked, 40, 640), await at(booked, 190, 700), ['Control']);
    await expect(placed).toHaveCount(2);
    await saved(page);
    expect((await box(placed.last())).map(Math.round)).toEqual([40, 640, 150, 60, 0]);
    await page.keyboard.press('Control+z');
    await expect(placed).toHaveCount(1);
    await page.keyboard.press('Escape');
    await into(page, placed.locator('[data-kind=text]'), 'text');
    await page.keyboard.press('Enter');
    await expect(page.locator('#writing')).toBeVisible();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Add to calendar');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await expect(placed.locator('[data-kind=text]')).toHaveText('Add to calendar');
    await expect(button.locator('[data-kind=text]')).toHaveText('Book a wheel');

    // What it has for itself is told, and given up.
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await pick(page, await middle(placed), 'instance');
    await facets(page).getByRole('button', { name: /as the component has it$/ }).click();
    await saved(page);
    await expect(placed.locator('[data-kind=text]')).toHaveText('Book a wheel');

    // Deleted, its instances become layers; taken back, they are instances again.
    await facets(page).getByRole('button', { name: 'Go to it' }).click();
    await expect(facets(page).locator('#facet-uses .gist')).toHaveText('2');
    // Instances of one name are told apart by what they say.
    await expect(facets(page).locator('#facet-uses li').first()).toContainText('“Book a wheel”');
    await facets(page).getByLabel('Delete', { exact: true }).selectOption('release');
    await saved(page);
    await expect(sheet(page)).toHaveCount(0);
    await expect(placed).toHaveCount(0);
    await expect(booked.locator('[data-kind=text]', { hasText: 'Book a wheel' })).toHaveCount(1);
    await likeReload(page, booked);
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(sheet(page)).toHaveCount(1);
    await expect(placed).toHaveCount(1);
    await expect(placed.locator('[data-kind=text]')).toHaveText('Book a wheel');
});

test('an instance is gone into by pressing twice, its words end with a press elsewhere and are its own; in a state a colour becomes a token', async ({ page }) => {
    await openBare(page, 'Glaze cards');
    await draw(page, '<svg xmlns="http://www.w3.org/2000/svg" width="350" height="140"><rect width="350" height="140" fill="#f3eadd"/><text x="20" y="40" font-family="Hanken Grotesk" font-size="22">Celadon</text></svg>', 2);
    await page.keyboard.press('Shift+K');
    await expect(uses(page)).toHaveCount(1);
    await saved(page);
    await page.keyboard.press('Control+d');
    await expect(uses(page)).toHaveCount(2);
    await saved(page);
    await page.keyboard.press('ArrowDown');
    for (let i = 0; i < 19; i++) await page.keyboard.press('Shift+ArrowDown');
    await saved(page);
    await page.keyboard.press('Escape');

    // Words are written at once, however deep they lie; whoever presses again on a box leaves it a box.
    const words = uses(page).nth(1).locator('[data-kind=text]');
    await page.mouse.dblclick(...await middle(words));
    await page.keyboard.type('Tenmoku');
    await page.keyboard.press('Escape');
    await saved(page);
    await expect(facets(page).locator('.subject .kind')).toHaveText('text');
    await page.mouse.click(...await at(screen(page, 'Screen 1'), 200, 700));
    await expect(uses(page).locator('[data-kind=text]')).toHaveText(['Celadon', 'Tenmoku']);
    const ground = uses(page).first().locator('[data-kind=box]');
    for (let i = 0; i < 3; i++) {
        const { x, y, width, height } = (await ground.boundingBox())!;
        await page.mouse.dblclick(x + width * 0.8, y + height * 0.8);
        await expect(facets(page).locator('.subject .kind')).toHaveText('box');
    }

    // On its sheet a state gets a colour, which becomes a token and is changed in the drawer; the design keeps its own.
    await page.keyboard.press('Alt+k');
    await expect(facets(page).locator('.subject .kind')).toHaveText('component');
    await type(page, facets(page).getByPlaceholder('a state: pressed …'), 'chosen');
    await page.keyboard.press('Escape');
    const state = sheet(page).locator('[data-kind=instance]');
    await expect(state).toHaveCount(1);
    await still(page);
    const { x, y, width, height } = await extent(state);
    await page.mouse.dblclick(x + width * 0.8, y + height * 0.8);
    await expect(facets(page).locator('.subject .kind')).toHaveText('box');
    await setField(page, 'Fill', '#2f4a3c');
    await facets(page).locator('[data-do=token][data-of="fills.0.paint"]').first().click();
    await page.keyboard.type('chosen');
    await page.keyboard.press('Enter');
    await expect(facets(page).locator('.bound-to')).toContainText('chosen');
    await page.locator('[data-act=house]').click();
    await type(page, page.getByLabel('Value of chosen'), '#0a7a8c');
    await expect(state.locator('[fill="#0a7a8c"]')).toHaveCount(1);
    await expect(sheet(page).locator('[fill="#f3eadd"]')).toHaveCount(1);
    await expect(uses(page).locator('[fill="#f3eadd"]')).toHaveCount(2);
    await page.locator('[data-act=undo]').click();
    await expect(state.locator('[fill="#2f4a3c"]')).toHaveCount(1);
    await likeReload(page, sheet(page));
});

test('a row that opens while it is played pushes down what lies below, and its card grows', async ({ page }) => {
    const words = (id: string, said: string, more: object = {}): object => ({ id, kind: 'text', name: said, words: said, x: 0, y: 0, style: { family: 'Hanken Grotesk', weight: 400, size: 16, lineHeight: 1.5 }, ...more });
    const phone = { device: 'phone', width: 390, height: 844, view: 844, ground: '#ffffff' };
    const column = { kind: 'stack', direction: 'column', height: 0, sizing: { width: 'length', height: 'content' } };
    await enter(page);
    await importFile(page, 'rows.json', { format: 'kindred-canvas', version: 2, name: 'Questions', entry: 'asked', screens: [
        { ...phone, id: 'asked', name: 'Asked', x: 0, y: 0, layers: [{ ...column, id: 'card', name: 'Card', x: 24, y: 60, width: 342, rowGap: 8, fills: [{ colour: '#f3eadd' }], children: [
            { id: 'opens', kind: 'instance', name: 'Opens', component: 'question', x: 0, y: 0, overrides: { asks: { words: 'When does it open?' } } },
            { id: 'costs', kind: 'instance', name: 'Costs', component: 'question', x: 0, y: 0, overrides: { asks: { words: 'What does it cost?' } } },
            words('below', 'Come in by the yard'),
        ] }] },
        { ...phone, id: 'question', name: 'Question', x: 0, y: 1000, component: { root: 'row0', axes: [{ id: 'fold', name: 'Fold', states: [{ id: 'shut', name: 'Shut' }, { id: 'open', name: 'Open' }] }], overrides: [{ in: { fold: 'open' }, layers: { says: { hidden: false } } }] },
            layers: [{ ...column, id: 'row0', name: 'Row', x: 24, y: 24, width: 300, cues: [{ id: 'folds', trigger: { kind: 'tap' }, action: { kind: 'state', axis: 'fold' }, transition: { kind: 'cut' } }], children: [words('asks', 'Question'), words('says', 'Ask at the desk', { hidden: true })] }] },
    ] });
    await page.getByRole('link', { name: 'Rehearse' }).click();
    const shown = page.locator('#rehearsal');
    const place = async (layer: string): Promise<number> => Math.round((await extent(shown.locator(`[data-layer=${layer}]`))).y);
    const high = async (): Promise<number> => Math.round((await extent(shown.locator('[data-layer=card] > rect[fill="#f3eadd"]'))).height);
    const [below, costs, height] = [await place('below'), await place('costs'), await high()];
    const line = (await extent(shown.locator('[data-layer=below]'))).height;
    const by = async (): Promise<number[]> => [await place('costs') - costs, await place('below') - below, await high() - height].map((px) => Math.round(px / line));
    const tap = async (layer: string): Promise<void> => page.mouse.click(...await middle(shown.locator(`[data-layer=${layer}] g:not([display=none]) > [data-layer^=row0]`).first()));
    await tap('opens');
    await expect.poll(by).toEqual([1, 1, 1]);
    await tap('costs');
    await expect.poll(by).toEqual([1, 2, 2]);
    await tap('opens');
    await expect.poll(by).toEqual([0, 1, 1]);
    await page.getByRole('button', { name: 'Restart' }).click();
    await expect.poll(by).toEqual([0, 0, 0]);
});
