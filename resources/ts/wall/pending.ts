/** Edits that the server has not answered yet, kept in this browser: a reload or a closed window loses none of them. */
import type { Command } from './messages.ts';

export interface Kept {
    /** Its name: the same one is carried out once, however often it is sent. */
    token: string;
    what: 'edits' | 'undo' | 'redo';
    /** The latest edit that the window had seen when it was made. */
    base: number;
    commands: Command[];
    /** How many steps are taken back, or made again. */
    times: number;
    /** When it was made, in ms; edits of one ms count up. */
    at: number;
}

export class Pending {
    private latest = 0;

    /** @param name the key of the stored edits: project and person */
    constructor(private readonly name: string, private readonly storage: Storage | null) {}

    /** Where the browser has no room for it, it is kept as long as the window is open. */
    keep(edit: Omit<Kept, 'at'>): Kept {
        this.latest = Math.max(Date.now(), this.latest + 1);
        return this.put({ ...edit, at: this.latest });
    }

    /** Keeps one as it is by now. */
    put(kept: Kept): Kept {
        try {
            this.storage?.setItem(this.key(kept.token), JSON.stringify(kept));
        } catch {
            // Full, or not allowed to.
        }
        return kept;
    }

    drop(token: string): void {
        try {
            this.storage?.removeItem(this.key(token));
        } catch {
            // Not allowed to.
        }
    }

    /** Those that an earlier page of this browser left, in the order in which they were made. */
    left(): Kept[] {
        const found: Kept[] = [];
        try {
            for (let i = 0; this.storage && i < this.storage.length; i++) {
                const key = this.storage.key(i)!;
                if (!key.startsWith(this.key(''))) continue;
                const kept = JSON.parse(this.storage.getItem(key)!) as Kept;
                if (kept.token && Array.isArray(kept.commands)) found.push(kept);
            }
        } catch {
            return [];
        }
        return found.sort((a, b) => a.at - b.at);
    }

    private key(token: string): string {
        return `kindred:edit:${this.name}:${token}`;
    }
}
