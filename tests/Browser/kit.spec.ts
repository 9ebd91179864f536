/** The kit by hand: found, placed, dragged on, edited where it lies, made into another kind, opened. */
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, at, bareScreen, box, drag, extent, likeReload, middle, near, openDemo, paste, saved, screen, setField, still, test } from './support/hand.ts';

/** The kit lies over the left of the wall: the screen is moved out from under it. */
async function screenBesideKit(page: Page): Promise<Locator> {
    const bare = await bareScreen(page);
    await page.keyboard.press('k');
    await expect(page.locator('#kit [data-widget]')).toHaveCount(45);
    await page.mouse.move(800, 500);
    await page.mouse.wheel(-150, 0);
    await still(page);
    return bare;
}

test('widgets are found, clicked and dragged on, edited, turned into others and opened', async ({ page }) => {
    await openDemo(page, 'Kit');
    const bare = await screenBesideKit(page);
    const kit = page.locator('#kit');
    const facets = page.locator('#facets');
    const widgets = bare.locator('[data-kind=widget]');

    // A bar goes to its edge, as wide as the screen.
    await kit.getByLabel('Find a widget').fill('navigation back');
    await expect(kit.locator('[data-widget]:visible')).toHaveCount(1);
    await kit.getByRole('button', { name: /Top bar/ }).click();
    await page.mouse.click(...(await at(bare, 200, 300)));
    await saved(page);
    expect(await box(widgets.first())).toEqual([0, 0, 390, 56, 0]);
    // A second one at the same edge goes beside the first.
    await kit.getByLabel('Find a widget').fill('status');
    await kit.getByRole('button', { name: /Status bar/ }).click();
    await page.mouse.click(...(await at(bare, 200, 300)));
    await saved(page);
    expect(await box(widgets.nth(1))).toEqual([0, 56, 390, 44, 0]);
    await page.keyboard.press('Control+z');
    await expect(widgets).toHaveCount(1);
    // What is searched for stays, each widget stands where it stood, and Enter takes the first.
    await kit.getByLabel('Find a widget').fill('status bar');
    const order = await kit.locator('[data-widget]').evaluateAll((all) => all.map((one) => (one as HTMLElement).dataset['widget']));
    await kit.getByLabel('Find a widget').press('Enter');
    await expect(kit.locator('[aria-pressed=true]')).toHaveAttribute('data-widget', 'status-bar');
    // With Escape it is laid down; the next Enter takes it again, and one more places it.
    await page.keyboard.press('Escape');
    await expect(kit.locator('[aria-pressed=true]')).toHaveCount(0);
    for (const key of ['k', 'Enter', 'Enter']) await page.keyboard.press(key);
    await saved(page);
    await expect(widgets).toHaveCount(2);
    await page.keyboard.press('Control+z');
    await expect(widgets).toHaveCount(1);
    await page.keyboard.press('k');
    await expect(kit.getByLabel('Find a widget')).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(kit).toBeHidden();
    await page.keyboard.press('k');
    await expect(kit.getByLabel('Find a widget')).toHaveValue('status bar');
    expect(await kit.locator('[data-widget]').evaluateAll((all) => all.map((one) => (one as HTMLElement).dataset['widget']))).toEqual(order);

    // Dragged on, it lies about the pointer; drawn, it is as large as it was drawn.
    await kit.getByLabel('Find a widget').fill('radio');
    await drag(page, await middle(kit.locator('[data-widget=radio-group]')), await at(bare, 195, 180));
    await expect(widgets).toHaveCount(2);
    const radio = widgets.nth(1);
    expect(await box(radio)).toEqual([35, 126, 320, 108, 0]);
    await kit.getByLabel('Find a widget').fill('button');
    await kit.locator('[data-widget=button]').click();
    await drag(page, await at(bare, 24, 700), await at(bare, 366, 756), ['Control']);
    await expect(widgets).toHaveCount(3);
    const button = widgets.nth(2);
    expect(await box(button)).toEqual([24, 700, 342, 56, 0]);
    await kit.getByRole('button', { name: 'Close the kit' }).click();

    // Its words are written where it lies.
    await page.mouse.dblclick(...(await middle(button)));
    const area = page.locator('#writing');
    await expect(area).toHaveText('Button');
    await area.fill('Book the shelf');
    await area.press('Control+Enter');
    await expect(button).toContainText('Book the shelf');

    // Entries come from a spreadsheet, one a line, and stay when it becomes another kind.
    await page.mouse.click(...(await middle(radio)));
    await facets.getByLabel('Entries').fill('Bisque\tThursday\nGlaze\tSaturday\nSalt\tMonday\nRaku\tFriday');
    await facets.getByLabel('Entries').press('Tab');
    await saved(page);
    await expect(radio).toContainText('Raku');
    await facets.getByLabel('Kind', { exact: true }).selectOption('table');
    await expect(radio).toContainText('Saturday');
    await facets.getByLabel('Columns').fill('Firing | Opens');
    await facets.getByLabel('Columns').press('Enter');
    await expect(radio).toContainText('Opens');
    await facets.getByLabel('Glaze').check();
    await saved(page);
    await likeReload(page, bare);
    await expect(page.locator('#facets .subject input')).toHaveValue('Table');

    // Opened into plain layers, in its place; undo makes it a widget again.
    await facets.getByRole('button', { name: 'Open into layers' }).click();
    await expect(facets.locator('.subject .kind')).toHaveText('group');
    await expect(widgets).toHaveCount(2);
    await expect(bare.locator('[data-kind=text]', { hasText: 'Raku' })).toHaveCount(1);
    await likeReload(page, bare);
    await page.keyboard.press('Control+z');
    await expect(widgets).toHaveCount(3);
    await likeReload(page, bare);
});

