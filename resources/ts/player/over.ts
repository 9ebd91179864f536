/** Where a screen lies over another. `Document\Overlay` says the same on the server. */
import type { Over } from './table.ts';

export interface Rect { x: number; y: number; width: number; height: number }

const share = (place: string, first: string, last: string): number => (place.split('-').includes(first) ? 0 : place.split('-').includes(last) ? 1 : 0.5);

/**
 * @param seen how large what is seen of the screen below is
 * @param own how large the screen is that is laid over
 * @param beside what was tapped, in what is seen
 */
export function placeOver(over: Pick<Over, 'place' | 'x' | 'y'>, seen: { width: number; height: number }, own: { width: number; height: number }, beside: Rect | null): { x: number; y: number } {
    if (over.place === 'hand') return { x: over.x, y: over.y };
    if (over.place === 'beside' && beside) {
        const end = beside.y + beside.height;
        const below = end + own.height <= seen.height || beside.y < seen.height - end;
        return { x: Math.max(0, Math.min(beside.x, seen.width - own.width)), y: below ? end : beside.y - own.height };
    }
    return { x: (seen.width - own.width) * share(over.place, 'left', 'right'), y: (seen.height - own.height) * share(over.place, 'top', 'bottom') };
}
