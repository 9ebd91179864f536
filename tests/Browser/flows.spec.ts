/** Whole flows made by hand: a home with three entries and a logo that goes back; a switch in three instances, tabs, and a form that asks. */
import { expect, type Locator, type Page } from '@playwright/test';
import { at, drag, enter, exportPage, importFile, middle, near, onPhone, saved, screen, test } from './support/hand.ts';

const sized = (id: string, x: number, y: number, layers: object[], more: object = {}): object => ({ id, name: id[0]!.toUpperCase() + id.slice(1), device: 'phone', x, y, width: 390, height: 844, view: 844, ground: '#f8f8f7', layers, ...more });
const box = (id: string, name: string, y: number, more: object = {}): object => ({ id, kind: 'box', name, x: 24, y, width: 342, height: 56, fills: [{ colour: '#17594f' }], ...more });
const logo = (id: string): object => ({ id, kind: 'ellipse', name: 'Logo', x: 16, y: 56, width: 48, height: 48, fills: [{ colour: '#b4472e' }] });

const now = (page: Page): Locator => page.locator('.screen-now');
const layer = (page: Page, id: string): Locator => page.locator(`.pane:not(.waiting) [data-layer="${id}"]`);
const field = (page: Page, name: string): Locator => page.locator(`#facets [data-cue-field="${name}"]`);
const still = (page: Page): Promise<unknown> => page.waitForFunction(() => document.getAnimations().length === 0);

/** Selects, and waits as an eye does until the facets are about it. */
async function take(page: Page, place: [number, number]): Promise<void> {
    await page.mouse.click(...place);
    await expect(page.locator('#facets:not([aria-busy])')).toBeVisible();
}

async function choose(page: Page, name: string, value: string | { label: string }): Promise<void> {
    await field(page, name).selectOption(value);
    await saved(page);
}

type Coming = [number, number, number];
type Recording = Window & { comings: Record<string, Coming> };

/** Each screen that is moved is written down as it sets out: on its way it can no longer be met when the machine is busy. */
const recorded = (page: Page): Promise<void> => page.evaluate(() => {
    const there = window as unknown as Recording;
    const animate = Element.prototype.animate;
    there.comings = {};
    Element.prototype.animate = function (...given) {
        const moving = animate.apply(this, given);
        const { screen } = (this as HTMLElement).dataset;
        const first = (moving.effect as KeyframeEffect).getKeyframes()[0]?.['transform'];
        const part = (axis: string): number => Number(new RegExp(`translate${axis}\\((-?[\\d.]+)%`).exec(String(first))?.[1] ?? 0) / 100;
        if (screen && first) there.comings[screen] ??= [part('X'), part('Y'), Number(moving.effect!.getTiming().duration)];
        return moving;
    };
});

/** Where a screen began that came in, in shares of its size, and how long it takes; all that moved is forgotten. */
async function coming(page: Page, id: string): Promise<Coming> {
    await page.waitForFunction((id) => id in (window as unknown as Recording).comings, id);
    return page.evaluate((id) => {
        const there = window as unknown as Recording;
        const { [id]: one } = there.comings;
        there.comings = {};
        return one!;
    }, id);
}

/** What the rules about flows have found, in words. */
async function found(page: Page): Promise<string[]> {
    const url = page.url().replace(/\/wall.*$/, '/checks');
    return page.evaluate(async (url) => {
        const there = new DOMParser().parseFromString(await (await fetch(url)).text(), 'text/html');
        return [...there.querySelectorAll('.finding .says')].map((one) => one.textContent!).filter((words) => /lead|way|reach|comes|closed|taken off|cue|returns/i.test(words));
    }, url);
}