test('too much is refused at its field, and what is there stays', async ({ page }) => {
    await openDemo(page, 'Too much');
    const bare = await screenBesideKit(page);
    await page.locator('#kit [data-widget=list]').click();
    await page.mouse.click(...(await at(bare, 195, 300)));
    await saved(page);
    const entries = page.locator('#facets').getByLabel('Entries');
    const before = await entries.inputValue();
    allowError(/422/);
    // As a paste leaves it: typing so many lines one by one would take the browser minutes.
    await entries.evaluate((area: HTMLTextAreaElement) => {
        area.value = Array.from({ length: 5000 }, (_, i) => `Row ${i}`).join('\n');
        area.dispatchEvent(new Event('change', { bubbles: true }));
    });
    await expect(page.locator('#facets [role=alert]')).toContainText('at most 500 entries; these are 5,000');
    await expect(bare.locator('[data-kind=widget]')).toContainText('Trimming evening');
    await page.reload();
    await expect(bare.locator('[data-kind=widget]')).toContainText(before.split(' | ')[0]!);
});

test('a widget follows the finish, its size is shown, and its accent is its fill', async ({ page }) => {
    await openDemo(page, 'Accent');
    const bare = await screenBesideKit(page);
    await page.locator('#kit [data-widget=button]').click();
    await page.mouse.click(...(await at(bare, 200, 400)));
    await saved(page);
    const button = bare.locator('[data-kind=widget]');
    await setField(page, 'Colour', '#a94c31');
    await expect(button.locator('rect[fill="#a94c31"]')).toHaveCount(1);
    const corner = await at(bare, 280, 424);
    await page.mouse.move(...corner);
    await page.mouse.down();
    await page.mouse.move(corner[0] + 30, corner[1] + 20, { steps: 4 });
    await expect(page.locator('#tag')).toContainText('×');
    await page.mouse.up();
    await saved(page);
    expect((await box(button))[2]).toBeGreaterThan(180);
    // It is not pulled below a size at which it says nothing any more; a smaller one can be typed.
    const [x = 0, y = 0, width = 0, height = 0] = await box(button);
    await page.mouse.move(...(await at(bare, x + width, y + height)));
    await page.mouse.down();
    await page.mouse.move(...(await at(bare, x + 4, y + 4)), { steps: 5 });
    await expect(page.locator('#tag')).toHaveText('53 × 24, no smaller');
    await page.mouse.up();
    await saved(page);
    expect((await box(button)).slice(2, 4)).toEqual([53, 24]);
    await setField(page, 'H', '18');
    expect((await box(button))[3]).toBe(18);
    await page.getByRole('group', { name: 'Finish of the project' }).getByRole('button', { name: 'Rough' }).click();
    await expect(button.locator('text[font-family^=Caveat]')).toHaveCount(1);
    await expect(button.locator('[fill="#a94c31"]')).toHaveCount(0);
    await likeReload(page, bare);
});

