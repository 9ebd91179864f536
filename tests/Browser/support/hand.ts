/** What a person does at the wall, with real pointer events; and a page that allows no error. */
import { readFile, writeFile } from 'node:fs/promises';
import { expect, test as base, type Browser, type BrowserContext, type Locator, type Page, type Request } from '@playwright/test';

const WINDOW = { baseURL: process.env['KINDRED_URL'] ?? 'http://127.0.0.1:8400', viewport: { width: 1280, height: 800 } };

export const test = base.extend<{ context: BrowserContext; page: Page; aside: Page }, { window: BrowserContext; tab: { page: Page | null; tests: number } }>({
    // One browser window for all tests of a worker, so that scripts, styles and fonts are read once.
    window: [async ({ browser }, use) => {
        const window = await browser.newContext(WINDOW);
        // What never comes is said where it was waited for.
        window.setDefaultTimeout(45_000);
        window.on('page', watched);
        await use(window);
        await window.close();
    }, { scope: 'worker' }],
    context: async ({ window }, use) => {
        await use(window);
    },
    // One page for the tests of a worker, one after another: a browser takes as long for a further one as for the wall.
    tab: [async ({}, use) => {
        await use({ page: null, tests: 0 });
    }, { scope: 'worker' }],
    page: async ({ context, tab }, use) => {
        const page = tab.page ?? await context.newPage();
        const errors: string[] = [];
        page.on('console', (message) => {
            const { url } = message.location();
            // The shelf is that of all tests: what one of them deletes another may still ask a picture of.
            if (message.type() === 'error' && !(new URL(page.url()).pathname === '/' && message.text().includes('404') && /\/thumbnail\?/.test(url))) errors.push(`${message.text()} ${url}`.trim());
        });
        page.on('pageerror', (error) => errors.push(error.message));
        // As long as somebody listens, choosers of files are taken over: whoever begins to listen shortly before may come too late.
        page.on('filechooser', () => undefined);
        await slowed(page);
        await use(page);
        if (test.info().status !== test.info().expectedStatus) console.log('No answer yet:', [...asked.get(page)!].map(([request, at]) => `${request.method()} ${request.url()} since ${Date.now() - at} ms`));
        tab.page = await tidied(page);
        // What the tests before had on their pages is given back.
        if (++tab.tests % 10 === 0) await tab.page.requestGC();
        expect(errors.filter((text) => !expected.some((pattern) => pattern.test(text)))).toEqual([]);
        expected.length = 0;
    },
    // A page in a window of its own, for tests that set the clock: that holds for all pages of a window, later ones too.
    aside: async ({ browser }, use) => {
        const context = await browser.newContext(WINDOW);
        const page = await context.newPage();
        const errors: string[] = [];
        page.on('pageerror', (error) => errors.push(error.message));
        page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
        await use(page);
        await context.close();
        expect(errors).toEqual([]);
    },
});

/** Leaves nothing to the next test but what the browser has read; the page that it gets. */
async function tidied(page: Page): Promise<Page> {
    const context = page.context();
    const open = context.pages();
    const left = page.isClosed() ? await context.newPage() : page;
    // Before the cookies go: a page that still asks for what changed would be refused, and an edit that outlives its page brings its cookie back.
    await Promise.all(open.map(answered));
    for (const one of open) if (one !== left) await one.close();
    await left.unrouteAll({ behavior: 'ignoreErrors' });
    await left.evaluate(() => sessionStorage.clear()).catch(() => undefined);
    await left.goto('about:blank');
    left.removeAllListeners();
    watched(left);
    await left.emulateMedia({ media: null, colorScheme: null, reducedMotion: null, forcedColors: null });
    await left.setViewportSize(WINDOW.viewport);
    // Nothing lies under the pointer before it is moved.
    await left.mouse.move(-1, -1);
    await context.setOffline(false);
    await context.unrouteAll({ behavior: 'ignoreErrors' });
    await context.clearPermissions();
    await context.clearCookies();
    const client = await context.newCDPSession(left);
    await client.send('Storage.clearDataForOrigin', { origin: WINDOW.baseURL, storageTypes: 'local_storage,indexeddb,cache_storage,service_workers' });
    await client.detach();

    return left;
}

