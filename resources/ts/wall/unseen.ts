/**
 * Cells of arrays that lie outside their screen are not drawn: a long list runs on far below it, and each of its cells
 * would have a share in every frame. What is to be seen follows from where the array lies, so it is looked at again
 * whenever that changes, by a patch as by a hand.
 */
import { around, corners, overlaps, unapply, type Box } from './geometry.ts';
import type { Picture } from './picture.ts';

/** Arrays of fewer cells are drawn whole. */
const MANY = 60;

/** What is drawn of a cell reaches so far beyond its box, in px: a shadow, a stroke. */
const BEYOND = 60;

export function watchUnseen(stage: HTMLElement, picture: Picture): void {
    const look = (within: Element): void => {
        const array = within.closest('[data-array]');
        for (const one of array ? [array] : within.querySelectorAll('[data-array]')) hide(one, picture);
    };
    new MutationObserver((changes) => {
        for (const within of new Set(changes.map(({ target }) => target as Element))) if (within.isConnected) look(within);
    }).observe(stage, { subtree: true, childList: true, attributes: true, attributeFilter: ['data-box', 'data-array'] });
    look(stage);
}

function hide(array: Element, picture: Picture): void {
    const cells = array.querySelectorAll<SVGGElement>(':scope > [data-layer]');
    const screen = picture.screenOf(array);
    const seen = screen === '' || cells.length < MANY ? null : area(array, picture.screenBox(screen), picture);
    for (const cell of cells) {
        const { rotation, ...box } = picture.box(cell);
        cell.classList.toggle('unseen', seen !== null && rotation === 0 && !overlaps(seen, box));
    }
}

/** What of a screen there is to be seen, in the array's own space. */
function area(array: Element, { x, y, width, height }: Box, picture: Picture): Box {
    const own = picture.matrix(array);
    const shown = { x: x - BEYOND, y: y - BEYOND, width: width + 2 * BEYOND, height: height + 2 * BEYOND };
    return around(corners(shown).map((p) => unapply(own, p)));
}
