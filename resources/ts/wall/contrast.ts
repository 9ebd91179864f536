/** What contrast a colour would have against what lies behind it, as the server says it. */
import { copiesOf, layerOf } from './address.ts';
import type { Subject } from './facets.ts';

/** @returns markup that says it of a fill or a stroke of one layer; null of anything else */
export function contrastAt(url: string): (subject: Subject, field: string | null, colour: string) => Promise<string | null> {
    return async ({ layers, screens }, field, colour) => {
        const layer = layers.length === 1 && screens.length === 0 ? layers[0]! : null;
        if (layer === null || !/^(fills|strokes)\.\d+\.paint$/.test(field ?? '')) return null;
        const answer = await fetch(`${url.replace('LAYER', layerOf(layer))}?colour=${encodeURIComponent(colour)}&copies=${copiesOf(layer).join('.')}`);
        return answer.status === 200 ? answer.text() : null;
    };
}
