/**
 * Where a layer is shown: its id and, where something shows it several times, which of the copies is meant, from the
 * outermost in: `label`, `label.row1` in a cell of an array, `label.row1.size2` in a cell of an array in that cell.
 */
import type { Command } from './messages.ts';

export const layerOf = (address: string): string => address.split('.')[0]!;

/** The names of the copies that it lies in, the outermost first. */
export const copiesOf = (address: string): string[] => address.split('.').slice(1);

/** Shows the data sheet of a chart. */
export const openSheet = (chart: SVGElement): boolean => document.dispatchEvent(new CustomEvent('kindred:sheet', { detail: layerOf(chart.dataset['layer']!) }));

/** Whether all of these lie in the same copy of something. */
export function inOneCopy(addresses: string[]): boolean {
    const copies = new Set(addresses.map((one) => copiesOf(one).join('.')));
    return copies.size === 1 && !copies.has('');
}

type Placed = Record<'x' | 'y' | 'width' | 'height' | 'rotation', number>;

/**
 * What is moved or sized in one copy alone, or in one state of a component, is no change of what all of them show: the values that
 * it has there are set instead.
 *
 * @param box where the picture shows a layer by now
 */
export function alone(command: Command, apart: boolean, inState: boolean, box: (address: string) => Placed | null): Command[] {
    if (!apart && !inState) return [command];
    const mark = apart ? { apart } : {};
    if (command.type === 'delete-layers' || (command.type === 'mark-layers' && command['hidden'] !== undefined)) return [{ ...command, ...mark }];
    const fields = ({ 'move-layers': ['x', 'y'], 'place-layers': ['x', 'y', 'width', 'height', 'rotation'] } as Record<string, (keyof Placed)[]>)[command.type];
    if (!fields) return [command];
    const places = (command['places'] as ({ id: string } & Placed)[] | undefined) ?? (command['layers'] as string[]).flatMap((id) => {
        const at = box(id);
        return at ? [{ id, ...at }] : [];
    });
    return places.flatMap((place) => fields.map((field): Command => ({ type: 'set-field', screen: command['screen'], layers: [place.id], field, value: String(Math.round(place[field] * 1000) / 1000), ...mark })));
}
