/** The house style by hand: tokens are made, bound, changed, renamed, taken away, and go out to files that others read. */
import { readFile, writeFile } from 'node:fs/promises';
import { expect, type Locator, type Page } from '@playwright/test';
import StyleDictionary from 'style-dictionary';
import { allowError, at, drag, likeReload, middle, near, openBare, openDemo, pick, saved, screen, setField, test } from './support/hand.ts';

const house = (page: Page): Locator => page.locator('#house');
const row = (page: Page, name: string): Locator => house(page).locator(`[data-token][data-name="${name}"]`);

async function add(page: Page, kind: string, name: string, text: string): Promise<void> {
    const form = house(page).locator('.add');
    await form.getByLabel('Type of the new token').selectOption({ label: kind });
    await form.getByLabel('Name of the new token').fill(name);
    await form.getByLabel('Value of the new token').fill(text);
    await form.getByLabel('Value of the new token').press('Enter');
    await expect(row(page, name)).toHaveCount(1);
}

/** Draws a box on a screen, which is selected then. */
async function box(page: Page, on: Locator, from: [number, number], to: [number, number]): Promise<Locator> {
    const before = await on.locator('[data-kind=box]').count();
    await page.keyboard.press('s');
    await drag(page, await at(on, ...from), await at(on, ...to));
    await expect(on.locator('[data-kind=box]')).toHaveCount(before + 1);
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('box');
    return on.locator('[data-kind=box]').last();
}

/** Chooses a token for a property of what is selected. */
async function bind(page: Page, field: string, token: string): Promise<void> {
    await page.locator(`#facets [data-do=token][data-of="${field}"]`).first().click();
    await page.locator('#token-choices').getByRole('button', { name: token }).click();
    await saved(page);
}

const colours = (layer: Locator): Promise<string[]> => layer.evaluate((one) => [...new Set([...one.querySelectorAll('stop')].map((stop) => stop.getAttribute('stop-color')!))]);

test('a gradient with two colours is a token; where it is used it follows: on the wall, in the reel, in rehearsals and in files', async ({ page }) => {
    const bare = await openBare(page, 'House style');
    await page.getByRole('button', { name: 'House style' }).click();
    await expect(house(page)).toContainText('No tokens yet');
    await add(page, 'Colour', 'colour.clay', '#b4472e');
    await add(page, 'Gradient', 'glow', 'linear-gradient(90deg, #b4472e, #e9c46a)');
    await house(page).getByRole('button', { name: 'Close the house style' }).click();

    const header = await box(page, bare, [0, 0], [390, 90]);
    await bind(page, 'fills.0.paint', 'glow');
    expect(await colours(header)).toEqual(['#b4472e', '#e9c46a']);
    const card = await box(page, bare, [24, 200], [200, 300]);
    await bind(page, 'fills.0.paint', 'glow');
    await expect(page.locator('#facets .bound-to')).toContainText('glow');
    const picture = page.locator('#reel img').first();
    const before = await picture.getAttribute('src');

    // One change of the token, one undo.
    await page.getByRole('button', { name: 'House style' }).click();
    await expect(row(page, 'glow').getByRole('button', { name: /2 uses/ })).toBeVisible();
    await row(page, 'glow').getByLabel('Value of glow').fill('linear-gradient(90deg, #17594f, #a8d5ba)');
    await row(page, 'glow').getByLabel('Value of glow').press('Enter');
    await expect.poll(() => colours(header)).toEqual(['#17594f', '#a8d5ba']);
    expect(await colours(card)).toEqual(['#17594f', '#a8d5ba']);
    await likeReload(page, bare);
    await expect(picture).not.toHaveAttribute('src', before!);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await saved(page);
    expect([await colours(header), await colours(card)]).toEqual([['#b4472e', '#e9c46a'], ['#b4472e', '#e9c46a']]);
    await page.keyboard.press('Control+Shift+z');
    await saved(page);
    expect(await colours(header)).toEqual(['#17594f', '#a8d5ba']);

    const url = page.url().replace(/\/wall.*/, '');
    const svg = await (await page.request.get(`${url}/hand-over/screens/${(await bare.getAttribute('data-screen'))!}.svg`)).text();
    expect(svg).toContain('#a8d5ba');
    await page.getByRole('link', { name: 'Rehearse', exact: true }).click();
    await expect(page.locator('[stop-color="#a8d5ba"]').first()).toBeAttached();
});

