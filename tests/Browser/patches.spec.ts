/** What a window is sent of other people's edits brings its picture to what a page shows that is opened now. */
import { expect, type Page } from '@playwright/test';
import { allowError, likeReload, openDemo, screen, test } from './support/hand.ts';
import { numbers, rounds } from './support/random.ts';

async function send(page: Page, step: number, command: object | 'undo' | 'redo'): Promise<number> {
    return page.evaluate(async ([command, token]) => {
        const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
        const body = typeof command === 'string' ? {} : { base: 100000, token, commands: [command] };
        const answer = await fetch(urls[typeof command === 'string' ? command : 'edits']!, {
            method: 'POST', body: JSON.stringify(body),
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content },
        });
        return answer.status;
    }, [command, `other${step}`] as const);
}

for (const [seed, name] of [[3, 'Book a wheel'], [4, 'Glaze library'], [8, 'Today']] as const) {
    test(`after commands at random on “${name}” by another window, the picture is that of a reload`, async ({ page }) => {
        test.setTimeout(120_000);
        await openDemo(page, 'Patches');
        const shown = screen(page, name);
        const id = (await shown.getAttribute('data-screen'))!;
        const random = numbers(seed);
        const any = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
        let made = 0;
        for (let step = 0; step < rounds(24); step++) {
            const layers = await shown.locator('[data-layer]').evaluateAll((all) => all.map((one) => ({ id: one.getAttribute('data-layer')!, kind: one.getAttribute('data-kind')! })));
            const one = any(layers);
            const group = any([null, ...layers.filter(({ kind }) => ['group', 'stack'].includes(kind)).map((layer) => layer.id)]);
            const array = layers.find(({ kind }) => kind === 'array')?.id ?? one.id;
            const on = { screen: id, layers: [one.id] };
            const command = any<object | 'undo' | 'redo'>([
                'undo', 'undo', 'redo',
                { type: 'move-layers', ...on, dx: 7, dy: -3 },
                { type: 'set-field', ...on, field: 'fills.0.colour', value: any(['#a94c31', '#3f5d4a80', '']) },
                { type: 'set-field', ...on, field: any(['opacity', 'corners', 'rotation', 'width', 'style.size', 'rowGap', 'columns']), value: any(['1', '0.5', '12', '90']), apart: random() < 0.3 },
                { type: 'set-words', screen: id, layer: one.id, words: `Step ${step} with several words` },
                { type: 'group-layers', screen: id, layers: [...new Set([one.id, any(layers).id])], seed: `g${step}` },
                { type: 'ungroup-layers', ...on, parent: null },
                { type: 'stack-layers', ...on, seed: `s${step}` },
                { type: 'array-layers', ...on, seed: `a${step}` },
                { type: 'add-rows', screen: id, layer: array, count: 2, seed: `r${step}` },
                { type: 'reorder-layers', ...on, parent: group, above: null },
                { type: 'delete-layers', ...on },
                { type: 'duplicate-layers', ...on, parent: null, dx: 12, dy: 12, seed: `d${step}` },
                { type: 'mark-layers', ...on, hidden: random() < 0.5 },
                { type: 'mark-layers', ...on, locked: random() < 0.5 },
                { type: 'create-layers', screen: id, seed: `c${step}`, layers: [{ kind: 'ellipse', x: 40, y: 60, width: 50, height: 30, fills: [{ colour: '#123456' }] }] },
            ]);
            const status = await send(page, step, command);
            expect(status).toBeLessThan(500);
            if (status >= 400) {
                allowError(/the server responded with a status of 4/);
                continue;
            }
            made++;
            await page.evaluate(() => window.dispatchEvent(new Event('focus')));
            await expect(async () => likeReload(page, shown), `step ${step}: ${JSON.stringify(command)}`).toPass({ timeout: 8000, intervals: [20, 50, 100, 200] });
        }
        expect(made).toBeGreaterThan(8);
    });
}
