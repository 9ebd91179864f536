/** A hand whose gestures are counted: a press, a drag, a key, words typed in one go, files chosen. */
import type { Locator, Page } from '@playwright/test';
import { middle } from './hand.ts';

type Place = Locator | [number, number];

export class Hand {
    gestures = 0;

    constructor(readonly page: Page) {}

    async press(place: Place, options: { button?: 'left' | 'right'; modifiers?: ('Shift' | 'Control' | 'Alt')[]; times?: number } = {}): Promise<void> {
        this.gestures++;
        const at = await this.place(place);
        for (const key of options.modifiers ?? []) await this.page.keyboard.down(key);
        await this.page.mouse.click(at[0], at[1], { button: options.button ?? 'left', clickCount: options.times ?? 1 });
        for (const key of options.modifiers ?? []) await this.page.keyboard.up(key);
    }

    async drag(from: Place, to: Place, keys: string[] = []): Promise<void> {
        this.gestures++;
        const [a, b] = [await this.place(from), await this.place(to)];
        await this.page.mouse.move(a[0], a[1]);
        for (const key of keys) await this.page.keyboard.down(key);
        await this.page.mouse.down();
        await this.page.mouse.move((a[0] + b[0]) / 2, (a[1] + b[1]) / 2, { steps: 4 });
        await this.page.mouse.move(b[0], b[1], { steps: 4 });
        await this.page.mouse.up();
        for (const key of keys) await this.page.keyboard.up(key);
    }

    async key(...keys: string[]): Promise<void> {
        for (const key of keys) {
            this.gestures++;
            await this.page.keyboard.press(key);
        }
    }

    async type(words: string): Promise<void> {
        this.gestures++;
        await this.page.keyboard.type(words);
    }

    async choose(select: Locator, label: string): Promise<void> {
        this.gestures++;
        await select.selectOption({ label });
    }

    async files(opens: Locator, files: { name: string; mimeType: string; buffer: Buffer }[]): Promise<void> {
        this.gestures++;
        const chooser = this.page.waitForEvent('filechooser');
        await opens.click();
        await (await chooser).setFiles(files);
    }

    private async place(place: Place): Promise<[number, number]> {
        if (Array.isArray(place)) return place;
        await place.scrollIntoViewIfNeeded();
        return middle(place);
    }
}
