/** While a layer that masks others is moved or resized, what it masks shows at once what it will. */
import { inside } from './picture.ts';

export class Masks {
    constructor(stage: Element) {
        new MutationObserver((changes) => {
            for (const layer of new Set(changes.map(({ target }) => target as Element))) if (layer.hasAttribute('data-masking')) follow(layer);
        }).observe(stage, { subtree: true, attributes: true, attributeFilter: ['transform'] });
    }
}

/** The clip and the mask of the group, put where the layer lies by now, and stretched to its size. */
function follow(layer: Element): void {
    const group = layer.parentElement?.closest('[data-layer]');
    const holder = group && inside(group);
    if (!holder || holder === group) return;
    const [, , width = 1, height = 1] = (layer.getAttribute('data-box') ?? '').split(' ').map(Number);
    for (const cut of group.querySelectorAll(`:scope > [data-masks="${layer.getAttribute('data-layer')}"]`)) {
        const [wide = 1, high = 1] = (cut.getAttribute('data-size') ?? '').split(' ').map(Number);
        const stretched = width === wide && height === high ? '' : `scale(${width / (wide || 1)} ${height / (high || 1)})`;
        const placed = `${layer.getAttribute('transform') ?? ''}${stretched}`;
        if (cut.tagName === 'clipPath') cut.setAttribute('transform', placed);
        else {
            cut.querySelector('[data-mask]')?.setAttribute('transform', placed);
            for (const [name, value] of Object.entries({ x: -1e5, y: -1e5, width: 2e5, height: 2e5 })) cut.setAttribute(name, String(value));
        }
    }
}