/** What each page has asked for and has no answer to yet, and when it was. */
const asked = new WeakMap<Page, Map<Request, number>>();

function watched(page: Page): void {
    const own = new Map<Request, number>();
    asked.set(page, own);
    page.on('request', (request) => own.set(request, Date.now()));
    page.on('requestfinished', (request) => own.delete(request));
    page.on('requestfailed', (request) => own.delete(request));
}

async function answered(page: Page): Promise<void> {
    const posted = (): Request | undefined => [...asked.get(page)?.keys() ?? []].find((request) => request.method() === 'POST');
    for (let first = posted(); first; first = posted()) {
        await first.response().catch(() => null);
        asked.get(page)!.delete(first);
    }
}

/** With KINDRED_SLOW the browser's processor is so many times slower; with KINDRED_LATE what a page asks for sets out up to so many ms late. */
export async function slowed(page: Page): Promise<void> {
    const rate = Number(process.env['KINDRED_SLOW'] ?? 1);
    if (rate > 1) await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate });
    const late = Number(process.env['KINDRED_LATE'] ?? 0);
    if (late === 0) return;
    await page.route(/./, async (route) => {
        if (['fetch', 'xhr'].includes(route.request().resourceType())) await new Promise((done) => setTimeout(done, Math.random() * late));
        // Whoever asked may have given it up.
        await route.continue().catch(() => undefined);
    });
}

const expected: RegExp[] = [];
/** For tests that provoke a refusal: the browser itself reports every 4xx answer. */
export const allowError = (pattern: RegExp): void => void expected.push(pattern);

export async function signIn(page: Page): Promise<void> {
    await page.goto('/sign-in');
    // What was still on its way to the page of an earlier test may have brought its cookie back: whoever is signed in is led on.
    if (!page.url().endsWith('/sign-in')) {
        await page.context().clearCookies();
        await page.goto('/sign-in');
    }
    await page.getByRole('button', { name: 'Open the demo' }).click();
    await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
}

let kept: Awaited<ReturnType<BrowserContext['cookies']>> = [];

/** The shelf, signed in once for all tests: whoever signs in many times a minute is slowed down. */
export async function enter(page: Page): Promise<void> {
    if (kept.length === 0) {
        await signIn(page);
        kept = await page.context().cookies();
    } else {
        await page.context().addCookies(kept);
        await page.goto('/');
        await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
    }
}

/** Picks a file to import on the shelf, as a hand does. */
export async function pickFile(page: Page, name: string, project: object): Promise<void> {
    const path = test.info().outputPath(name);
    await writeFile(path, JSON.stringify(project));
    await page.locator('input[type=file]').setInputFiles(path);
}

/** Imports a file from the shelf, and waits until it is open on the wall. */
export async function importFile(page: Page, name: string, project: object): Promise<void> {
    await pickFile(page, name, project);
    await page.waitForURL(/\/wall$/);
}

/** Signed in as for all tests, but not yet anywhere. */
async function known(page: Page): Promise<void> {
    if (kept.length === 0) await enter(page);
    else await page.context().addCookies(kept);
}

/** The addresses of the demos, looked up once for all tests. */
const demos = new Map<string, string>();

