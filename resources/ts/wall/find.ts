/** One field that finds everything: layers, screens, words, commands, widgets, icons, requirements, notes. */
import { Shortcut, type Commands } from './commands.ts';
import { send } from './server.ts';

/** Asked so long after the last letter, ms. */
const REST = 90;
const USED = 'kindred.found';
const KEPT = 8;

export interface Hit {
    kind: 'layer' | 'screen' | 'command' | 'widget' | 'icon' | 'requirement' | 'note';
    id: string;
    /** What it is called, or says. */
    title: string;
    /** Where it is, or what kind of thing it is. */
    where: string;
    screen?: string;
}

export class Find {
    private readonly dialog = document.getElementById('find') as HTMLDialogElement;
    private readonly field = this.dialog.querySelector('input')!;
    private readonly list = this.dialog.querySelector<HTMLElement>('[role=listbox]')!;
    private hits: Hit[] = [];
    private at = 0;
    private timer = 0;
    private asked = 0;

    /** @param go what choosing a hit does */
    constructor(private readonly url: string, private readonly commands: Commands, private readonly go: (hit: Hit) => void) {
        this.field.addEventListener('input', () => {
            clearTimeout(this.timer);
            this.show(this.own());
            this.timer = window.setTimeout(() => void this.search(), REST);
        });
        this.dialog.addEventListener('keydown', (event) => this.key(event));
        this.list.addEventListener('click', (event) => {
            const at = (event.target as Element).closest<HTMLElement>('[role=option]')?.dataset['at'];
            if (at !== undefined) this.choose(Number(at));
        });
    }

    open(): void {
        this.field.value = '';
        this.show(this.own());
        this.dialog.showModal();
        this.field.focus();
    }

    /** What needs no server: what was used last, and commands. */
    private own(): Hit[] {
        const wanted = parts(this.field.value);
        const used = this.used().filter((hit) => fits(`${hit.title} ${hit.where}`, wanted) && (hit.kind !== 'command' || this.commands.get(hit.id)));
        if (wanted.length === 0) return used;
        const words = this.field.value.trim().toLowerCase();
        const commands = this.commands.all.filter((command) => !command.listed && fits(command.name, wanted) && command.when?.() !== false)
            .sort((a, b) => apart(a.name, words) - apart(b.name, words))
            .map((command): Hit => ({ kind: 'command', id: command.id, title: command.name, where: this.commands.keys(command).map(Shortcut.show).join(', ') }));
        return unique([...used, ...commands.slice(0, 12)]);
    }

    private async search(): Promise<void> {
        const asked = ++this.asked;
        const q = this.field.value.trim();
        if (q === '') return;
        const found = await send<{ hits: Hit[] }>(`${this.url}?q=${encodeURIComponent(q)}`).catch(() => ({ hits: [] as Hit[] }));
        if (asked !== this.asked || q !== this.field.value.trim()) return;
        this.show(unique([...this.own(), ...found.hits]), true);
    }

    private show(hits: Hit[], answered = false): void {
        const chosen = this.hits[this.at];
        this.hits = hits;
        this.at = Math.max(0, answered && chosen ? hits.findIndex((hit) => hit.kind === chosen.kind && hit.id === chosen.id) : 0);
        this.list.replaceChildren(...hits.map((hit, i) => this.row(hit, i)));
        const hint = this.dialog.querySelector<HTMLElement>('[data-nothing]')!;
        hint.hidden = hits.length > 0;
        hint.textContent = this.field.value.trim() === '' ? 'Type part of a word: a layer, a screen, words on it, a command, a widget, an icon, a requirement, a note.' : answered ? 'Nothing is called so, and nothing says so.' : '';
        this.mark();
    }

    private row(hit: Hit, at: number): HTMLElement {
        const row = document.createElement('div');
        row.id = `hit-${at}`;
        row.setAttribute('role', 'option');
        row.dataset['at'] = String(at);
        for (const [style, text] of [['kind', hit.kind], ['title', hit.title], ['where', hit.where]] as const) {
            const part = document.createElement('span');
            part.className = style;
            part.textContent = text;
            row.append(part);
        }
        return row;
    }

    private mark(): void {
        this.list.querySelectorAll('[role=option]').forEach((row, i) => {
            row.setAttribute('aria-selected', String(i === this.at));
            if (i === this.at) row.scrollIntoView({ block: 'nearest' });
        });
        this.field.setAttribute('aria-activedescendant', this.hits.length > 0 ? `hit-${this.at}` : '');
    }

    private key(event: KeyboardEvent): void {
        // The field keeps the focus for a moment after it was closed.
        if (!this.dialog.open) return;
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (step !== undefined && this.hits.length > 0) {
            event.preventDefault();
            this.at = (this.at + step + this.hits.length) % this.hits.length;
            this.mark();
        } else if (event.key === 'Enter') {
            event.preventDefault();
            this.choose(this.at);
        }
    }

    private choose(at: number): void {
        const hit = this.hits[at];
        if (!hit) return;
        localStorage.setItem(USED, JSON.stringify(unique([hit, ...this.used()]).slice(0, KEPT)));
        this.dialog.close();
        this.go(hit);
    }

    private used(): Hit[] {
        return JSON.parse(localStorage.getItem(USED) ?? '[]') as Hit[];
    }
}

const parts = (text: string): string[] => text.toLowerCase().split(/\s+/).filter(Boolean);

/** What begins as it is written comes before what has it somewhere, and that before what has its words here and there. */
const apart = (text: string, words: string): number => (text.toLowerCase().startsWith(words) ? 0 : text.toLowerCase().includes(words) ? 1 : 2);

const fits = (text: string, wanted: string[]): boolean => wanted.every((part) => text.toLowerCase().includes(part));

function unique(hits: Hit[]): Hit[] {
    const seen = new Set<string>();
    return hits.filter(({ kind, id }) => !seen.has(`${kind} ${id}`) && seen.add(`${kind} ${id}`));
}
