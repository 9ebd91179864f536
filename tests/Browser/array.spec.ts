/** Arrays by hand: one card becomes many, from a table and pictures. */
import { expect, type Locator, type Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { allowError, at, bareScreen, box, drag, extent, likeReload, middle, near, openBare, openDemo, paste, saved, screen, setField, test } from './support/hand.ts';

const table = 'Name;Price\nBowl;€24.00\nMug;€18.50\nVase;€61.00\nPlatter;€48.00\nTeapot;€75.90\nTile;€9.50\n';

/** A picture of one colour. */
function picture(red: number): { name: string; mimeType: string; buffer: Buffer } {
    const png = new PNG({ width: 40, height: 30 });
    for (let i = 0; i < png.data.length; i += 4) png.data.set([red, 120, 90, 255], i);
    return { name: `pot-${red}.png`, mimeType: 'image/png', buffer: PNG.sync.write(png) };
}

/** Counts what a hand does. */
class Hand {
    gestures = 0;
    constructor(private readonly page: Page) {}

    async click(target: Locator, twice = false): Promise<void> {
        this.gestures++;
        if (twice) await target.dblclick();
        else await target.click();
    }

    async press(key: string): Promise<void> {
        this.gestures++;
        await this.page.keyboard.press(key);
    }

    async type(field: Locator, value: string): Promise<void> {
        this.gestures++;
        await field.fill(value);
        await field.press('Enter');
        await saved(this.page);
    }

    async choose(field: Locator, value: string): Promise<void> {
        this.gestures++;
        await field.selectOption(value);
        await saved(this.page);
    }

    async files(button: Locator, files: { name: string; mimeType: string; buffer: Buffer }[]): Promise<void> {
        this.gestures++;
        const [chooser] = await Promise.all([this.page.waitForEvent('filechooser'), button.click()]);
        await chooser.setFiles(files);
    }
}

/** One card on a bare screen: a ground, a picture, a name and a price, gathered into a group. */
async function card(page: Page): Promise<Locator> {
    const bare = await bareScreen(page);
    const id = (await bare.getAttribute('data-screen'))!;
    const [asset] = await page.evaluate(async ([bytes]) => {
        const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
        const form = new FormData();
        form.append('picture', new Blob([new Uint8Array(bytes as number[])], { type: 'image/png' }), 'pot.png');
        const answer = await fetch(urls['assets']!, { method: 'POST', body: form, headers: { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content } });
        return [((await answer.json()) as { hash: string }).hash];
    }, [[...picture(10).buffer]]);
    const text = (name: string, words: string, y: number) => ({ kind: 'text', name, words, x: 10, y, width: 143, height: 21, wrapped: true, style: { family: 'Hanken Grotesk', weight: 400, size: 15, lineHeight: 1.4 }, fills: [{ colour: '#1e2223' }] });
    await page.evaluate(async ([screen, asset, name, price]) => {
        const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
        const layers = [{ kind: 'group', name: 'Card', x: 24, y: 80, width: 163, height: 170, children: [
            { kind: 'box', name: 'Ground', x: 0, y: 0, width: 163, height: 170, fills: [{ colour: '#f1e8db' }] },
            { kind: 'picture', name: 'Picture', asset, x: 10, y: 10, width: 143, height: 100 }, name, price,
        ] }];
        await fetch(urls['edits']!, { method: 'POST', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content }, body: JSON.stringify({ base: 1000, token: 'card', commands: [{ type: 'create-layers', screen, layers, seed: 'card' }] }) });
    }, [id, asset, text('Name', 'Name', 116), text('Price', '€0.00', 140)] as const);
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(bare.locator('[data-layer]')).toHaveCount(5);
    return bare;
}

