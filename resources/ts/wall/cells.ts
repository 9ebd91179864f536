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