test('home has three entries, one menu opens on three screens, and the logo goes back as it came', async ({ page, browser }) => {
    await enter(page);
    await importFile(page, 'home.json', { format: 'kindred-canvas', version: 5, name: `Home ${Date.now()}`, entry: 'home', screens: [
        sized('home', 0, 0, [box('tokilns', 'Kilns', 200), box('topieces', 'Pieces', 280), box('toglazes', 'Glazes', 360), box('homemenu', 'Menu', 700)]),
        sized('kilns', 480, 0, [logo('kilnslogo'), box('kilnsmenu', 'Menu', 700)]),
        sized('pieces', 0, 1000, [logo('pieceslogo'), box('piecesmenu', 'Menu', 700)]),
        sized('glazes', 480, 1000, [logo('glazeslogo')]),
        sized('menu', 960, 0, [box('shut', 'Close', 40)], { height: 320, view: 320 }),
    ] });
    await page.keyboard.press('f');
    // Threads are drawn from the knot of what is picked.
    const entry = { kilns: [190, 228], pieces: [190, 308], glazes: [190, 388] } as const;
    for (const [to, [x, y]] of Object.entries(entry)) {
        await take(page, await at(screen(page, 'Home'), x, y));
        const name = to[0]!.toUpperCase() + to.slice(1);
        await drag(page, await middle(page.locator('#overlay .knot circle').last()), await at(screen(page, name), 300, 500));
        await saved(page);
        await expect(field(page, 'actions.0.screen').locator('option:checked')).toHaveText(name);
    }
    // What hangs below comes up, and slower than the others.
    await take(page, await at(screen(page, 'Home'), 190, 308));
    await expect(field(page, 'actions.0.transition.direction')).toHaveValue('up');
    await field(page, 'actions.0.transition.duration').fill('0.6 s');
    await field(page, 'actions.0.transition.duration').press('Enter');
    await saved(page);
    await expect(field(page, 'actions.0.transition.duration')).toHaveValue('600');
    // One logo returns, and gives that to the others.
    await take(page, await at(screen(page, 'Kilns'), 40, 80));
    await page.locator('#facets').getByRole('button', { name: 'On tap, return' }).click();
    await saved(page);
    await page.keyboard.press('Escape');
    await take(page, await at(screen(page, 'Kilns'), 40, 80));
    await page.keyboard.press('Alt+g');
    for (const name of ['Pieces', 'Glazes']) {
        await take(page, await at(screen(page, name), 40, 80));
        await page.keyboard.press('Shift+G');
        await saved(page);
        await expect(field(page, 'actions.0.kind')).toHaveValue('return');
    }
    // The menu is laid over from three screens: made once, copied twice.
    await take(page, await at(screen(page, 'Home'), 190, 728));
    await page.locator('#facets').getByRole('button', { name: 'On tap, show a screen' }).click();
    await saved(page);
    await choose(page, 'actions.0.kind', 'lay-over');
    await choose(page, 'actions.0.screen', { label: 'Menu' });
    await page.keyboard.press('Escape');
    await take(page, await at(screen(page, 'Home'), 190, 728));
    await page.keyboard.press('Alt+g');
    for (const name of ['Kilns', 'Pieces']) {
        await take(page, await at(screen(page, name), 190, 728));
        await page.keyboard.press('Shift+G');
        await saved(page);
        await expect(field(page, 'actions.0.kind')).toHaveValue('lay-over');
    }
    await take(page, await at(screen(page, 'Menu'), 190, 68));
    await page.locator('#facets').getByRole('button', { name: 'On tap, return' }).click();
    await saved(page);
    await choose(page, 'actions.0.kind', 'take-off');
    expect(await found(page)).toEqual([]);

    await near(page, 'Home');
    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(now(page)).toHaveText('Home');
    const flow = async (there: Page): Promise<void> => {
        await recorded(there);
        for (const [to, from, time] of [['kilns', [1, 0], 300], ['pieces', [0, 1], 600]] as const) {
            await layer(there, `to${to}`).click();
            expect(await coming(there, to)).toEqual([...from, time]);
            await still(there);
            // The logo goes back: what comes moves the other way.
            await layer(there, `${to}logo`).click();
            expect(await coming(there, 'home')).toEqual([-from[0] + 0, -from[1] + 0, time]);
            await still(there);
            await expect(now(there)).toHaveText('Home');
        }
        await layer(there, 'tokilns').click();
        await still(there);
        await layer(there, 'kilnsmenu').click();
        await expect(now(there)).toHaveText('Menu');
        await still(there);
        await layer(there, 'shut').click();
        await expect(now(there)).toHaveText('Kilns');
    };
    await flow(page);

    // The same where there is no network, under a finger.
    const phone = await onPhone(browser, await exportPage(page), 700);
    await expect(now(phone)).toHaveText('Home');
    await flow(phone);
    await phone.context().close();
});