test('a property is bound, detached, and let go by a value of its own; a token is made of what there is, and offered where it has the same', async ({ page }) => {
    const bare = await openBare(page, 'Bound');
    await box(page, bare, [40, 40], [160, 120]);
    await setField(page, 'Corners', '14');
    await setField(page, 'Fill', '#a94c31');

    // A token of its colour, made where it stands.
    await page.locator('#facets [data-do=token][data-of="fills.0.paint"]').click();
    await page.locator('#token-choices').getByPlaceholder('Name of a new token').fill('colour.brick');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(page.locator('#facets .bound-to')).toContainText('colour.brick');

    // Another box of the same colour is offered it.
    const other = await box(page, bare, [200, 40], [300, 120]);
    await setField(page, 'Fill', '#a94c31');
    await expect(page.locator('#facets .offered')).toContainText('Fill is what colour.brick says');
    await page.locator('#facets .offered').getByRole('button', { name: 'Bind' }).click();
    await saved(page);
    await expect(page.locator('#facets .bound-to')).toContainText('colour.brick');

    // What gets another value by hand is no longer bound, and comes back with undo.
    await setField(page, 'Fill', '#3f5d4a');
    await expect(page.locator('#facets .bound-to')).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect(page.locator('#facets .bound-to')).toContainText('colour.brick');
    await page.locator('#facets .bound-to').getByRole('button').click();
    await page.locator('#token-choices').getByRole('button', { name: 'Detach' }).click();
    await saved(page);
    await expect(page.locator('#facets .bound-to:not(.offered)')).toHaveCount(0);
    await expect(other.locator('[fill="#a94c31"]').first()).toBeAttached();

    // The first one is still bound: the token is removed, and its place taken by another.
    await page.getByRole('button', { name: 'House style' }).click();
    await add(page, 'Colour', 'colour.moss', '#3f5d4a');
    await row(page, 'colour.brick').getByRole('button', { name: /one use/ }).click();
    await row(page, 'colour.brick').getByLabel('What takes its place').selectOption({ label: 'colour.moss takes its place' });
    await row(page, 'colour.brick').getByRole('button', { name: 'Remove token' }).click();
    await expect(row(page, 'colour.brick')).toHaveCount(0);
    await expect(bare.locator('[data-kind=box] [fill="#3f5d4a"], [data-kind=box][fill="#3f5d4a"]').first()).toBeAttached();

    // What is wrong is said where it was typed.
    allowError(/422/);
    await add(page, 'Colour', 'colour.accent', '{colour.moss}');
    const value = row(page, 'colour.moss').getByLabel('Value of colour.moss');
    await value.fill('{colour.accent}');
    await value.press('Enter');
    await expect(row(page, 'colour.moss').getByRole('alert')).toContainText(/in a circle: “colour\.(moss|accent)” → “colour\.(accent|moss)” →/);
    await expect(value).toHaveAttribute('aria-invalid', 'true');
    await value.press('Escape');
    await expect(value).toHaveValue('#3f5d4a');
    await expect(value).not.toHaveAttribute('aria-invalid');
    await expect(row(page, 'colour.moss').getByRole('alert')).toHaveCount(0);
});

test('type and lengths of the house style lay out anew what is bound to them', async ({ page }) => {
    const bare = await openBare(page, 'Type');
    await page.getByRole('button', { name: 'House style' }).click();
    await add(page, 'Type style', 'type.heading', '700 32px/1.25 Bricolage Grotesque');
    await page.keyboard.press('Escape');
    await page.keyboard.press('t');
    await page.mouse.click(...(await at(bare, 40, 60)));
    await page.keyboard.type('Kiln status');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    const words = bare.locator('[data-kind=text]');
    await pick(page, await middle(words), 'text');
    await bind(page, 'style', 'type.heading');
    const height = async (): Promise<number> => Number((await words.getAttribute('data-box'))!.split(' ')[3]);
    expect(await height()).toBe(40);
    await page.getByRole('button', { name: 'House style' }).click();
    await row(page, 'type.heading').getByLabel('Value of type.heading').fill('400 20px/1.5 Lora');
    await page.keyboard.press('Enter');
    await expect.poll(height).toBe(30);
    await expect(words.locator('[font-family*="Lora"]').first()).toBeAttached();
    // The field shows what it came to, ready to be written anew, and follows undo.
    const value = row(page, 'type.heading').getByLabel('Value of type.heading');
    await expect(value).toBeFocused();
    await page.keyboard.type('400 24px/1.5 Lora');
    await page.keyboard.press('Enter');
    await expect.poll(height).toBe(36);
    await page.keyboard.press('Control+z');
    await expect(value).toHaveValue('400 20px/1.5 Lora');
    await expect.poll(height).toBe(30);
});

