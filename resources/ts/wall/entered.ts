/** The parts of a compound that has been entered are seen at their edges, and taken hold of anywhere in them. */
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';

/** A rule, and no mark on the layers: these are drawn anew with every edit. */
const sheet = new CSSStyleSheet();
document.adoptedStyleSheets.push(sheet);

export function showParts(picture: Picture, selection: Selection): void {
    const group = selection.group === null ? null : picture.layer(selection.group);
    const compound = group?.closest<SVGGElement>('[data-kind=compound]');
    sheet.replaceSync(!group || !compound ? '' : `#stage [data-layer="${CSS.escape(group.dataset['layer']!)}"] > [data-layer] > :not([data-layer]) {
        stroke: var(--color-spruce); stroke-width: 1px; stroke-dasharray: 4 3; vector-effect: non-scaling-stroke; pointer-events: all;
    }`);
}