test('a switch keeps its own state in three instances, and a form lets on only who fills it in', async ({ page }) => {
    await enter(page);
    const corners = { topLeft: 16, topRight: 16, bottomRight: 16, bottomLeft: 16 };
    await importFile(page, 'form.json', { format: 'kindred-canvas', version: 5, name: `Form ${Date.now()}`, entry: 'form', screens: [
        sized('form', 0, 0, [
            { id: 'whose', kind: 'widget', widget: 'text-field', name: 'Name', label: 'Name', required: true, x: 24, y: 80, width: 342, height: 72 },
            { id: 'mail', kind: 'widget', widget: 'text-field', name: 'E-mail', label: 'E-mail', accepts: 'email', required: true, x: 24, y: 180, width: 342, height: 72 },
            ...[0, 1, 2].map((i) => ({ id: `use${i}x`, kind: 'instance', component: 'switch', name: `Switch ${i}`, x: 24, y: 320 + 60 * i })),
            box('send', 'Send', 700),
        ]),
        sized('done', 480, 0, [box('again', 'Again', 700)]),
        { id: 'switch', name: 'Switch', device: 'custom', x: 0, y: 1000, width: 132, height: 112, view: 112, ground: '#ffffff',
            component: { root: 'body', slots: [], axes: [{ id: 'power', name: 'State', states: [{ id: 'isoff', name: 'Off' }, { id: 'ison', name: 'On' }] }], overrides: [{ in: { power: 'ison' }, layers: { track: { 'fills.0.colour': '#17594f' }, knob: { x: 23 } } }] },
            layers: [{ id: 'body', kind: 'group', name: 'Switch', x: 40, y: 40, width: 52, height: 32, children: [
                { id: 'track', kind: 'box', name: 'Track', x: 0, y: 0, width: 52, height: 32, fills: [{ colour: '#c4c9c9' }], corners },
                { id: 'knob', kind: 'ellipse', name: 'Knob', x: 3, y: 3, width: 26, height: 26, fills: [{ colour: '#ffffff' }] },
            ] }] },
    ] });
    // Once, on the sheet of the component: a tap turns it to its next state.
    await near(page, 'Switch');
    await page.keyboard.press('f');
    await take(page, await at(screen(page, 'Switch'), 66, 42));
    await page.locator('#facets').getByRole('button', { name: 'On tap, change its state' }).click();
    await saved(page);
    await near(page, 'Form');
    await page.keyboard.press('f');
    await take(page, await at(screen(page, 'Form'), 190, 728));
    await page.locator('#facets').getByRole('button', { name: 'On tap, show a screen' }).click();
    await saved(page);
    await choose(page, 'conditions.0.kind', 'fields');

    await page.getByRole('link', { name: 'Rehearse' }).click();
    await expect(now(page)).toHaveText('Form');
    const knobs = (): Promise<number[]> => page.locator('.pane:not(.waiting) [data-turns]').evaluateAll((all) => all.map((one) => [...one.querySelectorAll<SVGGElement>(':scope > [data-states]')].findIndex((state) => state.getAttribute('display') !== 'none')));
    expect(await knobs()).toEqual([0, 0, 0]);
    await page.locator('.pane:not(.waiting) [data-turns]').nth(1).click();
    await expect.poll(knobs).toEqual([0, 1, 0]);
    // Half-way its colour is what lies between both in OKLab.
    await still(page);
    const [half, mixed] = await page.locator('.pane:not(.waiting) [data-turns]').nth(1).evaluate(async (one) => {
        (one as SVGElement).dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: one.getBoundingClientRect().x + 10, clientY: one.getBoundingClientRect().y + 10 }));
        const colours = (element: Element | null): string => getComputedStyle(element!).fill;
        const moving = document.getAnimations().find((each) => (each.effect as KeyframeEffect).getKeyframes().some((frame) => 'fill' in frame))!;
        moving.pause();
        const { duration, delay } = moving.effect!.getTiming();
        moving.effect!.updateTiming({ easing: 'linear' });
        moving.currentTime = Number(delay) + Number(duration) / 2;
        const target = (moving.effect as KeyframeEffect).target!;
        const at = colours(target);
        moving.finish();
        const probe = target.cloneNode() as SVGElement;
        target.after(probe);
        probe.style.fill = 'color(from color-mix(in oklab, #17594f, #c4c9c9) srgb r g b)';
        const wanted = colours(probe);
        probe.remove();
        const numbers = (value: string): number[] => value.match(/[\d.]+/g)!.map(Number);
        return [numbers(at), numbers(wanted).map((value) => value * 255)];
    });
    expect(half).toHaveLength(3);
    half!.forEach((value, i) => expect(Math.abs(value - mixed![i]!)).toBeLessThan(0.6));
    await page.locator('.pane:not(.waiting) [data-turns]').nth(1).click();
    await expect.poll(knobs).toEqual([0, 1, 0]);
    await page.locator('.pane:not(.waiting) [data-turns]').nth(2).click();
    await page.locator('.pane:not(.waiting) [data-turns]').nth(1).click();
    await expect.poll(knobs).toEqual([0, 0, 1]);
    // Sent too early it says what is wrong and stays.
    await layer(page, 'send').click();
    await expect(now(page)).toHaveText('Form');
    const typed = page.locator('.pane:not(.waiting) .live.typed');
    await typed.nth(0).fill('Maren');
    await typed.nth(1).fill('maren');
    await layer(page, 'send').click();
    await expect(now(page)).toHaveText('Form');
    await typed.nth(1).fill('maren@fernhollow.example');
    await layer(page, 'send').click();
    await expect(now(page)).toHaveText('Done');
    // What was switched stays so, there and back.
    await page.keyboard.press('ArrowLeft');
    await expect(now(page)).toHaveText('Form');
    await expect.poll(knobs).toEqual([0, 0, 1]);
});