test('the background of screens follows a token; all that has a colour is bound to it at once', async ({ page }) => {
    await openDemo(page, 'Backgrounds');
    const today = screen(page, 'Today');
    await near(page, 'Today');
    await expect(page.locator('#facets .bound-to')).toContainText('colour.cream');
    await page.getByRole('button', { name: 'House style' }).click();
    await add(page, 'Colour', 'night', '#1b2a2f');
    // By its name, typed at once.
    await page.locator('#facets [data-do=token][data-of=ground]').first().click();
    await page.keyboard.type('nigt');
    await page.keyboard.press('Enter');
    await expect(page.locator('#token-choices').getByRole('alert')).toHaveText('No token is called so.');
    await page.keyboard.press('Backspace');
    await expect(page.locator('#token-choices').getByRole('alert')).toBeHidden();
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(today.locator('[data-ground]').first()).toHaveAttribute('fill', '#1b2a2f');
    await row(page, 'night').getByLabel('Value of night').fill('#0a0a0a');
    await page.keyboard.press('Enter');
    await expect(today.locator('[data-ground]').first()).toHaveAttribute('fill', '#0a0a0a');

    await add(page, 'Colour', 'brick', '#a8442a');
    await page.getByRole('button', { name: 'Close the house style' }).click();
    await box(page, today, [40, 700], [120, 760]);
    await setField(page, 'Fill', '#a8442a');
    await page.getByRole('button', { name: 'House style' }).click();
    await row(page, 'brick').getByRole('button', { name: /not used; where, and remove/ }).click();
    await row(page, 'brick').getByRole('button', { name: 'Bind it' }).click();
    await saved(page);
    await expect(row(page, 'brick').getByRole('button', { name: 'Bind it' })).toHaveCount(0);
    await row(page, 'brick').getByRole('button', { name: /^Box/ }).first().click();
    await expect(page.locator('#facets .subject input')).toHaveValue(/^Box/);
});

test('tokens go out as a file that another program makes the right CSS of, and come in again', async ({ page }, info) => {
    await openBare(page, 'Tokens out');
    await page.getByRole('button', { name: 'House style' }).click();
    for (const [kind, name, text] of [
        ['Colour', 'colour.clay', '#b4472e'], ['Colour', 'colour.accent', '{colour.clay}'], ['Length', 'space.m', '0.75rem'], ['Easing', 'motion.out', 'ease-out'],
        ['Type style', 'type.heading', '700 28px/1.2 Lora'], ['Shadow', 'shadow.lift', '0 4px 16px #17594f'],
    ] as const) await add(page, kind, name, text);
    const [download] = await Promise.all([page.waitForEvent('download'), house(page).getByRole('link', { name: 'JSON' }).click()]);
    const path = info.outputPath('tokens.json');
    await download.saveAs(path);
    const tokens = JSON.parse(await readFile(path, 'utf8')) as Record<string, Record<string, { $value: unknown }>>;

    const dictionary = new StyleDictionary({
        tokens: structuredClone(tokens) as never, log: { verbosity: 'silent', warnings: 'disabled' },
        platforms: { css: { transformGroup: 'css', files: [{ destination: 'tokens.css', format: 'css/variables', options: { outputReferences: true } }] } },
    });
    const css = String((await dictionary.formatPlatform('css'))[0]!.output);
    for (const line of ['--colour-clay: #b4472e;', '--colour-accent: var(--colour-clay);', '--space-m: 0.75rem;', '--motion-out: cubic-bezier(0, 0, 0.58, 1);', '--type-heading: 700 28px/1.2 Lora;', '--shadow-lift: 0px 4px 16px 0px rgb(9.02% 34.9% 30.98%);']) expect(css).toContain(line);

    // Elsewhere changed and imported again: what it would bring is said first.
    tokens['colour']!['clay']!.$value = '#a94c31';
    tokens['colour']!['moss'] = { $value: '#3f5d4a', $type: 'color' } as never;
    await writeFile(path, JSON.stringify(tokens));
    await page.locator('#house + input[type=file]').setInputFiles(path);
    const dialog = page.getByRole('dialog', { name: 'Import tokens.json' });
    await expect(dialog.getByRole('listitem')).toHaveText(['One new token: colour.moss.', '2 get other values: colour.clay, colour.accent.', '4 are as they are here.']);
    await dialog.getByRole('button', { name: 'Import' }).click();
    await expect(row(page, 'colour.moss')).toHaveCount(1);
    await expect(row(page, 'colour.accent').getByLabel('Value of colour.accent')).toHaveValue('{colour.clay}');
    await expect(row(page, 'colour.clay').getByLabel('Value of colour.clay')).toHaveValue('#a94c31');

    // A file that breaks the format changes nothing, and the place is said.
    allowError(/422/);
    await writeFile(path, JSON.stringify({ space: { l: { $type: 'dimension', $value: { value: 4, unit: 'em' } } } }));
    await page.locator('#house + input[type=file]').setInputFiles(path);
    await expect(page.locator('#toast')).toContainText('space.l.$value.unit: one of these is expected: px, rem');
    await expect(row(page, 'space.l')).toHaveCount(0);
});

