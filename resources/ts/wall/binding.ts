/** The tokens that a property can be bound to: a small list beside its field. */
import { showSamples } from '../house/samples.ts';
import { ask } from '../question.ts';
import { within } from './geometry.ts';
import type { Command } from './messages.ts';
import { fresh } from './server.ts';

interface On { screen: string | null; layers: string[]; screens: string[] }

export interface BindingDesk {
    /** What the facets speak of. */
    on: () => On;
    edit: (command: Command) => Promise<unknown>;
    /** The list of tokens for a property. */
    url: string;
}

export class Binding {
    private readonly box = document.getElementById('token-choices')!;
    private opener: HTMLElement | null = null;
    private field = '';
    private on: On = { screen: null, layers: [], screens: [] };

    constructor(private readonly desk: BindingDesk) {
        this.box.addEventListener('click', (event) => this.pressed((event.target as Element).closest<HTMLElement>('button[data-bind]')));
        this.box.addEventListener('input', (event) => {
            const filter = event.target as HTMLInputElement;
            if (filter.dataset['bind'] === 'filter') this.filter(filter.value);
        });
        this.box.addEventListener('submit', (event) => {
            event.preventDefault();
            const name = (event.target as HTMLFormElement).querySelector<HTMLInputElement>('[name=name]')!.value.trim();
            void this.done({ type: 'make-token', field: this.field, id: fresh(), name });
        });
        this.box.addEventListener('keydown', (event) => this.typed(event));
        document.addEventListener('pointerdown', (event) => {
            if (!this.box.hidden && !this.box.contains(event.target as Node) && !(event.target as Element).closest('[data-do=token]')) this.close(false);
        }, true);
    }

    get active(): boolean {
        return !this.box.hidden;
    }

    async open(opener: HTMLElement): Promise<void> {
        const field = opener.dataset['of']!;
        if (this.active && this.field === field) return this.close(true);
        [this.opener, this.field, this.on] = [opener, field, this.desk.on()];
        const early = this.ahead(opener);
        const answer = await ask(`${this.desk.url}?${new URLSearchParams({ field, ...(this.on.layers.length === 0 ? { screens: this.on.screens.join(',') } : { layers: this.on.layers.join(',') }) })}`, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (this.field !== field) return;
        if (!answer?.ok) return this.close(true);
        this.box.innerHTML = await answer.text();
        showSamples(this.box);
        this.box.hidden = false;
        this.place(document.contains(opener) ? opener : document.querySelector(`[data-do=token][data-of="${CSS.escape(field)}"]`) ?? opener);
        const first = this.box.querySelector<HTMLElement>('[data-bind=filter], [aria-current]') ?? this.box.querySelector<HTMLElement>('button, input');
        // What was typed before the list was there is the name of a token, or a part of one.
        const written = early.value === '' ? null : this.box.querySelector<HTMLInputElement>('[data-bind=filter]') ?? this.box.querySelector<HTMLInputElement>('[name=name]');
        (written ?? first)?.focus();
        if (!written) return;
        written.value = early.value;
        written.dispatchEvent(new Event('input', { bubbles: true }));
        if (early.dataset['entered'] === undefined) return;
        if (written.form) written.form.requestSubmit();
        else this.choose(written.value);
    }

    /** The box at once, with room for what is typed until the list has come. */
    private ahead(opener: HTMLElement): HTMLInputElement {
        const input = document.createElement('input');
        Object.assign(input, { className: 'field', autocomplete: 'off', ariaLabel: 'Name of a token' });
        input.dataset['bind'] = 'early';
        this.box.replaceChildren(input);
        this.box.hidden = false;
        this.place(opener);
        input.focus();
        return input;
    }

    private place(by: Element): void {
        const { right, top } = by.getBoundingClientRect();
        const { width, height } = this.box.getBoundingClientRect();
        Object.assign(this.box.style, { left: `${within(right + 8, 8, innerWidth - width - 8)}px`, top: `${within(top - 8, 8, innerHeight - height - 8)}px` });
    }

    private close(back: boolean): void {
        this.box.hidden = true;
        const [opener, field] = [this.opener, this.field];
        [this.opener, this.field] = [null, ''];
        if (back) (document.querySelector<HTMLElement>(`#facets [data-do=token][data-of="${CSS.escape(field)}"]`) ?? opener)?.focus();
    }

    private pressed(button: HTMLElement | null): void {
        switch (button?.dataset['bind']) {
            case 'to': return void this.done({ type: 'bind-token', field: this.field, token: button.dataset['id'] });
            case 'detach': return void this.done({ type: 'bind-token', field: this.field, token: null });
        }
    }

    private async done(command: Command): Promise<void> {
        const { screen, layers, screens } = this.on;
        const { field } = this;
        this.close(true);
        await this.desk.edit(layers.length === 0 ? { type: 'bind-screens', screens, field, token: command['token'] } : { ...command, screen, layers });
    }

    private filter(words: string): void {
        const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
        this.explain('');
        for (const one of this.items()) one.hidden = !wanted.every((word) => one.dataset['name']!.toLowerCase().includes(word));
    }

    /** What is typed is the name of a token; where none is called so, that of a new one. */
    private choose(words: string): void {
        if (words.trim() === '') return this.close(true);
        const found = this.items().find((one) => !one.hidden);
        if (found) return found.click();
        const name = this.box.querySelector<HTMLInputElement>('[name=name]');
        if (!name) return this.explain('No token is called so.');
        name.value = words.trim();
        name.focus();
    }

    private explain(problem: string): void {
        const place = this.box.querySelector<HTMLElement>('.field-problem')!;
        place.textContent = problem;
        place.hidden = problem === '';
    }

    private items(): HTMLElement[] {
        return [...this.box.querySelectorAll<HTMLElement>('[data-bind=to]')];
    }

    private typed(event: KeyboardEvent): void {
        event.stopPropagation();
        const target = event.target as HTMLElement;
        const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
        const seen = this.items().filter((one) => !one.hidden);
        if (event.key === 'Escape') this.close(true);
        else if (event.key === 'Enter' && target.dataset['bind'] === 'early') target.dataset['entered'] = '';
        else if (event.key === 'Enter' && target.dataset['bind'] === 'filter') this.choose((target as HTMLInputElement).value);
        else if (step !== 0 && seen.length > 0) {
            const at = seen.indexOf(target);
            seen[at < 0 ? (step > 0 ? 0 : seen.length - 1) : (at + step + seen.length) % seen.length]!.focus();
        } else return;
        event.preventDefault();
    }
}
