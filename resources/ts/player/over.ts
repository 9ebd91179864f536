/** Where a screen lies over another, and how large it is there. `Document\Overlay` says the same on the server. */
import type { Over } from './table.ts';

export interface Rect { x: number; y: number; width: number; height: number }
interface Size { width: number; height: number }

/** px; a screen is no smaller, whatever lies below it. */
const SMALLEST = 16;

const share = (place: string, first: string, last: string): number => (place.split('-').includes(first) ? 0 : place.split('-').includes(last) ? 1 : 0.5);

/** What of a length is left between margins. */
export const room = (length: number, margin: number): number => Math.max(SMALLEST, length - 2 * margin);

/**
 * @param seen how large what is seen of the screen below is
 * @param own how large the screen is drawn, and what is seen of it at once
 */
export function sizeOver({ across, down, margin }: Pick<Over, 'across' | 'down' | 'margin'>, seen: Size, own: Size): Size {
    return { width: across === 'whole' ? room(seen.width, margin) : own.width, height: down === 'whole' ? room(seen.height, margin) : Math.min(own.height, room(seen.height, margin)) };
}

/** How the picture in a size is called, with numbers as the server writes them. */
export const called = ({ width, height }: Size): string => [width, height].map((side) => Math.round(side * 1000) / 1000).join('x');

/**
 * @param seen how large what is seen of the screen below is
 * @param own how large the screen is over it
 * @param beside what was tapped, in what is seen
 */
export function placeOver({ place, x, y, margin }: Pick<Over, 'place' | 'x' | 'y' | 'margin'>, seen: Size, own: Size, beside: Rect | null): { x: number; y: number } {
    if (place === 'hand') return { x, y };
    if (place === 'beside' && beside) {
        const end = beside.y + beside.height;
        const below = end + own.height <= seen.height || beside.y < seen.height - end;
        return { x: Math.max(margin, Math.min(beside.x, seen.width - margin - own.width)), y: below ? end : beside.y - own.height };
    }
    const along = (length: number, side: number, by: number): number => margin + (length - 2 * margin - side) * by;
    return { x: along(seen.width, own.width, share(place, 'left', 'right')), y: along(seen.height, own.height, share(place, 'top', 'bottom')) };
}

/** How wide a screen is drawn that hangs in a pane, px of it. */
export const widthOf = (pane: Element): number => pane.querySelector<SVGSVGElement>('.sheet > svg')!.width.baseVal.value;