test('a dark theme is made of the colours, shown on the wall, on one screen and in a rehearsal, and goes out as a file', async ({ page }, info) => {
    await openDemo(page, 'Themes');
    const [today, welcome] = [screen(page, 'Today'), screen(page, 'Welcome')];
    const ground = (one: Locator): Locator => one.locator('[data-ground]').first();
    const small = page.locator('[data-card]', { hasText: 'Today' }).locator('img').first();
    const before = await small.getAttribute('src');
    await page.getByRole('button', { name: 'House style' }).click();
    await house(page).locator('.new-theme summary').click();
    await page.keyboard.type('Night');
    await page.keyboard.press('Enter');
    await expect(house(page).getByRole('button', { name: 'Night' })).toHaveAttribute('aria-pressed', 'true');
    const cream = row(page, 'colour.cream').getByLabel('Value of colour.cream');
    await expect(cream).not.toHaveValue('#f6efe6');
    // One of its values by hand; where it says nothing it is as without it.
    await expect(ground(today)).toHaveAttribute('fill', '#f6efe6');
    await cream.fill('#141210');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(ground(today)).toHaveAttribute('fill', '#f6efe6');
    await page.getByRole('button', { name: 'Show on the wall' }).click();
    await saved(page);
    await expect(ground(today)).toHaveAttribute('fill', '#141210');
    await expect.poll(() => small.getAttribute('src')).not.toBe(before);
    await row(page, 'colour.clay').getByRole('button', { name: 'colour.clay: as without a theme' }).click();
    await saved(page);
    await expect(welcome.locator('[fill="#a94c31"]').first()).toBeAttached();
    await likeReload(page, welcome);

    // One screen without a theme.
    await near(page, 'Welcome');
    await page.getByLabel('Theme', { exact: true }).selectOption({ label: 'none' });
    await saved(page);
    await expect(ground(welcome)).toHaveAttribute('fill', '#f6efe6');
    await expect(ground(today)).toHaveAttribute('fill', '#141210');
    // What is copied from there onto a dark screen is dark.
    await pick(page, await at(welcome, 100, 480), 'text');
    const ink = await welcome.locator('text', { hasText: 'Hands in clay' }).getAttribute('fill');
    await page.keyboard.press('Control+c');
    await near(page, 'Today');
    await page.keyboard.press('Control+v');
    await saved(page);
    await expect(today.locator('text', { hasText: 'Hands in clay' })).toHaveCount(1);
    expect(await today.locator('text', { hasText: 'Hands in clay' }).getAttribute('fill')).not.toBe(ink);

    const [download] = await Promise.all([page.waitForEvent('download'), house(page).getByRole('link', { name: 'JSON' }).click()]);
    const path = info.outputPath('resolver.json');
    await download.saveAs(path);
    const resolver = JSON.parse(await readFile(path, 'utf8')) as { modifiers: { theme: { contexts: Record<string, { colour: { cream: { $value: { hex: string } } } }[]> } } };
    expect(resolver.modifiers.theme.contexts['Night']![0]!.colour.cream.$value.hex).toBe('#141210');

    await page.getByRole('link', { name: 'Rehearse' }).click();
    const played = page.locator('.pane:not(.waiting) svg > rect').first();
    await page.locator('[data-theme]').selectOption({ label: 'Night' });
    await page.waitForURL(/theme=/);
    await expect(played).toHaveAttribute('fill', '#141210');
    await page.locator('[data-theme]').selectOption({ label: 'none' });
    await page.waitForURL(/theme=base/);
    await expect(played).toHaveAttribute('fill', '#f6efe6');
});

