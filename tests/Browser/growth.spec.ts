/** What is resized by hand, as it is drawn while the pointer is down. */
import { expect, type Locator } from '@playwright/test';
import { changing, grown } from '../../resources/ts/wall/growth.ts';
import { bareScreen, box, extent, middle, openDemo, saved, test } from './support/hand.ts';

/** What is drawn in a layer: names of elements, and attributes but for marks of the wall. */
const drawn = (layer: Locator): Promise<string[]> => layer.evaluate((root) => [...root.querySelectorAll('*')].flatMap((one) =>
    [one.tagName, ...[...one.attributes].filter(({ name }) => !name.startsWith('data-') && !['id', 'class'].includes(name)).map(({ name, value }) => `${name} ${value}`).sort()]));

const NUMBER = /-?(?:\d+\.?\d*|\.\d+)/g;

/** How far the numbers of two drawings are apart at most; without end where it is more than numbers. */
function apart(one: string[], other: string[]): number {
    const plain = (all: string[]): string => all.map((text) => text.replace(NUMBER, ' #').replace(/ +/g, ' ')).join('|');
    if (plain(one) !== plain(other)) return Infinity;
    const numbers = (all: string[]): number[] => all.flatMap((text) => (text.match(NUMBER) ?? []).map(Number));
    const [a, b] = [numbers(one), numbers(other)];
    return Math.max(...a.map((n, i) => Math.abs(n - b[i]!)));
}

for (const [finish, off] of [['Dressed', 0.02], ['Plain', 0.02], ['Rough', 3]] as const) {
    test(`what is resized is drawn under the pointer as in the end, in the finish ${finish.toLowerCase()}`, async ({ page }) => {
        await openDemo(page, `Growing ${finish}`);
        const bare = await bareScreen(page);
        const id = (await bare.getAttribute('data-screen'))!;
        await page.getByRole('button', { name: finish, exact: true }).click();
        await saved(page);
        const [fill, stroke] = [[{ colour: '#a94c31' }], { colour: '#2e4a3c', width: 4, position: 'outside' }];
        const children = [
            { kind: 'box', x: 0, y: 0, width: 120, height: 80, fills: fill, stroke, corners: { topLeft: 20, topRight: 4, bottomRight: 0, bottomLeft: 8 } },
            { kind: 'ellipse', x: 130, y: 10, width: 60, height: 40, fills: fill, stroke },
            { kind: 'line', x: 130, y: 60, width: 60, height: 30, rising: true, stroke: { colour: '#2e4a3c', width: 2 } },
            { kind: 'path', x: 60, y: 90, width: 60, height: 30, d: 'M0 30C20 0 40 0 60 30Z', fills: fill },
        ];
        await page.evaluate(async ([screen, layers]) => {
            const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
            await fetch(urls['edits']!, { method: 'POST', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content }, body: JSON.stringify({ base: 1e9, token: 'growing', commands: [{ type: 'create-layers', screen, seed: 'growing', layers }] }) });
            window.dispatchEvent(new Event('focus'));
        }, [id, [{ kind: 'group', name: 'Marks', x: 40, y: 60, width: 190, height: 122, children }]] as const);
        const group = bare.locator('[data-kind=group]');
        await expect(group).toBeVisible();
        const [x, y] = await middle(group);
        const bounds = await extent(group);
        await page.mouse.click(x - bounds.width / 2 + 20, y - bounds.height / 2 + 20);
        const before = await drawn(group);
        await expect(page.locator('#facets:not([aria-busy]) .subject .kind')).toHaveText('group');
        const [fromX, fromY] = await middle(page.locator('#overlay [data-handle=se]'));
        let learned = 0;
        page.on('requestfinished', (request) => void (/\/preview$/.test(request.url()) && learned++));
        await page.mouse.move(fromX, fromY);
        await page.mouse.down();
        await page.mouse.move(fromX + 30, fromY + 20, { steps: 4 });
        await expect.poll(() => learned).toBe(3);
        await page.mouse.move(fromX + 71, fromY + 53, { steps: 6 });
        await page.mouse.move(fromX + 70, fromY + 53);
        const under = await drawn(group);
        await page.mouse.up();
        await saved(page);
        expect((await box(group))[2]).toBeGreaterThan(200);
        const after = await drawn(group);
        expect(apart(before, after)).toBeGreaterThan(10);
        expect(apart(under, after)).toBeLessThan(off);
    });
}

test('numbers change evenly with both sides, and what is drawn otherwise is nobody’s guess', () => {
    const element = (attributes: Record<string, string>): Element => ({ attributes: Object.entries(attributes).map(([name, value]) => ({ name, value })), getAttribute: (name: string) => attributes[name] ?? null }) as unknown as Element;
    const base = element({ width: '40', d: 'M0 10L.5-20', fill: '#a94c31', class: 'near', 'data-mark': '1' });
    const wide = element({ width: '60', d: 'M0 10L10.5-20', fill: '#a94c31' });
    const high = element({ width: '40', d: 'M0 30L.5-60', fill: '#a94c31' });
    const both = element({ width: '60', d: 'M0 30L10.5-60', fill: '#a94c31' });
    const changes = changing(base, base, [wide, 20, 0], [high, 0, 10], [both, 20, 10])!;
    expect(changes.map(({ name }) => name)).toEqual(['width', 'd']);
    expect(changes.map((one) => grown(one, 5, 1))).toEqual(['45', 'M0 12L3 -24']);
    const other = (attributes: Record<string, string>): unknown => changing(base, base, [wide, 20, 0], [high, 0, 10], [element({ width: '60', d: 'M0 30L10.5-60', fill: '#a94c31', ...attributes }), 20, 10]);
    expect(other({ d: 'M0 30H3' })).toBeNull();
    // As with an icon, which is as large as its shorter side.
    expect(other({ width: '80' })).toBeNull();
});