test('one card becomes six from a table and pictures; the design is one, a cell departs, columns fit', async ({ page }) => {
    await openDemo(page, 'Array');
    const bare = await card(page);
    const hand = new Hand(page);
    const facets = page.locator('#facets');
    const sheet = page.locator('#sheet');
    const cells = bare.locator('[data-kind=array] > [data-layer]');
    const words = async (name: string): Promise<(string | null)[]> => bare.locator(`[data-kind=array] [data-kind=text]`).evaluateAll((all, y) => all.filter((one) => one.getAttribute('data-box')!.split(' ')[1] === y).map((one) => one.textContent), name);

    await hand.click(bare.locator('[data-kind=group]'));
    await hand.press('Shift+L');
    await expect(sheet.getByText('3 rows, a cell each')).toBeVisible();
    await expect(cells).toHaveCount(3);
    await expect(facets.getByLabel('Number', { exact: true })).toHaveValue('2');

    // The table's columns are matched by their headers and shown before they are taken.
    await hand.files(sheet.getByRole('button', { name: 'Import a table…' }), [{ name: 'pots.csv', mimeType: 'text/csv', buffer: Buffer.from(table) }]);
    const dialog = page.locator('#sheet-take');
    await expect(dialog).toContainText('6 rows, separated by semicolons, UTF-8');
    await expect(dialog.getByLabel('Where Price goes').locator('option:checked')).toHaveText('into Price');
    await hand.click(dialog.getByRole('button', { name: 'Take the rows' }));
    await expect(cells).toHaveCount(6);
    await hand.files(sheet.getByRole('button', { name: 'Choose pictures…' }), [20, 60, 100, 140, 180, 220].map(picture));
    await expect.poll(async () => new Set(await bare.locator('[data-kind=array] image').evaluateAll((all) => all.map((image) => image.getAttribute('href')))).size).toBe(6);
    expect(await words('116')).toEqual(['Bowl', 'Mug', 'Vase', 'Platter', 'Teapot', 'Tile']);

    // The ground of the third card is rounded, and so are all.
    await hand.click(sheet.getByRole('button', { name: 'Close the data sheet' }));
    const picture3 = cells.nth(2).locator('[data-kind=picture]');
    for (const kind of ['group', 'picture']) {
        hand.gestures++;
        await page.mouse.dblclick(...(await middle(picture3)));
        await expect(facets.locator('.subject .kind')).toHaveText(kind);
    }
    await hand.press('Shift+Tab');
    await expect(facets.locator('.subject .kind')).toHaveText('box');
    await expect(facets).toContainText('In cell 3');
    await hand.type(facets.getByLabel('Corners', { exact: true }), '12');
    await expect(bare.locator('[data-kind=array] [data-kind=box] > rect[rx="12"]')).toHaveCount(6);

    // One cell departs in its words, is marked, and follows the design again.
    hand.gestures += 2;
    await facets.getByLabel('this cell only').check();
    const price = cells.nth(4).locator('[data-kind=text]').last();
    await page.mouse.dblclick(...(await middle(price)));
    const area = page.locator('#writing');
    await expect(area).toHaveText('€75.90');
    await area.fill('sold');
    await area.press('Control+Enter');
    await saved(page);
    await expect(facets).toContainText('Here it has its own text');
    await expect.poll(() => words('140')).toEqual(['€24.00', '€18.50', '€61.00', '€48.00', 'sold', '€9.50']);

    // Two rows more, and as many columns as fit.
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    hand.gestures += 2;
    await expect(facets.locator('.subject .kind')).toHaveText('array');
    await hand.click(facets.getByRole('button', { name: 'Sheet' }));
    await hand.click(sheet.getByRole('button', { name: 'Row', exact: true }));
    await expect(cells).toHaveCount(7);
    await hand.click(sheet.getByRole('button', { name: 'Row', exact: true }));
    await expect(cells).toHaveCount(8);
    await hand.choose(facets.getByLabel('Columns', { exact: true }), '');
    await hand.type(facets.getByLabel('Min width'), '100');
    await expect.poll(async () => (await box(cells.nth(3))).slice(0, 2)).toEqual([0, 186]);
    // Pinned to both its sides, the ground is as wide as the column.
    const width = (await box(cells.first()))[2]!;
    expect(width).toBeCloseTo((342 - 2 * 16) / 3, 2);
    expect((await box(cells.nth(5).locator('[data-kind=box]')))[2]).toBeCloseTo(width, 2);
    expect(hand.gestures).toBeLessThanOrEqual(25);

    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(cells).toHaveCount(7);
});

