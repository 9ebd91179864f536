/** Whole screens that the server draws anew: a few at a time, for drawing a whole wall takes a while. */
import type { Parts } from './parts.ts';
import { send } from './server.ts';

const TOGETHER = 4;

type On = Pick<Parts, 'picture' | 'overlay' | 'gestures' | 'urls'>;

/** What was drawn before an edit that is shown already is asked for once more; nothing is put under a hand that is at work. */
async function drawn({ picture, overlay, gestures, urls }: On, ids: string[], show: (id: string, svg: string) => void): Promise<void> {
    const revision = (id: string): string | undefined => picture.screen(id)?.dataset['revision'];
    for (const left = [...ids]; left.length > 0;) {
        const asked = left.splice(0, TOGETHER).map((id) => [id, revision(id)] as const);
        const pictures = await send<Record<string, string>>(`${urls['pictures']!}?of=${asked.map(([id]) => id).join(',')}`).catch((): Record<string, string> => ({}));
        await gestures.rest();
        for (const [id, was] of asked) {
            if (revision(id) !== was) left.push(id);
            else if (pictures[id] !== undefined) show(id, pictures[id]);
        }
        overlay.show();
    }
}

/** Screens whose finish changed, those in the window first. */
export function redrawn(on: On, ids: string[]): Promise<void> {
    const away = (id: string): number => Number(on.picture.screen(id)?.classList.contains('away') ?? true);
    return drawn(on, ids.sort((a, b) => away(a) - away(b)), (id, svg) => on.picture.replace(id, svg));
}

/** Words with placeholders show what the widgets start with now. */
export function refilled(on: On, ids: string[]): Promise<void> {
    return drawn(on, ids, (_, svg) => on.picture.refill(svg));
}
