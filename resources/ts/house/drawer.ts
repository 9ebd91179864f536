/** The drawer of the house style: tokens are added, changed, renamed and removed where they stand. */
import { refusal } from '../refused.ts';
import { toast } from '../dialogs.ts';
import { Fragment } from '../wall/fragments.ts';
import type { Command } from '../wall/messages.ts';
import { fresh, Problem, send } from '../wall/server.ts';
import { Merging, nextPlace } from './inventory.ts';
import { showSamples } from './samples.ts';
import { Scheming } from './scheme.ts';

export interface HouseDesk {
    urls: { house: string; houseRead: string; inventory: string; merge: string; scheme: string };
    /** The latest edit that the wall shows. */
    sequence: () => number;
    /** Resolves with null where the edit was refused, which has then been said. */
    edit: (...commands: Command[]) => Promise<unknown>;
    opened: (open: boolean) => void;
    /** Opens the colour field for a field. */
    colour: (field: HTMLInputElement) => void;
    /** The fields of the drawer are drawn anew. */
    drawn: () => void;
}

interface Arriving { tokens: object[]; groups: object[]; themes: { id: string; name: string }[]; values: Record<string, object[]>; said: string[] }

export class HouseDrawer {
    private readonly input = document.createElement('input');
    private readonly fragment: Fragment;
    private filter = '';
    /** The id of the theme whose values it shows; empty for none. */
    private theme = '';
    /** Whether it shows what is in use, in the place of the tokens. */
    private counts = false;
    private near = '1';
    private readonly merging: Merging;
    private readonly scheming: Scheming;
    /** The tokens of which it is shown what uses them. */
    private readonly detailed = new Set<string>();
    /** What was being typed when the drawer was drawn anew, by the field's place. */
    private written: { id: string; value: string; from: number | null; to: number | null }[] = [];

    constructor(private readonly box: HTMLElement, private readonly desk: HouseDesk) {
        Object.assign(this.input, { type: 'file', accept: '.json,.tokens,application/json', hidden: true });
        this.input.setAttribute('aria-label', 'File of design tokens');
        box.after(this.input);
        this.merging = new Merging({ url: desk.urls.merge, edit: desk.edit });
        this.scheming = new Scheming({ url: desk.urls.scheme, edit: desk.edit });
        this.fragment = new Fragment(box, () => this.counts ? `${desk.urls.inventory}?${new URLSearchParams({ near: this.near })}` : `${desk.urls.house}?${new URLSearchParams({ open: [...this.detailed].join(','), theme: this.theme })}`, desk.sequence, () => this.drawn());
        box.addEventListener('htmx:before:swap', () => {
            this.written = [...box.querySelectorAll<HTMLInputElement>('input[id]')].filter((field) => field.value !== field.defaultValue && field.value !== field.dataset['sent']).map((field) => ({ id: field.id, value: field.value, from: field.selectionStart, to: field.selectionEnd }));
        });
        this.input.addEventListener('change', () => {
            const file = this.input.files?.[0];
            this.input.value = '';
            if (file) void this.read(file);
        });
        box.addEventListener('click', (event) => void this.pressed((event.target as Element).closest<HTMLElement>('[data-house]')));
        box.addEventListener('change', (event) => void this.changed(event.target as HTMLInputElement));
        box.addEventListener('input', (event) => {
            const field = event.target as HTMLInputElement;
            this.accept(field);
            if (field.dataset['house'] === 'filter') this.show(field.value);
        });
        box.addEventListener('submit', (event) => {
            event.preventDefault();
            const form = event.target as HTMLFormElement;
            void (form.dataset['houseForm'] === 'theme' ? this.addTheme(form) : this.add(form));
        });
        box.addEventListener('keydown', (event) => this.typed(event));
        // What is typed right after the press goes where it is meant: the browser opens it only later.
        box.addEventListener('click', (event) => {
            const opens = (event.target as Element).closest('summary')?.parentElement as HTMLDetailsElement | undefined;
            const field = opens?.querySelector<HTMLElement>('input');
            if (!opens || opens.open || !field) return;
            event.preventDefault();
            opens.open = true;
            field.focus();
        });
        // Whoever enters a field means all that stands in it.
        box.addEventListener('focusin', (event) => {
            if (event.target instanceof HTMLInputElement && event.target.dataset['part']) event.target.select();
        });
    }

    get open(): boolean {
        return !this.box.hidden;
    }

    async toggle(): Promise<void> {
        if (this.open) return this.close();
        await this.fragment.ask();
        this.box.hidden = false;
        this.desk.opened(true);
        this.box.querySelector<HTMLElement>('[data-house=filter], .add [name=name]')?.focus();
    }

    close(): void {
        this.box.hidden = true;
        this.desk.opened(false);
        document.querySelector<HTMLElement>('[data-act=house]')?.focus();
    }

    /** The tokens, or what uses them, may be others now. */
    async again(): Promise<void> {
        if (this.open) await this.fragment.ask();
    }

