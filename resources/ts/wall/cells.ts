/** The wall calls a layer in a cell of an array by its id in the design and that of its row: `label.row1`. */
import type { Command } from './messages.ts';

export const bare = (name: string): string => name.split('.')[0]!;

export const rowOf = (name: string): string | null => name.split('.')[1] ?? null;

/** The row of the one cell in which all of these lie; null where they lie in none, or in several. */
export function commonRow(names: string[]): string | null {
    const rows = new Set(names.map(rowOf));
    return rows.size === 1 ? [...rows][0] ?? null : null;
}

const NAMING = ['layer', 'layers', 'parent', 'above', 'id', 'places'];

/** A command with layers named as the server knows them: a change in a cell is one of the design. */
export function plainly(command: Command): Command {
    const plain = (value: unknown): unknown => {
        if (typeof value === 'string') return bare(value);
        if (Array.isArray(value)) return [...new Set(value.map(plain))];
        return value !== null && typeof value === 'object' ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, key === 'id' ? plain(one) : one])) : value;
    };
    const named = Object.entries(command).map(([key, value]) => [key, NAMING.includes(key) && !(command.type === 'create-layers' && key === 'layers') ? plain(value) : value]);
    return { ...Object.fromEntries(named), type: command.type };
}

type Placed = Record<'x' | 'y' | 'width' | 'height' | 'rotation', number>;

/**
 * What is moved or sized in one cell alone is no change of the design: the values that it has there are set instead.
 *
 * @param box where the picture shows a layer by now
 */
export function alone(command: Command, cell: { row?: string; apart?: boolean }, box: (id: string) => Placed | null): Command[] {
    const fields = ({ 'move-layers': ['x', 'y'], 'place-layers': ['x', 'y', 'width', 'height', 'rotation'] } as Record<string, (keyof Placed)[]>)[command.type];
    if (!fields || !cell.apart || cell.row === undefined) return [command];
    const places = (command['places'] as ({ id: string } & Placed)[] | undefined) ?? (command['layers'] as string[]).flatMap((id) => {
        const at = box(id);
        return at ? [{ id, ...at }] : [];
    });
    return places.flatMap((place) => fields.map((field): Command => ({ type: 'set-field', screen: command['screen'], layers: [place.id], field, value: String(Math.round(place[field] * 1000) / 1000), ...cell })));
}
