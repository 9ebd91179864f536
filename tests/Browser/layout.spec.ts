/** Whole pieces of layout work by hand, checked by the numbers that come out. */
import { expect } from '@playwright/test';
import { at, bareScreen, box, drag, middle, openDemo, saved, test } from './support/hand.ts';
import { measured, overlapping } from './support/measured.ts';

test('a settings list: dividers 72 px apart, labels 24 px in, three switches, one of them off', async ({ page }) => {
    await openDemo(page, 'Settings');
    const bare = await bareScreen(page);
    const facets = page.locator('#facets');
    let gestures = 0;
    const press = async (key: string): Promise<void> => {
        gestures++;
        await page.keyboard.press(key);
    };
    const pull = async (from: [number, number], to: [number, number], keys: string[] = ['Control']): Promise<void> => {
        gestures++;
        await drag(page, await at(bare, ...from), await at(bare, ...to), keys);
    };
    const set = async (label: string, value: string): Promise<void> => {
        gestures++;
        await facets.getByLabel(label, { exact: true }).fill(value);
        await facets.getByLabel(label, { exact: true }).press('Enter');
        await page.keyboard.press('Escape');
        await saved(page);
    };
    const twice = async (x: number, y: number, kind: string): Promise<void> => {
        gestures++;
        await page.mouse.dblclick(...(await at(bare, x, y)));
        await expect(facets.locator('.subject .kind')).toHaveText(kind);
    };
    const write = async (words: string): Promise<void> => {
        gestures += 2;
        await page.locator('#writing').fill(words);
        await page.locator('#writing').press('Control+Enter');
        await saved(page);
    };

    await press('w');
    gestures++;
    await page.mouse.click(...(await at(bare, 24, 136)));
    await write('Firing finished');
    await expect(facets.locator('.subject .kind')).toHaveText('text');
    // The track of a switch and its knob, 24 px from the right.
    await press('s');
    await pull([314, 120], [366, 152]);
    await expect(facets.locator('.subject .kind')).toHaveText('box');
    await set('Corners', '16');
    await set('Fill', '#17594f');
    await press('s');
    await press('s');
    await pull([338, 124], [362, 148]);
    await expect(facets.locator('.subject .kind')).toHaveText('ellipse');
    await set('Fill', '#ffffff');
    await press('s');
    await press('s');
    await pull([20, 171], [370, 171]);
    await expect(facets.locator('.subject .kind')).toHaveText('line');
    await set('X', '0');
    await set('W', '100%');
    // One row, three times: the third copy goes as far as the second went.
    await pull([2, 100], [388, 190]);
    await expect(facets.locator('.subject')).toContainText('4 layers');
    await press('Control+g');
    await expect(facets.locator('.subject .kind')).toHaveText('group');
    await press('Control+d');
    await expect(facets.getByLabel('X', { exact: true })).toHaveValue('16');
    await set('X', '0');
    const [, y = 0] = await box(bare.locator('[data-kind=group]').first());
    await set('Y', `${y} + 72`);
    await press('Control+d');
    await expect(bare.locator('[data-kind=group]')).toHaveCount(3);
    await saved(page);
    await press('Escape');
    for (const [row, words] of [[1, 'Somebody takes my shelf'], [2, 'Clay is back in stock']] as const) {
        await twice(60, 136 + row * 72, 'text');
        await write(words);
    }
    // The last switch is off: its track grey, its knob as far from the left as it was from the right.
    gestures++;
    await page.mouse.click(...(await at(bare, 326, 136 + 144)));
    await expect(facets.locator('.subject .kind')).toHaveText('box');
    await set('Fill', '#cdcfce');
    gestures++;
    await page.mouse.click(...(await at(bare, 350, 136 + 144)));
    await expect(facets.locator('.subject .kind')).toHaveText('ellipse');
    const [x = 0] = await box(bare.locator('[data-kind=ellipse]').last());
    await set('X', `${x} - 20`);
    expect(gestures).toBeLessThanOrEqual(45);

    const boxes = await measured(page, 'Screen 8');
    const named = (name: string): number[][] => boxes.filter((one) => one.name === name).map(({ x: left, y: top, width, height }) => [left, top, width, height]);
    const tops = named('Line').map((line) => line[1]!);
    expect(named('Line').map(([left, , width, height]) => [left, width, height])).toEqual([[0, 390, 0], [0, 390, 0], [0, 390, 0]]);
    expect([tops[1]! - tops[0]!, tops[2]! - tops[1]!]).toEqual([72, 72]);
    const labels = boxes.filter((one) => one.lines);
    expect(labels.map((one) => [one.x, one.lines])).toEqual([[24, ['Firing finished']], [24, ['Somebody takes my shelf']], [24, ['Clay is back in stock']]]);
    expect(labels.map((one, i) => one.y - labels[0]!.y - i * 72)).toEqual([0, 0, 0]);
    expect(named('Box').map(([left, top, width, height]) => [left, 390 - left! - width!, top! - 120, height])).toEqual([[314, 24, 0, 32], [314, 24, 72, 32], [314, 24, 144, 32]]);
    expect(named('Ellipse').map(([left, , width]) => [left, width])).toEqual([[338, 24], [338, 24], [318, 24]]);
});