    /** What is being typed stays, whatever has come meanwhile. */
    private drawn(): void {
        // A theme that was removed, here or elsewhere, is shown no longer.
        if (this.theme !== '' && !this.counts && !this.box.querySelector(`[data-house=theme][data-theme="${CSS.escape(this.theme)}"]`)) this.theme = '';
        showSamples(this.box);
        for (const field of this.box.querySelectorAll<HTMLInputElement>('input[id]')) {
            const written = this.written.find(({ id }) => id === field.id);
            if (written) {
                field.value = written.value;
                if (field === document.activeElement) field.setSelectionRange(written.from, written.to);
            } else if (field.value !== field.defaultValue) {
                // What was sent, or taken back, is as the server writes it; whoever types on writes another one.
                field.value = field.defaultValue;
                if (field === document.activeElement) field.select();
                this.accept(field);
            }
            field.removeAttribute('data-sent');
        }
        this.written = [];
        this.show(this.filter);
        this.desk.drawn();
    }

    private show(words: string): void {
        this.filter = words;
        const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
        for (const row of this.box.querySelectorAll<HTMLElement>('[data-token]')) row.hidden = !wanted.every((word) => row.dataset['name']!.toLowerCase().includes(word));
        for (const type of this.box.querySelectorAll<HTMLElement>('[data-type]')) type.hidden = type.querySelector('[data-token]:not([hidden])') === null;
    }

    private async pressed(button: HTMLElement | null): Promise<void> {
        const row = button?.closest<HTMLElement>('[data-token]') ?? null;
        switch (button?.dataset['house']) {
            case 'close': return this.close();
            case 'import': return this.input.click();
            case 'view':
                this.counts = button.dataset['view'] === 'inventory';
                return this.fragment.ask();
            case 'scheme': return this.scheming.open();
            case 'merge': return this.merging.open(button);
            case 'through': return void document.dispatchEvent(new CustomEvent('kindred:go', { detail: nextPlace(button) }));
            case 'theme': return this.inTheme(button.dataset['theme']!);
            case 'show-theme': return void (await this.desk.edit({ type: 'show-theme', theme: this.theme || null }));
            case 'remove-theme': return void (await this.desk.edit({ type: 'remove-theme', theme: this.theme }));
            case 'reset': return void (await this.desk.edit({ type: 'remove-theme-values', theme: this.theme, tokens: [row!.dataset['token']!] }));
            case 'uses': return this.uses(row!.dataset['token']!);
            case 'go': return void document.dispatchEvent(new CustomEvent('kindred:go', { detail: { screen: button.dataset['screen'], layer: button.dataset['layer'] } }));
            case 'remove': return void (await this.desk.edit({ type: 'remove-token', token: row!.dataset['token'], by: row!.querySelector<HTMLSelectElement>('[data-part=by]')?.value || null }));
            case 'adopt': return void (await this.desk.edit({ type: 'adopt-token', token: row!.dataset['token'], colour: button.dataset['colour'] }));
            case 'colour': return this.desk.colour(row!.querySelector<HTMLInputElement>('[data-part=text]')!);
            case 'tint': return void (await this.desk.edit({ type: 'put-tokens', tokens: [{ id: fresh(), kind: 'color', name: `${row!.dataset['name']!}-${button.dataset['step']!}`, text: button.dataset['shows'] }] }));
        }
    }

    /** Opens or closes what uses a token. */
    private uses(id: string): Promise<void> {
        if (!this.detailed.delete(id)) this.detailed.add(id);
        return this.fragment.ask();
    }

    /** Shows the values of a theme. */
    private inTheme(id: string): Promise<void> {
        this.theme = id;
        return this.fragment.ask();
    }

    private async addTheme(form: HTMLFormElement): Promise<void> {
        const { name, from } = Object.fromEntries(new FormData(form)) as Record<string, string>;
        const id = fresh();
        const problem = await this.tried({ type: 'put-theme', id, name: name!.trim(), opposite: from === 'opposite', like: from === 'opposite' ? null : from || null });
        const note = form.querySelector<HTMLElement>('.field-problem')!;
        note.hidden = problem === null;
        note.textContent = problem;
        if (problem !== null) return;
        form.reset();
        form.closest('details')!.open = false;
        await this.inTheme(id);
        this.box.querySelector<HTMLElement>(`[data-house=theme][data-theme="${CSS.escape(id)}"]`)?.focus();
    }

    private async changed(field: HTMLInputElement): Promise<void> {
        if (field.dataset['part'] === 'theme') return this.renamed(field);
        if (field.dataset['dress']) return void (await this.desk.edit({ type: 'dress-kit', part: field.dataset['dress'], token: field.value || null }));
        if (field.dataset['house'] === 'near') {
            this.near = field.value;
            return this.fragment.ask();
        }
        const row = field.closest<HTMLElement>('[data-token]');
        const part = field.dataset['part'];
        if (!row || (part !== 'name' && part !== 'text') || field.value.trim() === field.defaultValue) return;
        if (field.dataset['sent'] === field.value) return;
        field.dataset['sent'] = field.value;
        const [token, value] = [row.dataset['token'], field.value.trim()];
        const problem = await (part === 'text' && this.theme !== '' ? this.tried({ type: 'put-theme-values', theme: this.theme, values: [{ token, text: value }] }) : this.put([{ id: token, [part]: value }]));
        if (problem === null) return;
        field.removeAttribute('data-sent');
        field.setAttribute('aria-invalid', 'true');
        this.complain(row, problem);
    }

