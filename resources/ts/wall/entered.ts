/** The parts of a compound that has been entered are seen at their edges, and taken hold of anywhere in them; what lies in a container that is scrolled is seen while something in it is selected. */
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';

/** A rule, and no mark on the layers: these are drawn anew with every edit. */
const sheet = new CSSStyleSheet();
document.adoptedStyleSheets.push(sheet);

export function showParts(picture: Picture, selection: Selection): void {
    const group = selection.group === null ? null : picture.layer(selection.group);
    const compound = group?.closest<SVGGElement>('[data-kind=compound]');
    sheet.replaceSync(windows(selection) + (!group || !compound ? '' : `#stage [data-layer="${CSS.escape(group.dataset['layer']!)}"] > [data-layer] > :not([data-layer]) {
        stroke: var(--color-spruce); stroke-width: 1px; stroke-dasharray: 4 3; vector-effect: non-scaling-stroke; pointer-events: all;
    }`));
}

/** Rules for the windows in which something is selected, which then cut nothing off. */
function windows(selection: Selection): string {
    const entered = new Set<string>();
    for (const element of selection.elements()) {
        for (let window = element.parentElement?.closest('svg.window') ?? null; window; window = window.parentElement?.closest('svg.window') ?? null) entered.add(window.parentElement!.dataset['layer']!);
    }
    const some = [...entered].map((layer) => `#stage [data-layer="${CSS.escape(layer)}"] > svg.window`);
    return some.length === 0 ? '' : `${some.join(', ')} { overflow: visible; clip-path: none; } #stage [data-screen="${CSS.escape(selection.screen)}"] > svg { contain: layout style; overflow: visible; } #stage [data-screen="${CSS.escape(selection.screen)}"] { z-index: 1; }`;
}
