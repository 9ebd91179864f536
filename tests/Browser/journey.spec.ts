/** The whole way once: from signing in to the exported page played without a server. */
import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { at, box, drag, exportPage, middle, newProject, pick, saved, screen, setField, signIn, test } from './support/hand.ts';

test('draw two screens, link them, rehearse, hand over', async ({ page, context }) => {
    await signIn(page);
    await newProject(page, `Journey ${Date.now()}`);

    // Two phone screens.
    await page.locator('#empty').getByRole('button', { name: 'Add a screen' }).click();
    await page.locator('#devices').getByRole('button', { name: /^Phone / }).click();
    await expect(screen(page, 'Screen 1')).toBeVisible();
    await page.keyboard.press('a');
    await page.locator('#devices').getByRole('button', { name: /^Phone / }).click();
    const [one, two] = [screen(page, 'Screen 1'), screen(page, 'Screen 2')];
    await expect(two).toBeVisible();
    await saved(page);

    // A button: a box drawn by hand, exact by typing, restyled.
    await page.keyboard.press('s');
    await drag(page, await at(one, 40, 600), await at(one, 300, 660));
    const button = one.locator('[data-kind=box]');
    await expect(button).toHaveCount(1);
    await expect(page.locator('#facets .subject .kind')).toHaveText('box');
    await setField(page, 'X', '24');
    await setField(page, 'W', '100% - 48');
    await setField(page, 'H', '7*8');
    await setField(page, 'Fill', '#17594f');
    await setField(page, 'Corners', '14');
    expect((await box(button)).slice(0, 1).concat((await box(button)).slice(2, 4))).toEqual([24, 342, 56]);
    await expect(button.locator('rect')).toHaveAttribute('fill', '#17594f');
    await expect(button.locator('rect')).toHaveAttribute('rx', '14');

    // Words, typed on the wall.
    await page.keyboard.press('w');
    await page.mouse.click(...(await at(one, 60, 200)));
    await page.keyboard.type('Throw a bowl');
    await page.keyboard.press('Control+Enter');
    const words = one.locator('[data-kind=text]');
    await expect(words.locator('text')).toHaveText('Throw a bowl');
    await expect(page.locator('#facets .subject .kind')).toHaveText('text');
    await setField(page, 'Size', '32');
    await page.locator('#facets').getByLabel('Family', { exact: true }).selectOption('Spectral');
    await saved(page);
    await expect(words.locator('text')).toHaveAttribute('font-family', /Spectral/);

    // An icon from the library.
    await page.keyboard.press('i');
    await page.getByLabel('Search icons').fill('fire');
    await page.locator('#icons [data-icon=flame]').click();
    await page.mouse.click(...(await at(one, 200, 400)));
    await expect(one.locator('[data-kind=icon]')).toHaveCount(1);
    await saved(page);

    // A picture, dropped on the other screen.
    const bytes = [...readFileSync('database/demo/pictures/bowl.png')];
    const [x, y] = await at(two, 195, 300);
    const transfer = await page.evaluateHandle((data) => {
        const transfer = new DataTransfer();
        transfer.items.add(new File([new Uint8Array(data)], 'bowl.png', { type: 'image/png' }));
        return transfer;
    }, bytes);
    await page.dispatchEvent('#wall', 'drop', { dataTransfer: transfer, clientX: x, clientY: y });
    await expect(two.locator('[data-kind=picture] image')).toHaveAttribute('href', /assets/);
    await saved(page);

    // Undo and redo, named, also after a reload.
    await page.keyboard.press('Control+z');
    await expect(two.locator('[data-kind=picture]')).toHaveCount(0);
    await page.reload();
    await page.getByRole('button', { name: 'History' }).click();
    await expect(page.locator('#steps')).toContainText('Redo makes “Add bowl” again');
    await page.locator('#history').getByRole('button', { name: 'Close' }).click();
    await page.keyboard.press('Control+Shift+z');
    await expect(two.locator('[data-kind=picture]')).toHaveCount(1);
    await saved(page);

    // A thread from the button to the second screen, and one back by its facet.
    await page.keyboard.press('g');
    await drag(page, await middle(button), await at(two, 100, 500));
    await expect(button).toHaveAttribute('data-cues', /^\w+>\w+$/);
    await expect(page.locator('#facets [data-cue-field="actions.0.transition.direction"]')).toHaveValue('left');
    await page.keyboard.press('q');
    await pick(page, await middle(two.locator('[data-kind=picture]')), 'picture');
    await page.getByRole('button', { name: 'On tap, return' }).click();
    await expect(page.locator('#facets [data-cue-field="actions.0.transition.kind"]')).toHaveValue('');
    await saved(page);

    // Rehearse, forwards and back.
    const play = async (): Promise<void> => {
        const shown = page.locator('#rehearsal .screen-now');
        await expect(shown).toHaveText('Screen 1');
        await page.mouse.click(...(await middle(page.locator('.pane:not(.waiting) [data-layer] rect[fill="#17594f"]').first())));
        await expect(shown).toHaveText('Screen 2');
        await expect(page.locator('.pane:not(.waiting)')).toHaveCount(1);
        await page.mouse.click(...(await middle(page.locator('.pane:not(.waiting) image'))));
        await expect(shown).toHaveText('Screen 1');
        await expect(page.locator('.pane:not(.waiting)')).toHaveCount(1);
        await page.locator('#rehearsal .table').focus();
        await page.keyboard.press('ArrowDown');
        await page.keyboard.press('Enter');
        await expect(shown).toHaveText('Screen 2');
        await page.keyboard.press('ArrowLeft');
        await expect(shown).toHaveText('Screen 1');
    };
    await page.getByRole('link', { name: 'Wall' }).click();
    await page.locator('[data-card] [data-open-screen]').first().click();
    await page.keyboard.press('r');
    await play();

    // Hand over: the page, saved and played with no server.
    const file = await exportPage(page);
    await context.setOffline(true);
    await page.goto(`file://${file}`);
    await play();
    const fonts = await page.evaluate(async () => {
        await document.fonts.ready;
        return [...document.fonts].filter((face) => face.status === 'loaded').map((face) => face.family.replaceAll('"', ''));
    });
    expect(fonts).toContain('Spectral');
});
