/** Layout grids, rulers and guides, by hand. */
import { expect } from '@playwright/test';
import { at, bareScreen, box, drag, extent, openDemo, saved, setField, test } from './support/hand.ts';

test('a grid of columns and a guide out of a ruler are what a drawing comes to rest against', async ({ page }) => {
    await openDemo(page, 'Grids');
    const bare = await bareScreen(page);
    await bare.locator('.screen-name').click();
    const facets = page.locator('#facets');
    await facets.getByLabel('Add').selectOption('columns');
    await expect(bare.locator('.grid rect')).toHaveCount(4);
    await setField(page, 'count', '3');
    await setField(page, 'margin', '24');
    await expect(bare.locator('.grid rect')).toHaveCount(3);
    expect(await bare.locator('.grid rect').nth(1).getAttribute('x')).toBe('143.333');
    await facets.getByLabel('Add').selectOption('baseline');
    await expect(bare.locator('.grid pattern')).toHaveCount(1);

    // A level guide out of the upper ruler, to 200 px.
    const ruler = await extent(page.locator('[data-ruler=x]'));
    const target = await at(bare, 100, 203);
    await drag(page, [target[0], ruler.y + 8], target);
    await expect(facets.getByLabel('Guides ↕')).toHaveValue(/^20[234]$/);
    await setField(page, 'Guides ↕', '203');
    await expect(bare).toHaveAttribute('data-guides', '|203');
    // Moved by hand, and typed exactly.
    const line = await at(bare, 60, 203);
    await drag(page, line, await at(bare, 60, 300));
    await expect(facets.getByLabel('Guides ↕')).toHaveValue(/^(299|300|301)$/);
    await setField(page, 'Guides ↕', '211');

    // Drawn from near one crossing to near another, a box lies on the column's edges and the guide.
    await page.keyboard.press('s');
    const [from, to] = [await at(bare, 24, 120), await at(bare, 143.333 + 103 + 1.5, 213)];
    await page.mouse.move(...from);
    const answer = page.waitForResponse(/\/snap\?/);
    await page.mouse.down();
    await page.mouse.move(from[0] + 30, from[1] + 30, { steps: 3 });
    await answer;
    await page.mouse.move(...to, { steps: 5 });
    await page.mouse.up();
    await saved(page);
    const drawn = await box(bare.locator('[data-layer]').last());
    expect(drawn[0]! + drawn[2]!).toBeCloseTo(143.333 + 103.333, 2);
    expect(drawn[1]! + drawn[3]!).toBeCloseTo(211, 2);

    // The ruler shades what the selection takes, also when a number makes it higher and undo gives that back.
    const shaded = async (y: number): Promise<boolean> => {
        const along = (await at(bare, 24, y))[1] - ruler.y;
        return page.locator('canvas[data-ruler=y]').evaluate((canvas: HTMLCanvasElement, top) => canvas.getContext('2d')!.getImageData(8, Math.round(top * devicePixelRatio), 1, 1).data[0]! < 240, along);
    };
    await expect.poll(() => shaded(203)).toBe(true);
    expect(await shaded(303)).toBe(false);
    await setField(page, 'H', '200');
    await expect.poll(() => shaded(303)).toBe(true);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await expect.poll(() => shaded(303)).toBe(false);

    // The lens takes all of it out of sight; a guide dragged off its screen is gone.
    await page.getByRole('button', { name: 'Grid', exact: true }).click();
    await expect(bare.locator('.grid')).toBeHidden();
    await expect(page.locator('[data-ruler=x]')).toBeHidden();
    await page.getByRole('button', { name: 'Grid', exact: true }).click();
    await page.keyboard.press('Escape');
    await drag(page, await at(bare, 60, 211), await at(bare, 60, -30));
    await expect(bare).toHaveAttribute('data-guides', '|');
    await page.keyboard.press('Control+z');
    await expect(bare).toHaveAttribute('data-guides', '|211');
});
