/** What rules find: listed, looked at beforehand, mended, put aside; flags, badges and rules. */
import { expect, type Locator, type Page } from '@playwright/test';
import { allowError, importFile, near, enter, likeReload, openBare, openDemo, saved, screen, setField, at, pick, test } from './support/hand.ts';

const checks = (page: Page): Locator => page.locator('#checks');
const findings = (page: Page): Locator => checks(page).locator('.check-rule .finding');
const gist = (page: Page): Locator => page.locator('#checks-gist');
const badge = (page: Page, name: string): Locator => page.locator('#reel [data-card]', { hasText: name }).locator('[data-found]');

const words = (id: string, y: number, said: string, colour: string, more: object = {}): object => ({ id, kind: 'text', name: said, words: said, x: 24, y, width: 340, height: 22.4, wrapped: true, style: { family: 'Hanken Grotesk', weight: 400, size: 16, lineHeight: 1.4 }, fills: [{ colour }], ...more });

/** A screen whose words can hardly be read: on white, on a card, in part, and in a group that is seen through. */
const faint = {
    format: 'kindred-canvas', version: 2, name: 'Faint words', entry: 'notice', tokens: [{ id: 'soft', name: 'colour.soft', kind: 'color', value: '#6b6259' }],
    screens: [{ id: 'notice', name: 'Notice', device: 'phone', x: 0, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [
        words('pale', 40, 'The kiln is warm', '#9a9189'), words('grey', 80, 'Open until nine', '#aaaaaa'),
        { id: 'card', kind: 'box', name: 'Card', x: 24, y: 120, width: 342, height: 80, fills: [{ colour: '#2f4a3c' }] }, words('oncard', 148.8, 'Glaze firing', '#5d7f6e', { x: 40, width: 300 }),
        words('part', 230, 'Bring an apron', '#2a2622', { runs: [{ from: 6, to: 14, colour: '#c9b79c' }] }),
        { id: 'veil', kind: 'group', name: 'Veil', x: 24, y: 280, width: 340, height: 30, opacity: 0.4, children: [words('veiled', 4, 'Short nails', '#2a2622', { x: 0 })] },
        { id: 'tick', kind: 'icon', name: 'Tick', icon: 'check', x: 24, y: 330, width: 24, height: 24, fills: [{ colour: '#cccccc' }] },
    ] }, { id: 'other', name: 'Other', device: 'phone', x: 480, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [] }],
};

test('all contrasts of a screen are mended by what is offered, in one step, after a look at each', async ({ page }) => {
    await enter(page);
    await importFile(page, 'faint.json', faint);
    const notice = screen(page, 'Notice');
    await expect(badge(page, 'Notice')).toHaveText('6');
    await badge(page, 'Notice').click();
    await expect(findings(page)).toHaveCount(6);
    await expect(gist(page)).toHaveText('6 found');
    const pale = notice.locator('[data-layer=pale]');

    // Pointed at, the wall shows what it would be; left alone, what it is.
    const offer = findings(page).filter({ hasText: 'The kiln is warm' }).getByRole('button', { name: 'Take the token colour.soft' });
    await offer.hover();
    await expect(pale.locator('[fill="#6b6259"]')).toHaveCount(1);
    await page.mouse.move(700, 760);
    await expect(pale.locator('[fill="#9a9189"]')).toHaveCount(1);
    await likeReload(page, notice);

    await offer.click();
    await saved(page);
    await expect(findings(page)).toHaveCount(5);
    await page.locator('[data-rule=contrast]').getByRole('button', { name: 'Mend 4' }).click();
    await saved(page);
    await expect(checks(page).locator('[data-rule=contrast]')).toHaveCount(0);
    await checks(page).locator('[data-rule=graphic-contrast]').getByRole('button', { name: 'Take the token colour.soft' }).click();
    await expect(checks(page)).toContainText('Nothing found on this screen.');
    await expect(badge(page, 'Notice')).toBeHidden();
    await page.mouse.move(700, 760);
    await likeReload(page, notice);
    await expect(notice.locator('[data-layer=veil]')).not.toHaveAttribute('opacity', '0.4');
    await page.locator('[data-act=undo]').click();
    await page.locator('[data-act=undo]').click();
    await saved(page);
    await expect(badge(page, 'Notice')).toHaveText('5');
    await expect(findings(page)).toHaveCount(5);
});

