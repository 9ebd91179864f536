/** Layers of several screens at once: a command is about those of one screen, so what is done to all of them is one for each. */
import { alone } from './address.ts';
import type { Command } from './messages.ts';
import type { Parts } from './parts.ts';
import type { Together } from './together.ts';

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
 * @param sheetOf the sheet of the component in an instance of which a layer shows: there it is kept; null of all others
 */
export function perScreen(commands: Command[], screenOf: (id: string) => string | null, sheetOf: (id: string) => string | null = () => null): Command[] {
    return commands.flatMap((command) => {
        const key = command['places'] !== undefined ? 'places' : 'layers';
        const named = command[key] as Named[] | undefined;
        const own = command['screen'] as string | null | undefined;
        if (own === undefined) return [command];
        // What is made new, and what is one layer's, lies where that is kept which is named.
        const one = (command.type === 'create-layers' ? command['parent'] : command['layer']) as string | null | undefined;
        if (one && (named === undefined || command.type === 'create-layers')) return [{ ...command, screen: sheetOf(one) ?? own }];
        // Alignment knows several screens itself.
        if (!named || command.type === 'create-layers' || command['across'] !== undefined) return [command];
        const groups = grouped(named, (each) => {
            const id = idOf(each);
            const screen = sheetOf(id) ?? screenOf(id);
            return screen === null ? own : screen || null;
        });
        if (groups.size < 2) return [named[0] === undefined ? command : { ...command, screen: sheetOf(idOf(named[0])) ?? own }];
        return [...groups].map(([screen, some], i) => ({ ...command, screen, [key]: some, ...(command['seed'] === undefined ? {} : { seed: `${command['seed'] as string}${i}` }) }));
    });
}

/** What commands come to for each screen, each copy edited together, and a copy or a state alone. */
export function spreading({ facets, picture }: Pick<Parts, 'facets' | 'picture'>, together: Together): (commands: Command[]) => Command[] {
    const of = <T>(id: string, told: (layer: SVGGElement) => T): T | null => {
        const layer = picture.layer(id);
        return layer && told(layer);
    };
    return (commands) => together.spread(perScreen(
        commands.flatMap((command) => alone(command, facets.inCell.apart === true, facets.inState, (id) => of(id, (layer) => picture.box(layer)))),
        (id) => of(id, (layer) => picture.screenOf(layer)),
        (id) => of(id, (layer) => picture.sheetOf(layer)),
    ));
}