test('the sheet is typed into, pasted into and reordered; what is wrong is said and changes nothing', async ({ page }) => {
    await openDemo(page, 'Sheet');
    const bare = await card(page);
    await page.mouse.click(...(await middle(bare.locator('[data-kind=group]'))));
    await page.keyboard.press('Shift+L');
    const sheet = page.locator('#sheet');
    const field = (column: string, row: number): Locator => sheet.getByRole('textbox', { name: `${column}, row ${row}`, exact: true });
    const names = (): Promise<(string | null)[]> => bare.locator('[data-kind=array] > [data-layer]').evaluateAll((cells) => cells.map((cell) => cell.querySelectorAll('[data-kind=text]')[0]!.textContent));
    await field('Name', 1).fill('Bowl');
    await field('Name', 1).press('Enter');
    await expect.poll(names).toEqual(['Bowl', 'Name', 'Name']);
    await field('Name', 2).focus();
    await paste(page, 'Mug\t€1\r\nVase\t€2\r\nJug\t€3\r\n');
    await expect.poll(names).toEqual(['Bowl', 'Mug', 'Vase', 'Jug']);
    // Tab goes from cell to cell and on to the next row; what is typed there takes the place of what was.
    const last = sheet.locator('tbody tr').first().locator('td').last().locator(':is(.sheet-cell, button, input)');
    await last.focus();
    await page.keyboard.press('Tab');
    await expect(sheet.getByRole('button', { name: 'Picture, row 2' })).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(field('Name', 2)).toBeFocused();
    await page.keyboard.type('Cup');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Shift+Tab');
    await expect(last).toBeFocused();
    await expect.poll(names).toEqual(['Bowl', 'Cup', 'Vase', 'Jug']);
    // A press picks a cell; the next one puts the caret where it is.
    await field('Name', 2).click();
    await page.keyboard.type('Mu');
    await field('Name', 2).click({ position: { x: 150, y: 8 } });
    await page.keyboard.type('g');
    await page.keyboard.press('Tab');
    await expect.poll(names).toEqual(['Bowl', 'Mug', 'Vase', 'Jug']);
    await field('Price', 4).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect.poll(names).toEqual(['Bowl', 'Mug', 'Jug', 'Vase']);
    await sheet.getByLabel('Remove row 1').click();
    await expect.poll(names).toEqual(['Mug', 'Jug', 'Vase']);
    await sheet.getByLabel('Sample values for Price').selectOption('prices');
    await expect(field('Price', 1)).toHaveText(/^€\d+\.\d\d$/);
    // A name in the sheet stands in its cell on the wall, and the other way round.
    const first = bare.locator('[data-kind=array] [data-kind=text]').first();
    await expect(async () => {
        if (await page.locator('#writing').isHidden()) await page.mouse.dblclick(...(await middle(first)));
        await expect(page.locator('#writing')).toBeVisible({ timeout: 300 });
    }).toPass();
    await page.locator('#writing').fill('Beaker');
    await page.locator('#writing').press('Control+Enter');
    await expect(field('Name', 1)).toHaveText('Beaker');

    const [chooser] = await Promise.all([page.waitForEvent('filechooser'), sheet.getByRole('button', { name: 'Import a table…' }).click()]);
    const long = Array.from({ length: 10_000 }, (_, i) => `Pot ${i},${i}`).join('\n');
    allowError(/422/);
    await chooser.setFiles([{ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(long) }]);
    await expect(page.locator('#toast')).toContainText('The file has more than 2,000 rows, which is the most that a data sheet holds.');
    expect(await names()).toEqual(['Beaker', 'Jug', 'Vase']);
});