test('findings are gone through, put aside with a reason and taken up again by keys', async ({ page }) => {
    await enter(page);
    await importFile(page, 'faint.json', faint);
    await near(page, 'Notice');
    await page.locator('#wall').press('5');
    const first = findings(page).first();
    await first.locator('.says').press('Enter');
    // What it is about is selected, and the list stays.
    await expect(page.locator('#facets .subject input')).toHaveValue('The kiln is warm');
    await expect(findings(page)).toHaveCount(6);
    await findings(page).nth(1).locator('.says').press('Enter');
    await expect(page.locator('#facets .subject input')).toHaveValue('Open until nine');
    await findings(page).nth(1).getByRole('button', { name: 'Put aside' }).press('Enter');
    await page.keyboard.type('It stands for what is closed.');
    await page.keyboard.press('Enter');
    await saved(page);
    await expect(findings(page)).toHaveCount(5);
    await expect(badge(page, 'Notice')).toHaveText('5');
    const aside = checks(page).locator('#checks-aside');
    await aside.locator('summary').press('Enter');
    await expect(aside).toContainText('It stands for what is closed.');
    await aside.getByRole('button', { name: 'Take up again' }).press('Enter');
    await saved(page);
    await expect(findings(page)).toHaveCount(6);
    // Something else is selected: the list is about that.
    await near(page, 'Other');
    await expect(checks(page)).toContainText('Nothing found on this screen.');
});

test('rules are switched and set for the project, and flags show where something was found', async ({ page }) => {
    await enter(page);
    await importFile(page, 'faint.json', faint);
    await near(page, 'Notice');
    const flags = page.locator('#flags button');
    await expect(flags).toHaveCount(0);
    await page.getByRole('button', { name: 'Checks', exact: true }).click();
    await expect(flags).toHaveCount(6);
    await page.locator('#flags [data-flag=oncard]').click();
    await expect(page.locator('#facets .subject input')).toHaveValue('Glaze firing');
    await expect(findings(page)).toHaveCount(1);
    await checks(page).getByRole('button', { name: 'Rules' }).click();
    const rules = page.locator('#check-rules');
    await rules.locator('[data-rule=graphic-contrast]').getByRole('checkbox').uncheck();
    await saved(page);
    await expect(flags).toHaveCount(5);
    const least = rules.locator('[data-rule=contrast]').getByLabel('Contrast of text that is not large');
    allowError(/422/);
    await least.fill('90');
    await least.press('Tab');
    await expect(rules.locator('.field-problem')).toBeVisible();
    await least.fill('3');
    await least.press('Tab');
    await saved(page);
    await expect(rules.locator('.field-problem')).toBeHidden();
    await expect(flags).toHaveCount(4);
    await rules.getByRole('button', { name: 'Close' }).click();
    await page.locator('[data-act=undo]').click();
    await saved(page);
    await expect(flags).toHaveCount(5);
    // Zoomed far out each screen has one flag, which says how many.
    await page.locator('#zoom').fill('10%');
    await page.locator('#zoom').press('Enter');
    await expect(flags).toHaveCount(1);
    await expect(flags).toHaveText('5');
});

