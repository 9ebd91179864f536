/** All cues of the project in a dialog: searched, gone to, and those that are ticked changed in one step. */
import { ask, toast } from '../dialogs.ts';
import type { Command } from './messages.ts';
import type { Server } from './server.ts';

export class CueList {
    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        dialog.addEventListener('input', () => this.filter());
        dialog.addEventListener('change', (event) => this.ticked(event.target as HTMLInputElement));
        dialog.addEventListener('click', (event) => this.pressed(event.target as Element));
        dialog.addEventListener('keydown', (event) => {
            if (event.key !== 'Enter' || !(event.target as Element).matches('[data-cues-set]')) return;
            event.preventDefault();
            this.set();
        });
    }

    async open(): Promise<void> {
        const wanted = ask(this.dialog);
        await this.server.rest();
        const answer = await fetch(this.url, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) return toast('The cues could not be listed; try it again in a moment.', true);
        const text = await answer.text();
        if (!wanted()) return;
        const sought = this.search?.value ?? '';
        const { scrollTop } = this.dialog.querySelector('.cue-list') ?? { scrollTop: 0 };
        this.dialog.innerHTML = text;
        if (!this.dialog.open) this.dialog.showModal();
        if (this.search) this.search.value = sought;
        this.filter();
        this.dialog.querySelector('.cue-list')?.scrollTo(0, scrollTop);
        this.search?.focus();
    }

    private get search(): HTMLInputElement | null {
        return this.dialog.querySelector('[data-cues-search]');
    }

    private rows(): HTMLElement[] {
        return [...this.dialog.querySelectorAll<HTMLElement>('li[data-cue]')];
    }

    private chosen(): HTMLElement[] {
        return this.rows().filter((row) => !row.hidden && row.querySelector('input')!.checked);
    }

    private filter(): void {
        const words = (this.search?.value ?? '').toLowerCase().split(/\s+/).filter(Boolean);
        const trigger = this.dialog.querySelector<HTMLSelectElement>('[data-cues-trigger]')?.value ?? '';
        for (const row of this.rows()) {
            const text = `${row.closest('section')!.querySelector('h3')!.textContent} ${row.textContent}`.toLowerCase();
            row.hidden = !words.every((word) => text.includes(word)) || (trigger !== '' && row.dataset['trigger'] !== trigger);
        }
        for (const section of this.dialog.querySelectorAll<HTMLElement>('section')) section.hidden = section.querySelector('li:not([hidden])') === null;
        const shown = this.rows().filter((row) => !row.hidden).length;
        const count = this.dialog.querySelector('[data-cues-count]');
        if (count) count.textContent = `${shown} of ${this.rows().length} cues`;
        this.tell();
    }

    private ticked(input: HTMLInputElement): void {
        if (input.dataset['cuesAll'] !== undefined) for (const row of this.rows()) if (!row.hidden) row.querySelector('input')!.checked = input.checked;
        this.tell();
    }

    private tell(): void {
        const chosen = this.chosen().length;
        const said = this.dialog.querySelector('[data-cues-chosen]');
        if (said) said.textContent = chosen === 0 ? 'None is ticked' : chosen === 1 ? 'One is ticked' : `${chosen} are ticked`;
    }

    private pressed(target: Element): void {
        const row = target.closest<HTMLElement>('li[data-cue]');
        if (target.closest('[data-closes]')) return this.dialog.close();
        if (row && target.closest('[data-cues-go]')) {
            this.dialog.close();
            document.dispatchEvent(new CustomEvent('kindred:go', { detail: { screen: row.dataset['screen'], layer: row.dataset['layer'] || undefined } }));
        }
        switch (target.closest<HTMLElement>('[data-cues-do]')?.dataset['cuesDo']) {
            case 'set': return this.set();
            case 'remove': return this.change((on) => [{ type: 'remove-cue', ...on }]);
            default:
        }
    }

    private set(): void {
        const fields = [...this.dialog.querySelectorAll<HTMLInputElement | HTMLSelectElement>('[data-cues-set]')].filter((field) => field.value.trim() !== '');
        if (fields.length === 0) return toast('Choose a transition, a duration or an easing first.');
        this.change((on, row) => row.dataset['moves']!.split(' ').filter(Boolean).flatMap((path) => fields.map((field) => ({ type: 'set-cue-field', ...on, field: `${path}.transition.${field.dataset['cuesSet']!}`, value: field.value }))));
    }

    /** One step for all that are ticked. */
    private change(commands: (on: { screen: string; layer?: string; cue: string }, row: HTMLElement) => Command[]): void {
        const rows = this.chosen();
        if (rows.length === 0) return toast('Tick the cues first that are meant.');
        const all = rows.flatMap((row) => commands({ screen: row.dataset['screen']!, ...(row.dataset['layer'] ? { layer: row.dataset['layer'] } : {}), cue: row.dataset['cue']! }, row));
        if (all.length === 0) return toast('None of these moves anything.');
        void this.server.edit(...all).then((answer) => answer && this.open());
    }
}