test('the house style opens beside a rehearsal, a hand-over and a brief, which follow', async ({ page }) => {
    await openDemo(page, 'Beside');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(page.locator('.screen-now')).toHaveText('Welcome');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.locator('.screen-now')).toHaveText('Book a wheel');
    const pressed = (): Promise<string[]> => page.locator('.pane[data-screen=wheel]').evaluate((pane) => [...pane.querySelectorAll('[fill]')].map((one) => one.getAttribute('fill')!));
    await page.getByRole('button', { name: 'House style' }).click();
    const clay = row(page, 'colour.clay').getByLabel('Value of');
    await clay.fill('#2a6fdb');
    await clay.press('Enter');
    await expect.poll(pressed).toContain('#2a6fdb');
    await expect(page.locator('.screen-now')).toHaveText('Book a wheel');
    // What cannot be is said where it was typed, and keys are those of the drawer.
    allowError(/422/);
    await clay.fill('restart');
    await clay.press('Enter');
    await expect(row(page, 'colour.clay').getByRole('alert')).toContainText('is not a colour');
    await clay.press('Escape');
    await clay.press('Control+z');
    await expect(clay).toHaveValue('#a94c31');
    await expect.poll(pressed).not.toContain('#2a6fdb');
    await expect(page.locator('.screen-now')).toHaveText('Book a wheel');
    await clay.press('Escape');
    await expect(house(page)).toBeHidden();
    await page.getByRole('button', { name: 'Return' }).click();
    await expect(page.locator('.screen-now')).toHaveText('Welcome');

    await page.getByRole('link', { name: 'Hand over' }).click();
    const small = page.locator('[data-export] img').first();
    await expect(small).toHaveAttribute('src', /^blob:/);
    const before = await small.getAttribute('src');
    await page.getByRole('button', { name: 'House style' }).click();
    await clay.fill('#33aa55');
    await clay.press('Enter');
    await expect(small).not.toHaveAttribute('src', before!);
    await expect(small).toHaveAttribute('src', /^blob:/);

    await page.getByRole('link', { name: 'Brief' }).click();
    await page.getByRole('button', { name: 'House style' }).click();
    await expect(clay).toHaveValue('#33aa55');
    await row(page, 'colour.clay').getByRole('button', { name: /uses; where/ }).click();
    await house(page).locator('[data-house=go]').first().click();
    await expect(page.locator('article.screen')).toHaveCount(7);
});

