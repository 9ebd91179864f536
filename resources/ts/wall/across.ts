/** Layers of several screens at once: a command is about those of one screen, so what is done to all of them is one for each. */
import type { Command } from './messages.ts';

type Named = string | { id?: string };

const idOf = (one: Named): string => (typeof one === 'string' ? one : one.id ?? '');

/** What has the same key together, in the order in which the keys come up. */
export function grouped<T, K>(all: readonly T[], key: (one: T) => K): Map<K, T[]> {
    const groups = new Map<K, T[]>();
    for (const one of all) {
        const known = groups.get(key(one));
        if (known) known.push(one);
        else groups.set(key(one), [one]);
    }
    return groups;
}

/**
 * The commands, those on layers of several screens taken apart.
 *
 * @param screenOf the screen that holds a layer, '' for a loose one; null where that is not known here
 */
export function perScreen(commands: Command[], screenOf: (id: string) => string | null): Command[] {
    return commands.flatMap((command) => {
        const key = command['places'] !== undefined ? 'places' : 'layers';
        const named = command[key] as Named[] | undefined;
        // What is made new lies where the command says; alignment knows several screens itself.
        if (!named || command['screen'] === undefined || command.type === 'create-layers' || command['across'] !== undefined) return [command];
        const own = command['screen'] as string | null;
        const groups = grouped(named, (one) => {
            const screen = screenOf(idOf(one));
            return screen === null ? own : screen || null;
        });
        if (groups.size < 2) return [command];
        return [...groups].map(([screen, some], i) => ({ ...command, screen, [key]: some, ...(command['seed'] === undefined ? {} : { seed: `${command['seed'] as string}${i}` }) }));
    });
}
