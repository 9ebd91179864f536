/** Copies that are edited together, for as long as wanted: what is done to a part of one is done to the same part of all. */
import { grouped } from './across.ts';
import type { Picture } from './picture.ts';
import type { Command } from './messages.ts';
import { fresh } from './server.ts';

/** What the server found: the parts of each copy in the same order, and per part in what they differ. */
export interface Found { parts: string[][]; differences: Record<number, string[]> }

type Places = { id: string; x: number; y: number; width: number; height: number; rotation: number }[];

export class Together {
    private found: Found | null = null;
    private readonly bar: HTMLElement;

    constructor(private readonly picture: Picture, wall: HTMLElement) {
        this.bar = document.createElement('div');
        this.bar.id = 'together';
        this.bar.hidden = true;
        this.bar.setAttribute('role', 'status');
        this.bar.innerHTML = '<span></span><button type="button" class="button" data-act="apart">Stop</button>';
        wall.append(this.bar);
    }

    start(found: Found): void {
        this.found = found;
        this.bar.hidden = false;
        this.bar.querySelector('span')!.textContent = `Editing ${found.parts.length} copies together`;
    }

    stop(): void {
        this.found = null;
        this.bar.hidden = true;
    }

    /** The same parts in the other copies. */
    mates(id: string): string[] {
        const at = this.find(id);
        return at === null ? [] : this.found!.parts.filter((_, copy) => copy !== at.copy).map((parts) => parts[at.part]!);
    }

    /** The commands, and what they come to in the other copies. */
    spread(commands: Command[]): Command[] {
        return this.found === null ? commands : commands.flatMap((command) => [command, ...this.others(command)]);
    }

    private others(command: Command): Command[] {
        switch (command.type) {
            case 'set-field': return this.onLayers(command, (part) => !this.differs(part, String(command['field'])));
            case 'mark-layers': return this.onLayers(command, (part) => !this.differs(part, 'shown') || command['hidden'] === undefined);
            // Where the copies themselves lie, and which of them there are, is each one's own.
            case 'move-layers': case 'delete-layers': return this.onLayers(command, (part) => part > 0);
            case 'set-words': {
                const at = this.find(String(command['layer']));
                return at === null || this.differs(at.part, 'words') ? [] : this.mates(String(command['layer'])).map((layer) => ({ ...command, screen: this.screen(layer), layer }));
            }
            case 'create-layers': {
                const parent = command['parent'] as string | undefined;
                return parent === undefined ? [] : this.mates(parent).map((mate) => ({ ...command, screen: this.screen(mate), parent: mate, seed: fresh() }));
            }
            case 'place-layers': return this.onPlaces(command);
            default: return [];
        }
    }

    /** For every screen one command with the layers there. */
    private onLayers(command: Command, allowed: (part: number) => boolean): Command[] {
        const own = command['layers'] as string[];
        const mates = own.filter((id) => { const at = this.find(id); return at !== null && allowed(at.part); }).flatMap((id) => this.mates(id)).filter((id) => !own.includes(id));
        return [...grouped(mates, (id) => this.screen(id))].map(([screen, layers]) => ({ ...command, screen, layers }));
    }

    /** By how much each is moved and what size it has: the copies themselves stay where they are. */
    private onPlaces(command: Command): Command[] {
        const places = (command['places'] as Places).flatMap((place) => this.mates(place.id).flatMap((id): Places => {
            const [own, other] = [this.before(place.id), this.before(id)];
            const at = this.find(id)!;
            const by = at.part === 0 ? { x: 0, y: 0 } : { x: place.x - own.x, y: place.y - own.y };
            return [{ id, x: other.x + by.x, y: other.y + by.y, width: place.width, height: place.height, rotation: place.rotation }];
        }));
        return [...grouped(places, ({ id }) => this.screen(id))].map(([screen, list]) => ({ ...command, screen, places: list }));
    }

    /** The box as the server knows it: a gesture has moved the picture of its own layer already. */
    private before(id: string): { x: number; y: number } {
        const [x = 0, y = 0] = (this.known.get(id) ?? this.picture.layer(id)?.getAttribute('data-box') ?? '').split(' ').map(Number);
        return { x, y };
    }

    private readonly known = new Map<string, string>();

    /** Remembers where the parts lie, before a gesture moves some of them. */
    remember(): void {
        this.known.clear();
        for (const id of this.found?.parts.flat() ?? []) this.known.set(id, this.picture.layer(id)?.getAttribute('data-box') ?? '');
    }

    private find(id: string): { copy: number; part: number } | null {
        for (const [copy, parts] of (this.found?.parts ?? []).entries()) {
            const part = parts.indexOf(id);
            if (part >= 0) return { copy, part };
        }
        return null;
    }

    private differs(part: number, what: string): boolean {
        return ['words', 'asset', 'shown'].includes(what) && (this.found?.differences[part] ?? []).includes(what);
    }

    private screen(id: string): string | null {
        const layer = this.picture.layer(id);
        return layer ? this.picture.screenOf(layer) || null : null;
    }
}