test('what is drawn in an entered cell belongs to every cell, and leaves with undo', async ({ page }) => {
    await openDemo(page, 'Cells');
    await near(page, 'Glaze library');
    const glazes = screen(page, 'Glaze library');
    const array = glazes.locator('[data-kind=array]');
    const cells = array.locator(':scope > [data-layer]');
    await expect(cells).toHaveCount(8);
    const second = await middle(cells.nth(1).locator('text').first());
    await page.mouse.dblclick(...second);
    // From the words out to the cell.
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.locator('#facets .subject input')).toHaveValue('Glaze');
    const shapes = await array.locator('[data-kind=box]').count();
    const area = await extent(cells.nth(1).locator('[data-kind=box] > rect').first());
    await page.keyboard.press('s');
    await drag(page, [area.x + area.width * 0.6, area.y + area.height * 0.7], [area.x + area.width * 0.9, area.y + area.height * 0.9], ['Control']);
    await saved(page);
    await expect(array.locator('[data-kind=box]')).toHaveCount(shapes + 8);
    await page.keyboard.press('Control+z');
    await expect(array.locator('[data-kind=box]')).toHaveCount(shapes);
});

test('the sheet of a new array stays while one goes on at the wall; with nothing selected any more, Escape closes it', async ({ page }) => {
    const bare = await openBare(page, 'Left alone');
    await page.keyboard.press('s');
    await drag(page, await at(bare, 60, 200), await at(bare, 160, 260));
    await saved(page);
    await page.keyboard.press('Shift+L');
    const [kind, sheet] = [page.locator('#facets .subject .kind'), page.locator('#sheet')];
    await expect(sheet).toContainText('a cell each');
    await expect(kind).toHaveText('array');
    await page.keyboard.press('Escape');
    await expect(kind).toHaveText('screen');
    await expect(sheet).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();

    // One step more than there are is nothing wrong: the word about it goes again by itself.
    allowError(/409/);
    for (let steps = 0; steps < 3; steps++) await page.keyboard.press('Control+z');
    await expect(page.locator('#toast')).toContainText('nothing of yours to undo');
    await expect(page.locator('#toast')).not.toHaveClass(/problem/);
    await expect(bare.locator('[data-layer]')).toHaveCount(0);
});

test('cells below their screen are not drawn until they come into it', async ({ page }) => {
    await openDemo(page, 'Unseen');
    await near(page, 'Glaze library');
    const glazes = screen(page, 'Glaze library');
    const array = glazes.locator('[data-kind=array]');
    const cells = array.locator(':scope > [data-layer]');
    await page.mouse.click(...(await middle(cells.nth(1))));
    await page.locator('#facets').getByRole('button', { name: 'Sheet' }).click();
    const sheet = page.locator('#sheet');
    await sheet.getByRole('textbox', { name: 'Name, row 8', exact: true }).click();
    await paste(page, Array.from({ length: 90 }, (_, i) => `Glaze ${i}`).join('\n'));
    await expect(cells).toHaveCount(97);
    await saved(page);
    await sheet.getByRole('button', { name: 'Close the data sheet' }).click();
    // What is drawn is just what the screen shows, wherever the hand is.
    const honest = (): Promise<unknown> => expect.poll(() => array.evaluate((list) => {
        const [, , width, height] = list.closest<HTMLElement>('.screen')!.dataset['box']!.split(' ').map(Number) as [number, number, number, number];
        const [left, top] = list.getAttribute('data-box')!.split(' ').map(Number) as [number, number];
        const wrong = [...list.querySelectorAll<SVGElement>(':scope > [data-layer]')].filter((cell) => {
            const [cx, cy, cw, ch] = cell.getAttribute('data-box')!.split(' ').map(Number) as [number, number, number, number];
            const inside = left + cx < width && left + cx + cw > 0 && top + cy < height && top + cy + ch > 0;
            const far = top + cy > height + 100 || top + cy + ch < -100;
            const drawn = getComputedStyle(cell).display !== 'none';
            return (inside && !drawn) || (far && drawn);
        });
        return wrong.map((cell) => `${cell.dataset["layer"]} ${cell.getAttribute("data-box")} ${top} ${height} ${getComputedStyle(cell).display}`).slice(0, 3);
    })).toEqual([]);
    await expect(cells.last()).toBeHidden();
    await honest();
    const first = await middle(cells.first());
    await page.mouse.move(...first);
    await page.mouse.down();
    for (let i = 1; i <= 10; i++) await page.mouse.move(first[0], first[1] - 6 * i);
    await honest();
    await page.mouse.up();
    await saved(page);
    await honest();
    const [, , , height] = await box(array);
    await setField(page, 'Y', String(700 - height!));
    await expect(cells.last()).toBeVisible();
    await expect(cells.first()).toBeHidden();
    await honest();
    await page.keyboard.press('Control+z');
    await honest();
    await expect(cells.last()).toBeHidden();
});