test('widgets are dressed by the house style, on every screen in the theme that it shows', async ({ page }) => {
    const one = await openBare(page, 'Dressed');
    await page.getByRole('button', { name: 'House style' }).click();
    await add(page, 'Colour', 'brand', '#b4472e');
    await add(page, 'Length', 'radius.button', '2px');
    await page.getByRole('button', { name: 'Close the house style' }).click();
    await page.keyboard.press('k');
    const kit = page.locator('#kit');
    await expect(kit.locator('[data-widget=button] svg')).toBeVisible();
    await page.locator('#kit-search').fill('button');
    await page.keyboard.press('Enter');
    await page.mouse.click(...await at(one, 120, 300));
    await saved(page);
    const button = one.locator('[data-kind=widget]');
    await expect(button.locator('[fill="#1f6b5c"]')).toHaveCount(1);

    await page.getByRole('button', { name: 'House style' }).click();
    await house(page).locator('#house-dressing summary').click();
    await house(page).getByLabel('Accent').selectOption({ label: 'brand' });
    await saved(page);
    await expect(button.locator('[fill="#b4472e"]')).toHaveCount(1);
    await expect(page.locator('#kit [data-widget=button] [fill="#b4472e"]').first()).toBeAttached();
    await house(page).getByLabel('Corners').selectOption({ label: 'radius.button' });
    await saved(page);
    await expect(button.locator('rect[rx="2"]').first()).toBeAttached();
    await row(page, 'brand').getByLabel('Value of brand').fill('#17594f');
    await page.keyboard.press('Enter');
    await expect(button.locator('[fill="#17594f"]')).toHaveCount(1);
    await likeReload(page, one);

    // Another colour in a theme, which only this screen shows.
    await house(page).locator('.new-theme summary').click();
    await page.keyboard.type('Night');
    await house(page).locator('.new-theme').getByRole('button', { name: 'Add' }).click();
    await expect(house(page).getByRole('button', { name: 'Night' })).toHaveAttribute('aria-pressed', 'true');
    await row(page, 'brand').getByLabel('Value of brand').fill('#e08a6f');
    await page.keyboard.press('Enter');
    await saved(page);
    // By its card: the drawer and the kit may lie over its name.
    await near(page, 'Screen 1');
    await page.getByLabel('Theme', { exact: true }).selectOption({ label: 'Night' });
    await saved(page);
    await expect(button.locator('[fill="#e08a6f"]')).toHaveCount(1);
    for (let i = 0; i < 2; i++) await page.locator('[data-act=undo]').click();
    await saved(page);
    await expect(button.locator('[fill="#17594f"]')).toHaveCount(1);
});

test('a whole look is computed from a colour, seen on the screens, and taken as one step', async ({ page }) => {
    await openDemo(page, 'Look');
    const today = screen(page, 'Today');
    const ground = today.locator('[data-ground]').first();
    await page.getByRole('button', { name: 'House style' }).click();
    await page.getByRole('button', { name: 'From a colour' }).click();
    const dialog = page.locator('#house-scheme');
    await expect(dialog.locator('.pictures svg')).toHaveCount(6);
    await page.keyboard.type('#2563eb');
    await page.keyboard.press('Enter');
    await expect(dialog.locator('[data-shows]').nth(-2)).toBeVisible();
    await dialog.getByLabel('Corners').selectOption('sharp');
    await expect(dialog.locator('[data-said]')).toHaveText(/tokens change/);
    await expect(ground).toHaveAttribute('fill', '#f6efe6');
    await dialog.getByLabel('Colours', { exact: true }).selectOption('lively');
    // Taken before it is shown.
    await dialog.getByRole('button', { name: 'Take it' }).click();
    await saved(page);
    await expect(ground).not.toHaveAttribute('fill', '#f6efe6');
    await expect(row(page, 'colour.clay').getByLabel('Value of colour.clay')).toHaveValue(/^#2\w{5}$/);
    await page.locator('[data-act=undo]').click();
    await expect(ground).toHaveAttribute('fill', '#f6efe6');
});

test('the motion of a cue and the face of words follow tokens', async ({ page }) => {
    await openDemo(page, 'Motion');
    const welcome = screen(page, 'Welcome');
    await near(page, 'Welcome');
    await pick(page, await at(welcome, 195, 708), 'group');
    const duration = page.locator('#facets [data-cue-field="actions.0.transition.duration"]');
    await duration.hover();
    await page.locator('#facets').getByRole('button', { name: 'Duration: bind to a token' }).click();
    await page.locator('#token-choices').getByRole('button', { name: 'motion.quick' }).click();
    await saved(page);
    await expect(duration).toHaveValue('180');
    await page.getByRole('button', { name: 'House style' }).click();
    await row(page, 'motion.quick').getByLabel('Value of motion.quick').fill('0.4s');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(duration).toHaveValue('400');
    // By hand it is let go.
    await duration.fill('250');
    await duration.press('Enter');
    await saved(page);
    await expect(page.locator('#facets').getByRole('button', { name: 'Duration: bind to a token' })).toHaveCount(1);

    await add(page, 'Family', 'face.head', 'Lora');
    await pick(page, await at(welcome, 100, 480), 'text');
    await page.locator('#facets').getByRole('button', { name: 'Family: bind to a token' }).click();
    await page.locator('#token-choices').getByRole('button', { name: 'face.head' }).click();
    await saved(page);
    await expect(page.locator('#f-style-family')).toHaveValue('Lora');
});
