/** Fonts of one's own: brought in, set, missing, replaced, and handed over. */
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { allowError, at, bareScreen, drag, openBare, openDemo, saved, test } from './support/hand.ts';

const file = (name: string): string => `node_modules/@fontsource/${name}`;
const text = (page: Page) => page.locator('article.screen').last().locator('[data-kind=text]').last();

/** How wide the words are as the browser sets them in a family, px. */
const set = (page: Page, words: string, font: string): Promise<number> => page.evaluate(async ([words, font]) => {
    await document.fonts.load(font!, words!);
    const box = document.body.appendChild(document.createElement('div'));
    Object.assign(box.style, { position: 'absolute', whiteSpace: 'pre', font, textRendering: 'geometricPrecision', fontVariantLigatures: 'common-ligatures no-contextual' });
    box.textContent = words!;
    const { width } = box.getBoundingClientRect();
    box.remove();
    return width;
}, [words, font]);

test('a heading in a font that was brought in, on the wall, in the exported page without a network, and once the font is gone', async ({ page, context }, info) => {
    const bare = await openBare(page, 'Own font');
    await page.keyboard.press('t');
    await drag(page, await at(bare, 20, 60), await at(bare, 320, 90), ['Control']);
    await page.keyboard.type('Glaze firing');
    await page.keyboard.press('Control+Enter');
    await saved(page);
    await page.locator('#f-style-size').fill('40');
    await page.locator('#f-style-size').press('Enter');
    await saved(page);
    await page.locator('#f-style-size').press('Escape');

    await page.getByRole('button', { name: 'Own fonts' }).click();
    const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByRole('button', { name: 'Import fonts' }).click()]);
    // What has the name of a font that ships is told apart from it; the other is renamed by its file.
    await chooser.setFiles([file('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2'), file('lora/files/lora-latin-600-italic.woff')]);
    const dialog = page.locator('#fonts');
    await expect(dialog.locator('[data-family="JetBrains Mono own"]')).toContainText('700');
    await expect(dialog.locator('[data-family="Lora own"]')).toContainText('600, italic');
    await page.keyboard.press('Escape');

    await page.locator('#f-style-family').selectOption('JetBrains Mono own');
    await saved(page);
    await expect(page.locator('#facets')).toContainText('JetBrains Mono own has no weight 400: 700 stands in.');
    await page.locator('#f-style-weight').selectOption('700');
    await saved(page);
    await expect(page.locator('#facets .field-problem')).toHaveCount(0);
    await page.locator('#f-extent').selectOption('free');
    await saved(page);
    const wide = Number((await text(page).getAttribute('data-box'))!.split(' ')[2]);
    expect(Math.abs(wide - (await set(page, 'Glaze firing', '700 40px "JetBrains Mono own"')))).toBeLessThan(0.1);
    await expect(text(page).locator('text')).toHaveAttribute('font-family', /^JetBrains Mono own/);

    // The exported page brings the font along.
    const id = page.url().match(/projects\/(\d+)/)![1]!;
    const exported = info.outputPath('own.html');
    writeFileSync(exported, await (await page.request.get(`/projects/${id}/hand-over/page`)).body());
    const offline = await context.newPage();
    // What the wall asks for meanwhile has no answer; it asks again.
    allowError(/ERR_INTERNET_DISCONNECTED/);
    await context.setOffline(true);
    await offline.goto(`file://${exported}`);
    expect(Math.abs(wide - (await set(offline, 'Glaze firing', '700 40px "JetBrains Mono own", serif')))).toBeLessThan(0.1);
    expect(await offline.evaluate(() => [...document.fonts].some((face) => face.family.includes('JetBrains Mono own')))).toBe(true);
    await context.setOffline(false);
    await offline.close();

    // Once it is gone that is said, and its words are in another until it is here again, or replaced.
    await page.keyboard.press('/');
    await page.keyboard.type('fonts of the project');
    await page.keyboard.press('Enter');
    await dialog.locator('[data-family="JetBrains Mono own"]').getByRole('button', { name: 'Remove' }).click();
    await expect(dialog).toContainText('one text, set in Hanken Grotesk meanwhile');
    await expect(page.locator('#facets')).toContainText('“JetBrains Mono own” is not here: Hanken Grotesk stands in.');
    const [again] = await Promise.all([page.waitForEvent('filechooser'), dialog.getByRole('button', { name: 'Import its file' }).click()]);
    await again.setFiles(file('jetbrains-mono/files/jetbrains-mono-latin-700-normal.woff2'));
    await expect(dialog.getByRole('heading', { name: 'Missing' })).toHaveCount(0);
    await expect.poll(async () => Number((await text(page).getAttribute('data-box'))!.split(' ')[2])).toBe(wide);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await saved(page);
    await page.keyboard.press('/');
    await page.keyboard.type('fonts of the project');
    await page.keyboard.press('Enter');
    await dialog.getByLabel('Family in the place of JetBrains Mono own').selectOption('Archivo');
    await dialog.getByRole('button', { name: 'Replace everywhere' }).click();
    await saved(page);
    await expect(text(page).locator('text')).toHaveAttribute('font-family', /^Archivo/);
});

test('font files dropped on the wall are brought in, and a broken one says why', async ({ page }) => {
    await openDemo(page, 'Dropped font');
    await bareScreen(page);
    const drop = async (name: string, bytes: Buffer): Promise<void> => {
        const files = await page.evaluateHandle(([name, data]) => {
            const transfer = new DataTransfer();
            transfer.items.add(new File([Uint8Array.from(atob(data!), (char) => char.charCodeAt(0))], name!));
            return transfer;
        }, [name, bytes.toString('base64')]);
        await page.locator('#wall').dispatchEvent('drop', { dataTransfer: files });
    };
    const font = readFileSync(file('spectral/files/spectral-latin-700-normal.woff'));
    await drop('kiln hand.woff', font);
    await expect(page.locator('#toast')).toContainText('Imported: Spectral own 700');
    await saved(page);
    allowError(/422/);
    await drop('broken.woff', font.subarray(0, 2000));
    await expect(page.locator('#toast')).toContainText('broken.woff: The font is damaged or cut off. Nothing was added.');
});