test('of a change only what changed is drawn anew, and the wall shows what a reload draws', async ({ page }) => {
    await openDemo(page, 'Few');
    await near(page, 'Glaze library');
    const glazes = screen(page, 'Glaze library');
    const cells = glazes.locator('[data-kind=array] > [data-layer]');
    const facets = page.locator('#facets');
    const sheet = page.locator('#sheet');
    await expect(cells).toHaveCount(8);
    await page.mouse.click(...(await middle(cells.nth(1))));
    await facets.getByRole('button', { name: 'Sheet' }).click();
    const untouched = await cells.nth(7).elementHandle();
    const name = sheet.getByRole('textbox', { name: 'Name, row 2', exact: true });
    const other = await sheet.locator('tr').last().elementHandle();
    const longer = 'A name so long that it takes several lines in its cell';
    await name.fill(longer);
    await name.press('Enter');
    await expect(cells.nth(1)).toContainText('several lines');
    await likeReload(page, glazes);
    // In the sheet, too, only that row was shown anew.
    await expect.poll(() => sheet.locator('tr').last().evaluate((row, other) => row === other, other)).toBe(true);
    await setField(page, 'row', '31');
    await likeReload(page, glazes);
    // The last cell only went down.
    expect(await untouched!.evaluate((cell) => cell.isConnected)).toBe(true);
    // What another window writes comes into the sheet.
    const elsewhere = (row: string, value: string): Promise<void> => page.evaluate(async ([row, value]) => {
        const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
        const array = document.querySelector('[data-screen=glazes] [data-kind=array]')!.getAttribute('data-layer');
        await fetch(urls['edits']!, { method: 'POST', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content }, body: JSON.stringify({ base: 1000, token: value, commands: [{ type: 'set-cell', screen: 'glazes', layer: array, row, column: 'name', value }] }) });
        window.dispatchEvent(new Event('focus'));
    }, [row, value] as const);
    await elsewhere('glaze4', 'Amber');
    await expect(sheet.getByRole('textbox', { name: 'Name, row 5', exact: true })).toHaveText('Amber');
    await sheet.getByRole('textbox', { name: 'Name, row 5', exact: true }).fill('Honey');
    await page.keyboard.press('Enter');
    await expect(cells.nth(4)).toContainText('Honey');
    // So does what comes while something is being typed, once that is done.
    const sixth = sheet.getByRole('textbox', { name: 'Name, row 6', exact: true });
    await sixth.fill('Half a');
    await elsewhere('glaze6', 'Umber');
    await expect(cells.nth(6)).toContainText('Umber');
    await expect(sixth).toHaveText('Half a');
    await page.keyboard.press('Enter');
    await expect(cells.nth(5)).toContainText('Half a');
    await expect(sheet.getByRole('textbox', { name: 'Name, row 7', exact: true })).toHaveText('Umber');
    await sheet.getByLabel('Remove row 1', { exact: true }).click();
    await expect(cells).toHaveCount(7);
    await likeReload(page, glazes);
    await sheet.getByRole('button', { name: 'Row', exact: true }).click();
    await expect(cells).toHaveCount(8);
    await likeReload(page, glazes);

    // A colour of the design goes into every cell but the one that departs.
    await sheet.getByRole('button', { name: 'Close the data sheet' }).click();
    const words = (cell: number): Locator => cells.nth(cell).locator('[data-kind=text]').last();
    const pickWords = async (cell: number): Promise<void> => {
        // Out of everything, then into the words, which are not written this time.
        for (let i = 0; i < 5; i++) await page.keyboard.press('Escape');
        await page.mouse.dblclick(...(await middle(words(cell))));
        await expect(facets.locator('.subject .kind')).toHaveText('text');
        await page.keyboard.press('Escape');
    };
    await pickWords(2);
    await facets.getByLabel('this cell only').check();
    await setField(page, 'Colour', '#3f5d4a');
    await likeReload(page, glazes);
    await facets.getByLabel('this cell only').uncheck();
    await pickWords(3);
    await setField(page, 'Colour', '#a94c31');
    await expect(glazes.locator('[data-kind=array] text[fill="#a94c31"]')).toHaveCount(7);
    await likeReload(page, glazes);
    for (let i = 0; i < 10; i++) {
        await page.keyboard.press('Escape');
        await page.keyboard.press('Control+z');
        await likeReload(page, glazes);
    }
    await expect(cells.nth(1)).not.toContainText('several lines');
    await expect(cells).toHaveCount(8);
});

