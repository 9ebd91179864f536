/** Icons of one's own: brought in from files, made from a drawing, put into a tab bar and exchanged. */
import { expect } from '@playwright/test';
import { at, drag, extent, likeReload, middle, openBare, saved, test } from './support/hand.ts';

const svg = (name: string, inside: string): { name: string; mimeType: string; buffer: Buffer } => ({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 48 48">${inside}</svg>`) });

test('three own icons stand in a tab bar, one made here; they are exchanged and taken back', async ({ page }) => {
    const bare = await openBare(page, 'Own icons');

    // Two come from files at once, one of them with a script; a third is no picture.
    await page.keyboard.press('i');
    await page.locator('#icon-file').setInputFiles([
        svg('Kiln.svg', '<rect x="6" y="6" width="36" height="36" rx="4" fill="#111"/><circle cx="24" cy="24" r="9" fill="#fff"/>'),
        svg('Wheel head.svg', '<script>alert(1)</script><circle cx="24" cy="24" r="17" fill="none" stroke="#c00" stroke-width="4"/><path d="M24 24V4" stroke="#c00" stroke-width="4"/>'),
    ]);
    const own = page.locator('#icons h3', { hasText: 'Of this project' });
    await expect(own).toBeVisible();
    const choice = (name: string) => page.locator(`#icons [data-icon="${name}"]`).first();
    await expect(choice('kiln')).toBeVisible();
    await expect(choice('wheel-head')).toBeVisible();
    await page.getByRole('button', { name: 'Favourite: kiln' }).click();
    await expect(page.getByRole('button', { name: 'Favourite: kiln' }).first()).toHaveAttribute('aria-pressed', 'true');

    // One is clicked onto the screen, with the width of line that it came with.
    await choice('wheel-head').click();
    await page.mouse.click(...(await at(bare, 60, 80)));
    await saved(page);
    const icon = bare.locator('[data-kind=icon]');
    await expect(icon).toHaveCount(1);
    await expect(icon.locator('path[d^="M"]')).toBeVisible();

    // Another is drawn and made into one.
    await page.keyboard.press('s');
    await drag(page, await at(bare, 120, 60), await at(bare, 160, 100));
    await page.mouse.click(...(await at(bare, 140, 80)), { button: 'right' });
    await page.getByRole('menuitem', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Make an icon' }).click();
    await expect(page.getByText('one of the icons of this project')).toBeVisible();
    await saved(page);

    // A tab bar from the kit takes them: the first by hand, in its place.
    await page.keyboard.press('k');
    const kit = page.locator('#kit');
    await kit.getByLabel('Find a widget').fill('bottom bar');
    await drag(page, await middle(kit.locator('[data-widget=bottom-bar]')), await at(bare, 195, 600));
    await page.getByRole('button', { name: 'Close the kit' }).click();
    const bar = bare.locator('[data-kind=widget]');
    await expect(bar).toHaveCount(1);
    for (const [share, name] of [[0.125, 'kiln'], [0.375, 'wheel-head'], [0.625, 'box-2']] as const) {
        const { x, y, width, height } = await extent(bar);
        await page.mouse.dblclick(x + share * width, y + 0.35 * height);
        await expect(page.locator('#icons')).toBeVisible();
        await choice(name).click();
        await saved(page);
        await expect(page.locator('#icons')).toBeHidden();
    }
    await likeReload(page, bare);

    // One that is removed has a circle in its place, until it is taken back.
    const entry = bar.locator('path[d^="M9 3L"], path[d*="L"]');
    const drawn = await entry.count();
    await page.keyboard.press('i');
    await page.getByRole('button', { name: 'Remove from the project: kiln' }).click();
    await expect(choice('kiln')).toHaveCount(0);
    await saved(page);
    await page.locator('#icons').getByRole('button', { name: 'Cancel' }).click();
    await expect(bar.locator('circle')).not.toHaveCount(0);
    await likeReload(page, bare);
    await page.keyboard.press('Control+z');
    await saved(page);
    await expect.poll(() => entry.count()).toBe(drawn);
    await likeReload(page, bare);
});

test('an icon is dragged out of its dialog onto the wall, onto the entry of a bar, over another icon and into a cell', async ({ page }) => {
    const bare = await openBare(page, 'Dragged icons');
    await page.keyboard.press('k');
    const kit = page.locator('#kit');
    await kit.getByLabel('Find a widget').fill('bottom bar');
    await drag(page, await middle(kit.locator('[data-widget=bottom-bar]')), await at(bare, 195, 600));
    await page.getByRole('button', { name: 'Close the kit' }).click();
    const carry = async (name: string, to: () => Promise<[number, number]>, during: () => Promise<void> = async () => undefined): Promise<void> => {
        await page.keyboard.press('i');
        await page.getByLabel('Search icons').fill(name);
        const from = await middle(page.locator(`#icons [data-icon="${name}"]`).first());
        const place = await to();
        await page.mouse.move(...from);
        await page.mouse.down();
        await page.mouse.move((from[0] + place[0]) / 2, (from[1] + place[1]) / 2, { steps: 4 });
        await page.mouse.move(...place, { steps: 6 });
        await expect(page.locator('#icons')).toBeHidden();
        await during();
        await page.mouse.up();
        await saved(page);
        await expect(page.locator('.kit-ghost')).toHaveCount(0);
    };

    // Onto the screen: it lies about the pointer.
    const icons = bare.locator('[data-kind=icon]');
    await carry('flame', () => at(bare, 80, 120));
    await expect(icons).toHaveCount(1);
    await expect(icons.first()).toHaveAttribute('data-box', '68 108 24 24 0');
    // Onto an entry of the bar, which is shown as what takes it.
    const bar = bare.locator('[data-kind=widget]');
    await carry('bell', async () => {
        const { x, y, width, height } = await extent(bar);
        return [x + 0.62 * width, y + height / 2];
    }, () => expect(page.locator('#overlay .hover')).toHaveCount(1));
    await page.mouse.click(...(await middle(bar)));
    await expect(page.locator('#w-items')).toHaveValue(/\n\[bell\] /);
    await expect(icons).toHaveCount(1);
    // A press with an icon in hand does the same.
    await page.keyboard.press('i');
    await page.getByLabel('Search icons').fill('flame');
    await page.locator('#icons [data-icon=flame]').first().click();
    const { x, y, width, height } = await extent(bar);
    await page.mouse.click(x + 0.12 * width, y + height / 2);
    await expect(page.locator('#w-items')).toHaveValue(/^\[flame\] /);
    await expect(page.locator('#rack [data-tool=pick]')).toHaveAttribute('aria-pressed', 'true');
    await expect(icons).toHaveCount(1);
    // Over another icon: that one is exchanged, and keeps its place.
    await carry('snowflake', () => middle(icons.first()));
    await expect(icons).toHaveCount(1);
    await expect(icons.first()).toHaveAttribute('data-box', '68 108 24 24 0');
    await page.mouse.click(...(await middle(icons.first())));
    await expect(page.locator('#facets')).toContainText('snowflake');
    // With Escape it is given up.
    await page.keyboard.press('i');
    await page.getByLabel('Search icons').fill('bell');
    await page.mouse.move(...(await middle(page.locator('#icons [data-icon=bell]').first())));
    await page.mouse.down();
    await page.mouse.move(...(await at(bare, 200, 200)), { steps: 6 });
    await expect(page.locator('.kit-ghost')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await expect(page.locator('.kit-ghost')).toHaveCount(0);
    await page.mouse.up();
    await expect(icons).toHaveCount(1);

    // Into a cell: every cell has it.
    await page.keyboard.press('s');
    await drag(page, await at(bare, 20, 300), await at(bare, 180, 380), ['Control']);
    await page.keyboard.press('s');
    await drag(page, await at(bare, 30, 310), await at(bare, 60, 340), ['Control']);
    await page.keyboard.press('Control+a');
    await page.keyboard.down('Shift');
    for (const other of [bar, icons.first()]) await page.mouse.click(...(await middle(other)));
    await page.keyboard.up('Shift');
    await expect(page.locator('#facets:not([aria-busy])')).toContainText('2 layers');
    await page.keyboard.press('Shift+l');
    await saved(page);
    await page.locator('#sheet').getByRole('button', { name: 'Close the data sheet' }).click();
    const array = bare.locator('[data-kind=array]');
    await expect(array).toHaveCount(1);
    await carry('flame', () => at(bare, 100, 340));
    await expect(array.locator('[data-kind=icon]')).toHaveCount(3);
    await likeReload(page, bare);
});

test('Enter takes the first icon that is found, typed and pressed at once', async ({ page }) => {
    const bare = await openBare(page, 'Icons by key');
    await page.keyboard.press('i');
    await page.keyboard.type('flame');
    await page.keyboard.press('Enter');
    await expect(page.locator('#icons')).toBeHidden();
    await page.mouse.click(...(await at(bare, 60, 80)));
    await saved(page);
    await expect(bare.locator('[data-kind=icon]')).toHaveCount(1);
    await expect(page.locator('#facets .subject input')).toHaveValue('flame');
});
