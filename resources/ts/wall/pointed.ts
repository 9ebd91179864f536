/** What lies under a place in the window. */
import { layerOf } from './address.ts';
import { nameOf } from './facets.ts';
import type { Under } from './menu.ts';
import type { Parts } from './parts.ts';
import { send } from './server.ts';

/** What a menu at a place is about; it is selected then, so that what is chosen is done to what was pressed. Without a place it is about the selection. */
export function pointedAt({ selection, picture, gestures, camera, urls }: Parts, at: { clientX: number; clientY: number } | null): Under {
    const about = (): Under['about'] => (selection.layers.length > 0 ? 'layers' : selection.screens.length > 0 ? 'screen' : 'wall');
    if (!at) return { about: about(), layers: [], named: null };
    gestures.cancel();
    const hits = [...new Set(document.elementsFromPoint(at.clientX, at.clientY).map((element) => element.closest<SVGElement>('.stage [data-layer]')).filter((layer) => layer !== null))];
    const screen = gestures.screenAt(camera.toWall(at));
    const target = hits[0] ? selection.target(hits[0]) : null;
    if (target && !selection.layers.includes(target.dataset['layer']!)) selection.pick([target.dataset['layer']!], picture.screenOf(target));
    else if (!target && screen !== '' && !selection.screens.includes(screen)) selection.pickScreens([screen]);
    else if (!target && screen === '') selection.clear();
    const ids = hits.map((layer) => layerOf(layer.dataset['layer']!));
    const unknown = hits.length > 1 && hits.some((layer) => nameOf(layer) === '');
    return {
        about: about(),
        layers: hits.map((layer) => ({ id: layer.dataset['layer']!, name: nameOf(layer) || layer.dataset['kind']!, screen: picture.screenOf(layer) })),
        named: unknown ? send<Record<string, string>>(`${urls['names']!}?layers=${ids.join(',')}`).catch(() => ({})) : null,
    };
}