/** Sends a form beside the shelf, which grows with every test; where it leads. */
async function send(page: Page, address: string, what: Record<string, string> | { file: { name: string; mimeType: string; buffer: Buffer } }): Promise<string> {
    const token = (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')!.value;
    const answer = await page.request.post(address, { headers: { 'X-XSRF-TOKEN': decodeURIComponent(token), Accept: 'text/html' }, multipart: what, maxRedirects: 0 });
    expect(answer.status()).toBe(302);
    return answer.headers()['location']!;
}

async function open(page: Page, address: string, screens: number): Promise<void> {
    await page.goto(address);
    await expect(page.locator('#stage .screen')).toHaveCount(screens);
    await page.waitForFunction(() => document.querySelector('#facets .subject') !== null);
}

/** A copy of a demo of this test's own, open on the wall. */
export async function openDemo(page: Page, name: string, of: 'Fernhollow Pottery' | 'Kiln-shelf booking' = 'Fernhollow Pottery'): Promise<void> {
    await known(page);
    if (!demos.has(of)) {
        // The shelf lists the latest; what was there first is searched.
        await page.goto(`/?q=${encodeURIComponent(of)}`);
        demos.set(of, (await page.locator('[data-project]').getByRole('link', { name: of, exact: true }).getAttribute('href'))!.replace(/\/wall$/, ''));
    }
    const copy = `/projects/${/#project-(\d+)$/.exec(await send(page, `${demos.get(of)!}/duplicate`, {}))![1]!}`;
    await send(page, copy, { _method: 'patch', name });
    await open(page, `${copy}/wall`, of === 'Fernhollow Pottery' ? 7 : 5);
}

/** A project of this test's own with nothing on its wall but a phone screen, which is seen near. */
export async function openBare(page: Page, name: string): Promise<Locator> {
    await known(page);
    const bare = { format: 'kindred-canvas', version: 1, name, screens: [{ id: 'bare', name: 'Screen 1', device: 'phone', x: 0, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [] }] };
    await open(page, await send(page, '/projects/import', { file: { name: 'bare.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(bare)) } }), 1);
    const one = page.locator('article.screen').last();
    await one.locator('.screen-name').click();
    await page.keyboard.press('f');
    return one;
}

/** A bare phone screen, seen near. */
export async function bareScreen(page: Page): Promise<Locator> {
    await page.keyboard.press('a');
    await page.locator('#devices').getByRole('button', { name: /^Phone / }).click();
    await expect(page.locator('article.screen')).toHaveCount(8);
    await saved(page);
    await page.keyboard.press('f');
    return page.locator('article.screen').last();
}

export async function newProject(page: Page, name: string): Promise<void> {
    await page.getByRole('button', { name: 'New project' }).first().click();
    await page.locator('#new-project input[name=name]').fill(name);
    await page.getByRole('button', { name: 'Create' }).click();
    await expect(page.locator('#empty')).toBeVisible();
}

export async function saved(page: Page): Promise<void> {
    await expect(page.locator('#saved')).toHaveText('saved');
}

/** Saves the page that plays without the application; where it lies. */
export async function exportPage(page: Page): Promise<string> {
    await page.getByRole('link', { name: 'Hand over' }).click();
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save the web page' }).click();
    const path = test.info().outputPath('exported.html');
    await (await coming).saveAs(path);
    expect((await readFile(path, 'utf8')).includes('"programme":8')).toBe(true);
    return path;
}

/** A page that was saved, under a finger and where there is no network; whoever asks for it closes its context. */
export async function onPhone(browser: Browser, path: string, width: number): Promise<Page> {
    const context = await browser.newContext({ viewport: { width, height: 950 }, hasTouch: true, offline: true });
    const phone = await context.newPage();
    await phone.goto(`file://${path}`);
    return phone;
}

export const screen = (page: Page, name: string): Locator => page.locator('article.screen', { has: page.locator('.screen-name', { hasText: new RegExp(`^${name}$`) }) });

/** Looks closely at one screen, by its card in the reel. */
export async function near(page: Page, name: string): Promise<void> {
    await page.locator('[data-card]', { hasText: name }).locator('[data-open-screen]').first().click();
    await expect(page.locator('#facets .subject input')).toHaveValue(name);
}

/** Presses at a place of an element (shares of its size), moves and lets go, as a hand does. */
export async function drag(page: Page, from: [number, number], to: [number, number], keys: string[] = []): Promise<void> {
    await page.mouse.move(from[0], from[1]);
    for (const key of keys) await page.keyboard.down(key);
    await page.mouse.down();
    await page.mouse.move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2, { steps: 4 });
    await page.mouse.move(to[0], to[1], { steps: 4 });
    await page.mouse.up();
    for (const key of keys) await page.keyboard.up(key);
    await saved(page);
}

/** A place in the window, from a place on a screen in its own px. */
export async function at(target: Locator, x: number, y: number): Promise<[number, number]> {
    const box = await extent(target.locator('> svg:not(.grid)'));
    const width = Number((await target.getAttribute('data-box'))!.split(' ')[2]);
    const scale = box.width / width;
    return [box.x + x * scale, box.y + y * scale];
}

/** Pastes words into what has the focus, as they come from another program. */
export async function paste(page: Page, words: string): Promise<void> {
    await page.evaluate((text) => {
        const data = new DataTransfer();
        data.setData('text/plain', text);
        document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    }, words);
}

/** Holds what is asked for at an address back until it is let go, and waits for what follows. */
export async function heldBack(page: Page, what: RegExp): Promise<() => Promise<void>> {
    let go = (): void => undefined;
    const waiting = new Promise<void>((done) => (go = done));
    await page.route(what, async (route) => {
        await waiting;
        // Whoever asked may have given it up.
        await route.continue().catch(() => undefined);
    });
    return async () => {
        go();
        await page.unroute(what);
        await saved(page);
    };
}

/** Waits until the wall has come to rest, and shows all that lies in the window. */
export async function still(page: Page): Promise<void> {
    // What a key has just begun moves in the next frame.
    await page.evaluate(() => new Promise((go) => requestAnimationFrame(go)));
    await page.waitForFunction(() => !document.querySelector('#stage.moving'));
}

/** Where something is in the window: while it is being drawn anew it has no place. */
export async function extent(target: Locator): Promise<{ x: number; y: number; width: number; height: number }> {
    let box: Awaited<ReturnType<Locator['boundingBox']>> = null;
    await expect.poll(async () => (box = await target.boundingBox())).not.toBeNull();
    return box!;
}

export async function middle(target: Locator): Promise<[number, number]> {
    const { x, y, width, height } = await extent(target);
    return [x + width / 2, y + height / 2];
}

/** Presses on a place and waits until the facets speak of what lies there. */
export async function pick(page: Page, place: [number, number], kind: string): Promise<void> {
    await page.mouse.click(...place);
    await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText(kind);
}

/** A layer's x, y, width, height and angle, as the picture holds them. */
export async function box(layer: Locator): Promise<number[]> {
    return (await layer.getAttribute('data-box'))!.split(' ').map(Number);
}

export async function setField(page: Page, label: string, value: string): Promise<void> {
    const field = page.locator('#facets').getByLabel(label, { exact: true });
    await field.fill(value);
    await field.press('Enter');
    // Back to the wall.
    await field.press('Escape');
    await saved(page);
}

/** Patches have brought the picture to what the server draws for a page that is opened now. */
export async function likeReload(page: Page, shown: Locator): Promise<void> {
    await saved(page);
    // The order of attributes says nothing, and classes and styles are the window's own.
    const plain = (svg: string): string => svg.replaceAll('><', '>\n<')
        .replaceAll(/(?: [\w:-]+="[^"]*")+/g, (all) => all.match(/ [\w:-]+="[^"]*"/g)!.filter((one) => !/^ (class|style)=/.test(one)).sort().join(''));
    const id = (await shown.getAttribute('data-screen'))!;
    const drawn = await page.evaluate(async (id) => {
        const html = await (await fetch(location.href)).text();
        return new DOMParser().parseFromString(html, 'text/html').querySelector(`[data-screen="${id}"] > svg`)!.outerHTML;
    }, id);
    // What lies behind a layer is put in by the page, and so are the names by which it does.
    const own = await shown.locator(':scope > svg:not(.grid)').evaluate((svg) => {
        const copy = svg.cloneNode(true) as Element;
        for (const one of copy.querySelectorAll('.behind > g')) one.replaceChildren();
        for (const one of copy.querySelectorAll('[id^="drawn-"]')) one.removeAttribute('id');
        return copy.outerHTML;
    });
    expect(plain(own)).toBe(plain(drawn));
}