test('every screen is checked in a dark theme that none of them shows', async ({ page }) => {
    await openDemo(page, 'Checked in the dark');
    await near(page, 'Today');
    await page.locator('#wall').press('5');
    await expect(checks(page)).toContainText('Nothing found on this screen.');
    await checks(page).getByLabel('Theme in which is checked').selectOption({ label: 'in Dark' });
    await expect(checks(page)).toContainText('Nothing found on this screen.');
    await page.getByRole('button', { name: 'House style' }).click();
    const house = page.locator('#house');
    await house.getByRole('button', { name: 'Dark', exact: true }).click();
    await expect(house.getByRole('button', { name: 'Dark', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await house.getByLabel('Value of colour.soft').fill('#4a4238');
    await page.keyboard.press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Close the house style' }).click();
    await expect(checks(page).locator('[data-rule=contrast] .finding').first()).toContainText('has a contrast of');
    for (const name of ['Book a wheel', 'Glaze library', 'Desk: bookings']) await expect(badge(page, name)).toBeVisible();
    await checks(page).getByLabel('Theme in which is checked').selectOption({ label: 'as shown' });
    await expect(checks(page)).toContainText('Nothing found on this screen.');
    await expect(badge(page, 'Book a wheel')).toBeHidden();
});

test('what is drawn nearly right is found while the hand rests, and mended', async ({ page }) => {
    const bare = await openBare(page, 'Nearly');
    await page.keyboard.press('s');
    for (const [x, y] of [[40, 100], [40, 180], [40, 260]] as const) {
        if (y !== 100) await page.keyboard.press('s');
        const from = await at(bare, x, y);
        await page.mouse.move(...from);
        await page.mouse.down();
        await page.mouse.move(...await at(bare, x + 120, y + 50), { steps: 6 });
        await page.mouse.up();
        await saved(page);
    }
    await page.locator('#wall').press('5');
    // The last one is two px off.
    await pick(page, await at(bare, 60, 280), 'box');
    const x = Number(await page.locator('#f-x').inputValue());
    await setField(page, 'X', String(x + 2));
    await expect(gist(page)).toHaveText('1 found');
    await expect(findings(page)).toContainText('misses that of');
    await findings(page).getByRole('button', { name: 'Move it by 2 px' }).click();
    await saved(page);
    await expect(page.locator('#f-x')).toHaveValue(String(x));
    await expect(gist(page)).toHaveText('nothing found');
    // What goes because it is undone is selected no more, and the list is about the screen.
    await expect(checks(page)).toContainText('Nothing found on this layer.');
    for (const left of [3, 3, 2]) {
        await page.locator('#wall').press('Control+z');
        await saved(page);
        await expect(bare.locator('[data-kind=box]')).toHaveCount(left);
    }
    await expect(checks(page)).toContainText('Nothing found on this screen.');
});

test('a screen is put under strain, what breaks is mended there, and holds', async ({ page }) => {
    await openDemo(page, 'Under strain');
    await near(page, 'Today');
    await page.locator('#wall').press('5');
    await checks(page).getByRole('button', { name: 'Strain' }).click();
    const stress = page.locator('#stress');
    const said = stress.locator('[data-part=said]');
    await expect(said).toContainText('Something breaks in');
    const german = stress.locator('[data-strain=german]');
    const broken = german.locator('.finding', { hasText: 'lies on “Good morning, Tilda”' });
    await broken.getByRole('button', { name: /^Stack/ }).click();
    await expect(broken).toHaveCount(0);
    await expect(german.locator('.finding')).not.toHaveCount(0);
    await expect(said).toContainText('Something breaks in');
    await stress.getByLabel('Only what breaks').check();
    await expect(stress.locator('[data-strain=on-phone-large]')).toBeHidden();
    await german.locator('.says').first().click();
    await expect(stress).toBeHidden();
    await expect(page.locator('#facets .subject .kind')).toHaveText('text');
    await likeReload(page, screen(page, 'Today'));
    await page.locator('[data-act=undo]').click();
    await saved(page);
    await likeReload(page, screen(page, 'Today'));
});

test('what the eye meets first is listed and drawn over the screen, and held against what is meant', async ({ page }) => {
    await openDemo(page, 'First seen');
    await near(page, 'Book a wheel');
    const eye = page.locator('#eye');
    await page.locator('#facet-eye summary').click();
    await expect(eye.locator('[data-eye=go]').first()).toHaveText('Book it');
    await eye.getByLabel('On the wall').check();
    const wheel = screen(page, 'Book a wheel');
    await expect(wheel.locator('svg.heat text').first()).toHaveText('1');
    // The title is meant to be met first.
    await eye.locator('[data-eye=go]', { hasText: 'Book a wheel' }).click();
    await expect(page.locator('#facets .subject input')).toHaveValue('Book a wheel');
    await eye.getByRole('button', { name: 'Meant: as selected' }).click();
    await saved(page);
    await expect(eye).toContainText('Meant to be met: Book a wheel.');
    await near(page, 'Book a wheel');
    await page.locator('#wall').press('5');
    await expect(checks(page).locator('[data-rule=reading-order]')).toContainText('“Book it” shouts');
    await near(page, 'Today');
    await expect(wheel.locator('svg.heat')).toHaveCount(0);
});

test('in a dark theme every screen is gone through and mended for that theme alone', async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'Dark');
    const house = page.locator('#house');
    await page.locator('[data-act=house]').click();
    await house.locator('.new-theme summary').click();
    await page.keyboard.type('Late');
    await house.locator('.new-theme').getByRole('button', { name: 'Add' }).click();
    await house.getByRole('button', { name: 'Show on the wall' }).click();
    await saved(page);
    await house.getByRole('button', { name: 'Close the house style' }).click();
    await page.locator('#facet-checks summary').click();
    const names = ['Welcome', 'Today', 'Book a wheel', 'Booked', 'Kiln status', 'Glaze library', 'Desk: bookings'];
    let mended = 0;
    for (const name of names) {
        await near(page, name);
        await expect(checks(page).locator('[data-checks]')).toHaveAttribute('data-checks', /"left":0/);
        // What is mended on one screen may be so on others by then.
        for (;;) {
            await expect(page.locator('#checks:not([aria-busy])')).toContainText(/on this screen|Put aside/);
            const fix = findings(page).first().locator('[data-check=fix]');
            if (await checks(page).getByText('Nothing found on this screen.').isVisible()) break;
            const before = await findings(page).count();
            await expect(fix).toHaveText(/ in Late$/);
            await fix.click();
            mended++;
            await saved(page);
            await expect.poll(() => findings(page).count()).toBeLessThan(before);
        }
        await expect(badge(page, name)).toBeHidden();
    }
    expect(mended).toBeGreaterThan(3);
    await page.mouse.move(700, 760);
    await likeReload(page, screen(page, 'Today'));
    // Without a theme nothing is otherwise.
    await checks(page).getByLabel('Theme in which is checked').selectOption('base');
    for (const name of names) {
        await near(page, name);
        await expect(page.locator('#checks:not([aria-busy])')).toContainText('Nothing found on this screen.');
    }
});
