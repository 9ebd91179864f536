/**
 * Small pictures of screens, `img[data-small]` with the address of the picture. The server may have to draw one first, and a
 * browser has few connections to a server: so only a few are asked for at once, of those that are seen, and what the hand asks
 * for never waits behind them. An image shows what it showed before until another picture has come.
 */

/** How many are asked for at once. */
const TOGETHER = 2;
/** How far from the window they are asked for, px. */
const NEAR = '300px';
/** Pauses before one is asked for again for which the server had no time, ms. */
const PAUSES = [1500, 3000, 4500, 6000];

/** Where an older picture is shown already, a new one is asked for once nothing has changed for so long, ms: to draw one costs as much as four edits. */
const REST = 1000;

/** So long nothing is asked for once a form has been sent, ms: by then another page is there, and what was asked for may be gone. */
const LEAVING = 5000;
const SMALL = 'img[data-small]';

const waiting = new Set<HTMLImageElement>();
const coming = new Set<HTMLImageElement>();
const resting = new Map<HTMLImageElement, number>();
/** The address of what an image shows. */
const shown = new WeakMap<HTMLImageElement, string>();
const tries = new WeakMap<HTMLImageElement, number>();
let asking = new AbortController();
let isLeaving = false;

/** Shows a picture in its turn; of several that are wanted for an image meanwhile only the last. */
export function showSmall(image: HTMLImageElement, address: string): void {
    image.dataset['small'] = address;
    if (address.startsWith('data:')) {
        shown.set(image, address);
        drop(image);
        image.src = address;
    } else want(image);
}

function want(image: HTMLImageElement): void {
    drop(image);
    if (!coming.has(image) && shown.get(image) !== image.dataset['small']) {
        if (shown.has(image)) resting.set(image, window.setTimeout(() => queue(image), REST));
        else waiting.add(image);
    }
    next();
}

function queue(image: HTMLImageElement): void {
    resting.delete(image);
    waiting.add(image);
    next();
}

function drop(image: HTMLImageElement): void {
    clearTimeout(resting.get(image));
    resting.delete(image);
    waiting.delete(image);
}

function next(): void {
    if (isLeaving) return;
    for (const image of waiting) {
        if (coming.size >= TOGETHER) return;
        waiting.delete(image);
        if (image.isConnected) void bring(image);
    }
}

async function bring(image: HTMLImageElement): Promise<void> {
    const address = image.dataset['small']!;
    coming.add(image);
    const response = await fetch(address, { priority: 'low', signal: asking.signal }).catch(() => null);
    const picture = response?.ok ? await response.blob().catch(() => null) : null;
    coming.delete(image);
    if (isLeaving) return void waiting.add(image);
    // What is wanted by now may have been at hand.
    if (shown.get(image) === image.dataset['small']) return next();
    if (picture) {
        shown.set(image, address);
        tries.delete(image);
        // A screen that has gone has no picture.
        if (picture.size > 0) await put(image, picture);
    } else again(image);
    want(image);
}

/** Resolves when the picture is seen, or cannot be. */
function put(image: HTMLImageElement, picture: Blob): Promise<void> {
    const address = URL.createObjectURL(picture);
    image.src = address;
    return image.decode().catch(() => undefined).finally(() => URL.revokeObjectURL(address));
}

/** Less and less often, then no more. */
function again(image: HTMLImageElement): void {
    const pause = PAUSES[tries.get(image) ?? 0];
    shown.set(image, image.dataset['small']!);
    if (pause === undefined) return;
    tries.set(image, (tries.get(image) ?? 0) + 1);
    setTimeout(() => {
        shown.delete(image);
        want(image);
    }, pause);
}

/** The page is left, as far as it can be told. */
function leave(): void {
    isLeaving = true;
    asking.abort();
    asking = new AbortController();
    setTimeout(() => {
        isLeaving = false;
        next();
    }, LEAVING);
}

/** Shows the small pictures in a part of the page as they come near the window, and those that come into it later. */
export function watchSmall(root: Element): void {
    const seen = new IntersectionObserver((entries) => {
        for (const { target, isIntersecting } of entries) {
            if (isIntersecting) want(target as HTMLImageElement);
            else drop(target as HTMLImageElement);
        }
    }, { rootMargin: NEAR });
    const look = (image: HTMLImageElement): void => {
        // Whether it is seen is told anew.
        seen.unobserve(image);
        seen.observe(image);
    };
    const all = (within: Element): void => {
        for (const image of within.querySelectorAll<HTMLImageElement>(SMALL)) look(image);
    };
    new MutationObserver((changes) => {
        for (const { type, target, addedNodes } of changes) {
            if (type === 'attributes') look(target as HTMLImageElement);
            for (const node of addedNodes) {
                if (node instanceof HTMLImageElement && node.matches(SMALL)) look(node);
                else if (node instanceof Element) all(node);
            }
        }
    }).observe(root, { childList: true, subtree: true, attributeFilter: ['data-small'] });
    all(root);
    // What a script takes care of, or a dialog, leads to no other page.
    document.addEventListener('submit', (event) => void setTimeout(() => event.defaultPrevented || (event.target as HTMLFormElement).method === 'dialog' || leave()));
}
