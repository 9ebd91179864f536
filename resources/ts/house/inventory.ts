/** The style inventory in the drawer: going through what has a value, and merging values that are nearly the same. */
import { refusal } from '../refused.ts';
import { fresh, Problem, send } from '../wall/server.ts';
import type { Command } from '../wall/messages.ts';
import { showSamples } from './samples.ts';

export interface InventoryDesk {
    /** Says what a merge would change. */
    url: string;
    edit: (command: Command) => Promise<unknown>;
}

interface Merge { aspect: string; from: unknown[]; to: unknown; token?: string | null; name?: string }

export class Merging {
    private readonly dialog = document.getElementById('house-merge') as HTMLDialogElement;
    private readonly body = this.dialog.querySelector<HTMLElement>('.body')!;
    private readonly problem = this.dialog.querySelector<HTMLElement>('.field-problem')!;
    private readonly name = this.dialog.querySelector<HTMLInputElement>('[name=name]')!;
    private asked = 0;
    /** What would change is on its way. */
    private asking = new AbortController();
    /** What it was opened for, until its fields have come. */
    private meant: Merge = { aspect: '', from: [], to: null, token: null };
    /** Whether it was opened to make a token of one value. */
    private isMaking = false;

    constructor(private readonly desk: InventoryDesk) {
        this.body.addEventListener('change', () => void this.show(this.merge()));
        this.dialog.addEventListener('close', () => {
            this.asked++;
            // What would have changed says nothing any more once it has.
            this.asking.abort();
        });
        this.dialog.querySelector('form')!.addEventListener('submit', (event) => {
            event.preventDefault();
            void this.make();
        });
    }

    /** What was entered stays where it is refused. */
    private async make(): Promise<void> {
        const button = this.dialog.querySelector<HTMLButtonElement>('[value=merge]')!;
        if (button.disabled) return;
        button.disabled = true;
        const problem = await refusal(() => this.desk.edit({ type: 'merge-values', ...this.named(this.merge()) }));
        button.disabled = false;
        if (problem === null) return this.dialog.close();
        this.problem.hidden = false;
        this.problem.textContent = problem;
        this.name.select();
    }

    /** Opens the dialog for values of one part of the look: a group of them, or a single one. */
    open(button: HTMLElement): Promise<void> {
        const aspect = button.closest<HTMLElement>('[data-aspect]')!.dataset['aspect']!;
        const single = button.closest<HTMLElement>('[data-plain]');
        const token = button.dataset['token'] ?? null;
        const from = [...(single ? [single] : button.closest('[data-near]')!.querySelectorAll<HTMLElement>('[data-plain]'))].map((one) => JSON.parse(one.dataset['plain']!) as unknown);
        this.meant = { aspect, from, to: from[0], token };
        this.dialog.returnValue = '';
        this.isMaking = single !== null && token === null;
        this.dialog.querySelector('h2')!.textContent = button.textContent!.trim();
        this.dialog.querySelector('[value=merge]')!.textContent = this.isMaking ? 'Make' : single ? 'Bind' : 'Merge';
        this.body.replaceChildren();
        this.dialog.querySelector('.pictures')!.replaceChildren();
        this.name.value = '';
        this.name.disabled = token !== null;
        this.dialog.showModal();
        // Whoever makes a token types its name at once.
        if (this.isMaking) this.name.focus();
        return this.show(this.meant);
    }

    /** What the fields say. */
    private merge(): Merge {
        const to = this.body.querySelector<HTMLSelectElement>('[name=to]')?.selectedOptions[0];
        if (!to) return this.meant;
        const from = [...this.body.querySelectorAll<HTMLInputElement>('[name=from]')].filter((one) => one.checked).map((one) => JSON.parse(one.value) as unknown);
        return { aspect: this.meant.aspect, from, to: JSON.parse(to.value) as unknown, token: to.dataset['token'] ?? null };
    }

    /** With a name it becomes a new token. */
    private named(merge: Merge): Merge {
        const name = this.name.value.trim();
        return merge.token === null && name !== '' ? { ...merge, token: fresh(), name } : merge;
    }

    /** Says and shows what it would change. */
    private async show(merge: Merge): Promise<void> {
        const asked = ++this.asked;
        this.asking.abort();
        this.asking = new AbortController();
        const unchecked = [...this.body.querySelectorAll<HTMLInputElement>('[name=from]:not(:checked)')].map((one) => one.value);
        this.name.disabled = merge.token !== null;
        try {
            // However it will be called: what it is made of follows it.
            const shown = this.isMaking && merge.token === null && JSON.stringify(merge.to) === JSON.stringify(merge.from[0]) ? { ...merge, token: fresh(), name: `new ${fresh()}` } : merge;
            const { html } = await send<{ html: string }>(this.desk.url, shown, this.asking.signal);
            if (asked !== this.asked) return;
            const focused = this.body.contains(document.activeElement) ? document.activeElement as HTMLInputElement | HTMLSelectElement : null;
            this.put(html, unchecked);
            [...this.body.querySelectorAll<HTMLInputElement>('input, select')].find((one) => focused?.name === one.name && (one.type !== 'checkbox' || one.value === focused.value))?.focus();
            this.say(null);
        } catch (problem) {
            if (!(problem instanceof Problem)) throw problem;
            if (asked === this.asked) this.say(problem.message);
        }
    }

    /** Values that were left out stay in the list, so that they can be taken in again. */
    private put(html: string, unchecked: string[]): void {
        const left = [...this.body.querySelectorAll<HTMLLabelElement>('label.choice')].filter((one) => unchecked.includes(one.querySelector('input')!.value));
        this.body.innerHTML = html;
        this.dialog.querySelector('form > .pictures')!.replaceWith(this.body.querySelector('.pictures')!);
        this.body.querySelector('.from')!.append(...left);
        showSamples(this.body);
    }

    private say(problem: string | null): void {
        this.problem.hidden = problem === null;
        this.problem.textContent = problem;
        this.dialog.querySelector<HTMLButtonElement>('[value=merge]')!.disabled = problem !== null;
    }
}

/** The places that have a value, one after another: screen and layer of each, as `screen layer,screen layer`. */
export function nextPlace(button: HTMLElement): { screen: string; layer: string } {
    const places = button.dataset['places']!.split(',');
    const at = (Number(button.dataset['at'] ?? -1) + 1) % places.length;
    button.dataset['at'] = String(at);
    const [screen = '', layer = ''] = places[at]!.split(' ');
    return { screen, layer };
}