    private async renamed(field: HTMLInputElement): Promise<void> {
        if (field.value.trim() === field.defaultValue) return;
        const problem = await this.tried({ type: 'put-theme', id: this.theme, name: field.value.trim() });
        if (problem === null) return;
        field.value = field.defaultValue;
        toast(problem, true);
    }

    private async add(form: HTMLFormElement): Promise<void> {
        const { kind, name, text } = Object.fromEntries(new FormData(form)) as Record<string, string>;
        const problem = await this.put([{ id: fresh(), kind, name: name!.trim(), text: text!.trim() }]);
        const note = this.box.querySelector<HTMLElement>('.add .field-problem')!;
        note.hidden = problem === null;
        note.textContent = problem;
        if (problem !== null) return;
        for (const field of this.box.querySelectorAll<HTMLInputElement>('.add input')) field.value = '';
        this.box.querySelector<HTMLElement>('.add [name=name]')!.focus();
    }

    private put(tokens: object[]): Promise<string | null> {
        return this.tried({ type: 'put-tokens', tokens });
    }

    /** Why commands were refused, so that it is said where it was typed; null where they were not. */
    private tried(...commands: Command[]): Promise<string | null> {
        return refusal(() => this.desk.edit(...commands));
    }

    /** Nothing is wrong with a field any more. */
    private accept(field: HTMLInputElement): void {
        if (!field.hasAttribute('aria-invalid')) return;
        field.removeAttribute('aria-invalid');
        field.closest('[data-token]')?.querySelector('.field-problem')?.remove();
    }

    private complain(row: HTMLElement, problem: string): void {
        row.querySelector('.field-problem')?.remove();
        const note = document.createElement('p');
        Object.assign(note, { className: 'field-problem', role: 'alert', textContent: problem });
        row.append(note);
    }

    /** A file of design tokens: what it would bring is said first. */
    private async read(file: File): Promise<void> {
        const form = new FormData();
        form.append('tokens', file);
        try {
            const { tokens, groups, themes, values, said } = await send<Arriving>(this.desk.urls.houseRead, form);
            const commands: Command[] = [
                ...(tokens.length > 0 ? [{ type: 'put-tokens', tokens, ...(groups.length > 0 ? { groups } : {}) }] : []),
                ...themes.map((theme) => ({ type: 'put-theme', ...theme })),
                ...Object.entries(values).map(([theme, own]) => ({ type: 'put-theme-values', theme, values: own })),
            ];
            if (commands.length === 0) return toast('All tokens of that file are here already, with the same values.');
            if (!(await this.confirmed(file.name, said))) return;
            const problem = await this.tried(...commands);
            toast(problem ?? `Imported ${file.name}.`, problem !== null);
        } catch (problem) {
            if (!(problem instanceof Problem)) throw problem;
            toast(`${file.name}${problem.place === '' ? '' : `, ${problem.place}`}: ${problem.message}`, true);
        }
    }

    private confirmed(name: string, said: string[]): Promise<boolean> {
        const dialog = document.getElementById('house-import') as HTMLDialogElement;
        dialog.querySelector('h2')!.textContent = `Import ${name}`;
        dialog.querySelector('ul')!.replaceChildren(...said.map((one) => Object.assign(document.createElement('li'), { textContent: one })));
        dialog.returnValue = '';
        dialog.showModal();
        return new Promise((done) => dialog.addEventListener('close', () => done(dialog.returnValue === 'import'), { once: true }));
    }

    private typed(event: KeyboardEvent): void {
        const field = event.target as HTMLElement;
        event.stopPropagation();
        if (event.key === 'Enter' && field instanceof HTMLInputElement && field.dataset['part']) {
            event.preventDefault();
            field.select();
            field.dispatchEvent(new Event('change', { bubbles: true }));
        } else if (event.key === 'Escape') {
            event.preventDefault();
            if (field instanceof HTMLInputElement && field.dataset['part'] && field.value !== field.defaultValue) {
                field.value = field.defaultValue;
                this.accept(field);
            }
            else if (field instanceof HTMLInputElement && field.dataset['house'] === 'filter' && field.value !== '') this.show(field.value = '');
            else this.close();
        } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !(field instanceof HTMLInputElement && field.value !== field.defaultValue && field.value !== field.dataset['sent'])) {
            event.preventDefault();
            document.dispatchEvent(new CustomEvent('kindred:do', { detail: event.shiftKey ? 'redo' : 'undo' }));
        }
    }
}
