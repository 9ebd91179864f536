/** Stacks and arrays against Chromium's flexbox and grid. */
import { expect, test, type Page } from '@playwright/test';
import { ask } from './support/php.ts';
import { array, html, tree, type Node } from './support/trees.ts';
import { rounds } from './support/random.ts';

interface Box { id: string; x: number; y: number; width: number; height: number }

/** The boxes that Chromium gives, by id, for each of the trees. */
async function chromium(page: Page, trees: Node[]): Promise<Record<string, Box>[]> {
    await page.goto('/sign-in');
    await page.evaluate(async () => {
        for (const family of ['Hanken Grotesk', 'Lora', 'JetBrains Mono']) await document.fonts.load(`400 16px "${family}"`, 'aŁ');
    });
    return page.evaluate((pages) => pages.map((markup) => {
        const room = document.createElement('div');
        // Set by script, because the page's policy allows no style attributes in markup.
        room.style.cssText = 'position:absolute;left:0;top:0;width:1440px;height:900px;line-height:normal';
        const parsed = new DOMParser().parseFromString(markup, 'text/html');
        for (const element of parsed.querySelectorAll<HTMLElement>('[style]')) element.dataset['css'] = element.getAttribute('style')!;
        for (const element of parsed.querySelectorAll('[style]')) element.removeAttribute('style');
        room.append(...parsed.body.children);
        for (const element of room.querySelectorAll<HTMLElement>('[data-css]')) element.style.cssText = element.dataset['css']!;
        document.body.append(room);
        const boxes: Record<string, { id: string; x: number; y: number; width: number; height: number }> = {};
        for (const element of room.querySelectorAll('[id]')) {
            const { left, top, width, height } = element.getBoundingClientRect();
            boxes[element.id] = { id: element.id, x: left + scrollX, y: top + scrollY, width, height };
        }
        room.remove();
        return boxes;
    }), trees.map((one) => html(one, null)));
}

/** What lies elsewhere in core than in Chromium, for each tree the first box that does. */
async function strays(page: Page, trees: Node[]): Promise<string[]> {
    const wanted = await chromium(page, trees);
    const off: string[] = [];
    ask<Box[][]>('measure.php', trees).forEach((boxes, i) => {
        expect(boxes.length).toBe(Object.keys(wanted[i]!).length);
        for (const box of boxes) {
            const other = wanted[i]![box.id]!;
            const by = (['x', 'y', 'width', 'height'] as const).filter((side) => Math.abs(box[side] - other[side]) > 0.5);
            if (by.length > 0) {
                off.push(`tree ${first + i}, ${box.id}: ${by.map((side) => `${side} ${box[side]} instead of ${other[side]}`).join(', ')}`);
                break;
            }
        }
    });
    return off;
}

const first = Number(process.env['KINDRED_SEED'] ?? 1);

test('nested stacks at random, words included, lie where Chromium lays them', async ({ page }) => {
    expect(await strays(page, Array.from({ length: rounds(180) }, (_, i) => tree(first + i)))).toEqual([]);
});

test('arrays of such stacks have their cells where Chromium grids them', async ({ page }) => {
    expect(await strays(page, Array.from({ length: rounds(40) }, (_, i) => array(first + i)))).toEqual([]);
});
