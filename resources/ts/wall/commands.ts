/**
 * The register of what can be done at the wall. From it come the keys, the menus, the list of keys and what Find finds: a new
 * command is one entry.
 */

export const GROUPS = ['Tools', 'Selection', 'Editing', 'Arranging', 'Looking', 'Panels'] as const;

/** What a command is about, which is where the menu offers it. */
export type About = 'wall' | 'screen' | 'layers';

export interface Command {
    /** Must never change: people's own keys are stored by it. */
    id: string;
    name: string;
    /** As menus call it, where the name explains more than they need. */
    short?: string;
    group: (typeof GROUPS)[number];
    /** As `Shortcut.of` writes them, the one that is shown first. */
    keys?: string[];
    /** Menus that offer it, after what it is about. */
    menu?: About[];
    /** Offered by menus only when more is asked for. */
    rare?: true;
    /** Whether it applies now; always, where it does not say. */
    when?: () => boolean;
    run: () => void;
    /** For keys that are held, and others that no press of theirs alone brings about: only listed. */
    listed?: true;
}

/** Keys as they are written: modifiers in this order, then the key by its name, letters in capitals. */
export const Shortcut = {
    of(event: KeyboardEvent): string {
        const key = event.key === ' ' ? 'Space' : event.key.length === 1 ? event.key.toUpperCase() : event.key;
        // Which keys of a keyboard need Shift for a sign differs; the sign is what counts.
        const shifted = event.shiftKey && (key.length > 1 || key !== key.toLowerCase());
        return `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.altKey ? 'Alt+' : ''}${shifted ? 'Shift+' : ''}${key}`;
    },

    /** For people: `Ctrl Shift Z`, arrows as arrows. */
    show(keys: string): string {
        const signs: Record<string, string> = { ArrowLeft: '←', ArrowRight: '→', ArrowUp: '↑', ArrowDown: '↓', Escape: 'Esc', ContextMenu: 'Menu key', Delete: 'Del' };
        return keys === '+' ? '+' : keys.split(/\+(?=.)/).map((part) => signs[part] ?? part).join(' ');
    },
};

export class Commands {
    private readonly byId = new Map<string, Command>();
    /** Several may share keys when they never apply at once. */
    private readonly byKeys = new Map<string, Command[]>();
    /** What a person has set instead of the keys that a command comes with; an empty list takes them away. */
    private own: Record<string, string[]> = {};

    constructor(readonly all: readonly Command[], own: Record<string, string[]>) {
        for (const command of all) this.byId.set(command.id, command);
        this.set(own);
    }

    get changed(): Record<string, string[]> {
        return this.own;
    }

    set(own: Record<string, string[]>): void {
        this.own = Object.fromEntries(Object.entries(own).filter(([id]) => this.byId.has(id)));
        this.byKeys.clear();
        for (const command of this.all) if (!command.listed) for (const keys of this.keys(command)) this.byKeys.set(keys, [...(this.byKeys.get(keys) ?? []), command]);
    }

    keys(command: Command): string[] {
        return this.own[command.id] ?? command.keys ?? [];
    }

    get(id: string): Command | undefined {
        return this.byId.get(id);
    }

    /** The commands of a key, whether they apply now or not. */
    of(keys: string): Command[] {
        return this.byKeys.get(keys) ?? [];
    }

    /** Does it where it applies; false where there is no such command, or it does not. */
    run(id: string): boolean {
        const command = this.byId.get(id);
        if (!command || command.listed || command.when?.() === false) return false;
        command.run();
        return true;
    }

    /** What a menu about something offers. */
    menu(about: About): Command[] {
        return this.all.filter((command) => command.menu?.includes(about) && command.when?.() !== false);
    }
}
