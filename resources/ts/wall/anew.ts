/** Whole screens that the server draws anew: a few at a time, for drawing a whole wall takes a while. */
import type { Parts } from './parts.ts';
import { send } from './server.ts';

const TOGETHER = 4;

type Drawn = Record<string, string>;

async function drawn(url: string, ids: string[], show: (pictures: Drawn) => Promise<void> | void): Promise<void> {
    for (const left = [...ids]; left.length > 0;) await show(await send<Drawn>(`${url}?of=${left.splice(0, TOGETHER).join(',')}`).catch(() => ({})));
}

/** Screens whose finish changed, those in the window first. */
export function redrawn({ picture, overlay, urls }: Pick<Parts, 'picture' | 'overlay' | 'urls'>, ids: string[]): Promise<void> {
    const away = (id: string): number => Number(picture.screen(id)?.classList.contains('away') ?? true);
    return drawn(urls['pictures']!, ids.sort((a, b) => away(a) - away(b)), (pictures) => {
        for (const [id, svg] of Object.entries(pictures)) picture.replace(id, svg);
        overlay.show();
    });
}

/** Words with placeholders show what the widgets start with now. */
export async function refilled({ picture, overlay, gestures, urls }: Pick<Parts, 'picture' | 'overlay' | 'gestures' | 'urls'>, ids: string[]): Promise<void> {
    await drawn(urls['pictures']!, ids, async (pictures) => {
        await gestures.rest();
        for (const svg of Object.values(pictures)) picture.refill(svg);
    });
    overlay.show();
}
