/** Copies that are edited together, for as long as wanted: what is done to a part of one is done to the same part of all. */
import type { Command } from './messages.ts';

/** What the server found: the parts of each copy in the same order, and per part in what they differ. */
export interface Found { copies: { screen: string | null; parts: string[] }[]; apart: Record<number, string[]> }

export class Together {
    private found: Found | null = null;
    private readonly bar: HTMLElement;

    constructor(wall: HTMLElement) {
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
        this.bar.querySelector('span')!.textContent = `Editing ${found.copies.length} copies together`;
    }

    stop(): void {
        this.found = null;
        this.bar.hidden = true;
    }

    /** The same parts in the other copies. */
    mates(id: string): string[] {
        const copies = this.found?.copies ?? [];
        const own = copies.find(({ parts }) => parts.includes(id));
        return own ? copies.filter((copy) => copy !== own).map(({ parts }) => parts[own.parts.indexOf(id)]!) : [];
    }

    /** The commands; what those on a part come to in the other copies is worked out on the server. */
    spread(commands: Command[]): Command[] {
        return commands.map((command) => this.found !== null && this.named(command).some((id) => this.mates(id).length > 0) ? { type: 'edit-together', ...this.found, command } : command);
    }

    private named(command: Command): string[] {
        const places = (command['places'] ?? []) as { id: string }[];
        return [...((command['layers'] ?? []) as unknown[]), command['layer'], command['parent'], ...places.map(({ id }) => id)].filter((id): id is string => typeof id === 'string');
    }
}