test('an array lies in the cells of another: picked, written and departed from in one cell of one cell', async ({ page }) => {
    await openDemo(page, 'Nested');
    await near(page, 'Glaze library');
    const glazes = screen(page, 'Glaze library');
    const facets = page.locator('#facets');
    const notes = glazes.locator('[data-layer^="t00169."]');
    await page.keyboard.down('Control');
    await page.mouse.click(...(await middle(notes.nth(2))));
    await page.keyboard.up('Control');
    await expect(facets.locator('.cell-bar')).toContainText('In cell 3');
    await page.keyboard.press('Shift+L');
    await expect(notes).toHaveCount(24);
    await likeReload(page, glazes);
    // It is picked in the cell that it was made in, and lies there as the words did.
    await expect(facets.locator('.cell-bar')).toContainText('In cell 3');
    await expect(facets.getByRole('button', { name: 'Pin left', pressed: true })).toBeVisible();
    const sheet = page.locator('#sheet');
    await sheet.getByRole('textbox', { name: /row 2$/ }).fill('glossy');
    await page.keyboard.press('Enter');
    await expect(notes.nth(1)).toContainText('glossy');
    await expect(notes.nth(22)).toContainText('glossy');
    await sheet.getByRole('button', { name: 'Close' }).click();
    // One of 24 alone: its words and its colour.
    const one = notes.nth(3 * 2 + 1);
    await page.keyboard.down('Control');
    await page.mouse.click(...(await middle(one)));
    await page.keyboard.up('Control');
    await expect(facets.locator('.cell-bar')).toContainText('In cell 2 of cell 3');
    await facets.getByLabel('this cell only').check();
    await setField(page, 'Colour', '#a94c31');
    await page.mouse.dblclick(...(await middle(one)));
    await page.locator('#writing').fill('matt');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    expect(await notes.evaluateAll((all) => all.filter((note) => note.textContent!.includes('matt')).map((note) => note.querySelector('text')!.getAttribute('fill')))).toEqual(['#a94c31']);
    await expect(facets.locator('.cell-bar')).toContainText('Here it has its own fill, text.');
    await likeReload(page, glazes);
    await page.keyboard.press('Control+z');
    await expect(one).toContainText('glossy');
    await page.keyboard.press('Control+Shift+z');
    await expect(one).toContainText('matt');
    await facets.getByRole('button', { name: 'Follow the design' }).click();
    await expect(one).toContainText('glossy');
    await saved(page);
    await likeReload(page, glazes);
});