test('what a widget holds is changed where it lies: words, cells, icons, choices, numbers', async ({ page }) => {
    await openDemo(page, 'In place', 'Kiln-shelf booking');
    await near(page, 'Choose a firing');
    const firing = screen(page, 'Choose a firing');
    const place = async (words: string): Promise<[number, number]> => middle(firing.locator('text', { hasText: new RegExp(`^${words}$`) }));

    // A heading, then with Tab the next, and the first cell.
    await page.mouse.dblclick(...(await place('Opens')));
    await expect(page.locator('#writing')).toHaveText('Opens');
    await page.keyboard.type('Cool on');
    await page.keyboard.press('Tab');
    await expect(page.locator('#writing')).toHaveText('A shelf');
    await page.keyboard.press('Tab');
    await expect(page.locator('#writing')).toHaveText('Bisque');
    await page.keyboard.type('Biscuit');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await expect(firing.locator('text', { hasText: 'Cool on' })).toBeVisible();
    await expect(firing.locator('text', { hasText: 'Biscuit' })).toBeVisible();
    await page.mouse.dblclick(...(await place('9.00')));
    await expect(page.locator('#writing')).toHaveText('9.00');
    await page.keyboard.type('8.50');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await expect(firing.locator('text', { hasText: '8.50' })).toBeVisible();
    await likeReload(page, firing);

    // Rows copied from a spreadsheet, headings too, go into the table that is selected.
    await paste(page, 'Kiln\tOpens\tShelves\nSmall\tFriday\t12\nBig\tSunday\t30\n');
    await expect(firing.locator('text', { hasText: 'Shelves' })).toBeVisible();
    await expect(firing.locator('text', { hasText: 'Sunday' })).toBeVisible();
    await likeReload(page, firing);

    // A choice, and a number by one.
    await near(page, 'Room on the shelf');
    const room = screen(page, 'Room on the shelf');
    const radio = room.locator('[data-kind=widget]', { hasText: 'Half a shelf' });
    const mark = await extent(radio.locator('text', { hasText: 'Half a shelf' }));
    await page.mouse.dblclick(mark.x - 11, mark.y + mark.height / 2);
    await expect(page.locator('#facets .subject .kind')).toHaveText('widget');
    await saved(page);
    await expect.poll(() => page.locator('#facets [data-chosen]').evaluateAll((boxes) => boxes.map((box) => (box as HTMLInputElement).checked))).toEqual([false, false, true, false, false]);
    const stepper = room.locator('[data-kind=widget]', { hasText: /^4$/ });
    const box = await extent(stepper);
    await page.mouse.dblclick(box.x + box.width - 14, box.y + box.height / 2);
    await saved(page);
    await expect(room.locator('[data-kind=widget]', { hasText: /^5$/ })).toBeVisible();

    // An icon is exchanged for another.
    await near(page, 'Summary');
    const row = screen(page, 'Summary').locator('[data-kind=widget]').filter({ hasText: / firing/ }).first();
    const [centre, level] = await middle(row);
    const wide = await row.evaluate((drawn) => drawn.getBoundingClientRect().width);
    await page.mouse.dblclick(centre - wide * 0.42, level);
    await page.locator('#icons').getByLabel('Search icons').fill('snowflake');
    await page.locator('#icon-grid [data-icon=snowflake]').click();
    await saved(page);
    await expect(page.locator('#facets [data-do=widget-icon]')).toContainText('snowflake');
});