test('a form of nested stacks takes labels three times as long, on three devices, and nothing overlaps', async ({ page }) => {
    await openDemo(page, 'Form');
    const bare = await bareScreen(page);
    const facets = page.locator('#facets');
    const screen = (await bare.getAttribute('data-screen'))!;
    const style = { family: 'Hanken Grotesk', weight: 500, size: 16, lineHeight: 1.4 };
    const row = (name: string): object => ({ kind: 'stack', name, x: 0, y: 0, width: 342, direction: 'column', rowGap: 6, sizing: { width: 'stretch', height: 'content' }, children: [
        { kind: 'text', name: 'Label', words: name, wrapped: true, style, sizing: { width: 'stretch' }, fills: [{ colour: '#1e2223' }] },
        { kind: 'box', name: 'Field', height: 44, sizing: { width: 'stretch' }, fills: [{ colour: '#eef0ef' }] },
    ] });
    await page.evaluate(async ([id, rows]) => {
        const urls = JSON.parse(document.getElementById('wall-page')!.dataset['urls']!) as Record<string, string>;
        const layers = [{ kind: 'stack', name: 'Form', x: 24, y: 80, width: 342, direction: 'column', rowGap: 16, sizing: { height: 'content' }, pins: { left: true, right: true, top: true }, children: rows }];
        await fetch(urls['edits']!, { method: 'POST', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content }, body: JSON.stringify({ base: 1000, token: 'form', commands: [{ type: 'create-layers', screen: id, layers, seed: 'form' }] }) });
    }, [screen, [row('Your name'), row('Which shelf'), row('When to fire')]] as const);
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(bare.locator('[data-kind=text]')).toHaveCount(3);
    const longer = ['The name that your pieces are to be found under', 'Which shelf of the big kiln they go on this week', 'When they are to be fired, at the very earliest'];
    for (const [i, words] of longer.entries()) {
        const label = bare.locator('[data-kind=text]').nth(i);
        // The words of a row in a form.
        await page.mouse.dblclick(...(await middle(label)));
        await expect(page.locator('#writing')).toBeVisible();
        await page.locator('#writing').fill(words);
        await page.locator('#writing').press('Control+Enter');
        await saved(page);
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
    }
    const lines: number[] = [];
    for (const device of ['Small phone', 'Phone', 'Watch']) {
        const boxes = (await measured(page, 'Screen 8', device)).filter((one) => one.name === 'Label' || one.name === 'Field' || longer.includes(one.lines?.join(' ') ?? ''));
        expect(boxes).toHaveLength(6);
        expect(overlapping(boxes)).toEqual([]);
        lines.push(...boxes.filter((one) => one.lines).map((one) => one.lines!.length));
    }
    // On the narrow ones the words did wrap.
    expect(Math.max(...lines)).toBeGreaterThan(2);

    await bare.locator('.screen-name').click();
    await facets.getByRole('button', { name: 'See it on all devices' }).click();
    const dialog = page.locator('#all-devices');
    await expect(dialog.locator('[data-on-device=phone]')).toContainText('everything fits');
    await expect(dialog.locator('[data-on-device=watch]')).toContainText('sticks out of the screen');
    await expect(dialog.locator('[data-on-device]')).toHaveCount(13);
});
