/** What the rack offers while one writes: how the words are set that are selected, and how their paragraphs stand. */
import { toast } from '../dialogs.ts';
import { DEEPEST, isLink, type Own, type Value } from './rich.ts';
import type { Writer } from './words.ts';

/** Between what limits a number must lie, as the server has it. */
const LIMITS: Record<string, [number, number]> = { size: [1, 1000], before: [0, 1000], after: [0, 1000] };

export class SettingOptions {
    private readonly place = document.getElementById('writing-options')!;
    private readonly rack = document.getElementById('rack')!;

    /** @param colour opens the colour field for a field of its own */
    constructor(private readonly writer: Writer, private readonly colour: (field: HTMLInputElement) => void) {
        writer.watch(() => this.show());
        // A press on a button leaves the caret in the words.
        this.place.addEventListener('mousedown', (event) => (event.target as Element).closest('button') && event.preventDefault());
        this.place.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.place.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement | HTMLSelectElement));
        this.field('[data-own=colour]').addEventListener('input', () => this.writer.change('colour', this.field('[data-own=colour]').value));
        this.place.addEventListener('keydown', (event) => this.key(event));
        // What a field says is typed over, as in the facets; the press that came into it leaves it selected.
        this.place.addEventListener('focusin', ({ target }) => target instanceof HTMLInputElement && target.select());
        this.place.addEventListener('mouseup', (event) => (event.target as Element).matches('input') && event.preventDefault());
        this.link.addEventListener('submit', (event) => {
            event.preventDefault();
            this.setLink(this.link.querySelector('input')!.value.trim());
        });
    }

    private get link(): HTMLFormElement {
        return this.place.querySelector('form')!;
    }

    private field(selector: string): HTMLInputElement {
        return this.place.querySelector<HTMLInputElement>(selector)!;
    }

    /** What is selected now. */
    private show(): void {
        const open = this.writer.isRich;
        this.place.hidden = !open;
        this.rack.classList.toggle('writing', open);
        if (!open) {
            this.link.hidden = true;
            return;
        }
        const { own, paragraph } = this.writer.selected();
        const family = this.place.querySelector<HTMLSelectElement>('[data-own=family]')!;
        family.value = String(own.family ?? '');
        this.weights(family.selectedOptions[0]?.dataset['weights']?.split(' ') ?? [], own.weight);
        const put = (selector: string, value: Value | undefined): void => {
            const field = this.field(selector);
            if (field !== document.activeElement) field.value = value === undefined ? '' : String(value);
            field.placeholder = value === undefined ? 'mixed' : '';
        };
        this.forms(own.variant);
        put('[data-own=size]', own.size);
        put('[data-own=colour]', own.colour);
        put('[data-paragraph=before]', paragraph.before);
        put('[data-paragraph=after]', paragraph.after);
        const press = (selector: string, on: boolean): void => this.place.querySelector(selector)!.setAttribute('aria-pressed', String(on));
        press('[data-own=italic]', own.italic === true);
        for (const line of ['underline', 'line-through']) press(`[data-line="${line}"]`, String(own.decoration ?? '').split(' ').includes(line));
        press('[data-do=link]', own.link !== undefined);
        for (const list of ['bullet', 'number']) press(`[data-list="${list}"]`, paragraph.list === list);
        for (const button of this.place.querySelectorAll<HTMLButtonElement>('[data-level]')) button.disabled = paragraph.list === 'none';
        this.place.querySelector<HTMLElement>('.well')!.style.setProperty('background', own.colour === undefined ? '' : String(own.colour));
    }

    /** Those that the family has; the nearest is shown where it has not the one that is set. */
    private weights(weights: string[], weight: Value | undefined): void {
        const select = this.place.querySelector<HTMLSelectElement>('[data-own=weight]')!;
        const known = [...select.options].map((option) => option.value).join(' ');
        if (known !== weights.join(' ')) select.replaceChildren(...weights.map((one) => new Option(one, one)));
        const nearest = weight === undefined ? '' : weights.reduce((best, one) => (Math.abs(Number(one) - Number(weight)) < Math.abs(Number(best) - Number(weight)) ? one : best), weights[0] ?? '');
        select.value = nearest;
    }

    /** One form, or several together that were set in the facets. */
    private forms(variant: Value | undefined): void {
        const select = this.place.querySelector<HTMLSelectElement>('[data-own=variant]')!;
        const several = String(variant ?? '');
        select.querySelector('[data-several]')?.remove();
        if (several.includes(' ')) {
            const option = new Option(several.replaceAll('-', ' '), several);
            option.dataset['several'] = '';
            select.append(option);
        }
        select.value = several;
    }

    private pressed(target: Element): void {
        const button = target.closest('button');
        if (!button || button.disabled) return;
        const { own, paragraph } = this.writer.selected();
        const { line, list, level } = button.dataset;
        if (button.dataset['do'] === 'colour') return this.colour(this.field('[data-own=colour]'));
        if (button.dataset['do'] === 'link') return this.openLink(String(own.link ?? ''));
        if (button.dataset['do'] === 'unlink') return this.setLink('');
        if (button.dataset['own'] === 'italic') this.writer.change('italic', own.italic !== true);
        else if (line) this.writer.toggleLine(line);
        else if (list) this.writer.changeParagraphs((one) => ({ ...one, list: paragraph.list === list ? 'none' : list, level: paragraph.list === list ? 0 : one.level }));
        else if (level) this.writer.changeParagraphs((one) => ({ ...one, level: Math.max(0, Math.min(DEEPEST, one.level + Number(level))) }));
        else return;
        this.writer.focus();
    }

    private changed(field: HTMLInputElement | HTMLSelectElement): void {
        const { own, paragraph } = field.dataset;
        const value = field.value.trim();
        const limits = LIMITS[own ?? paragraph ?? ''];
        if (limits) {
            const number = Number(value.replace(',', '.'));
            if (value === '' || !(number >= limits[0] && number <= limits[1])) {
                toast(`${field.getAttribute('aria-label')!} must lie between ${limits[0]} and ${limits[1]}.`);
                field.blur();
                return this.show();
            }
            if (own) this.writer.change(own as Own, number);
            else this.writer.changeParagraphs((one) => ({ ...one, [paragraph!]: number }));
        } else if (own) {
            this.writer.change(own as Own, own === 'weight' ? Number(value) : value);
            if (field instanceof HTMLSelectElement) this.writer.focus();
        }
    }

    private key(event: KeyboardEvent): void {
        event.stopPropagation();
        const field = event.target as HTMLElement;
        const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
        if (event.key === 'Escape') {
            event.preventDefault();
            this.link.hidden = true;
            this.writer.focus();
        } else if (event.key === 'Enter' && field instanceof HTMLInputElement && !this.link.contains(field)) {
            event.preventDefault();
            this.changed(field);
            this.writer.focus();
        } else if (step !== 0 && field instanceof HTMLInputElement && field.dataset['step'] && Number(field.value) === Number(field.value)) {
            event.preventDefault();
            field.value = String(Number(field.value) + step * (event.shiftKey ? 10 : 1));
            this.changed(field);
        }
    }

    private openLink(link: string): void {
        this.link.hidden = !this.link.hidden;
        const field = this.link.querySelector('input')!;
        field.value = link;
        if (!this.link.hidden) field.select();
        else this.writer.focus();
    }

    private setLink(typed: string): void {
        // An address without its scheme is one of the web, or of mail.
        const link = /^[^\s:@/]+\.[^\s:@]+$/.test(typed) ? `https://${typed}` : /^[^\s:@/]+@[^\s:@/]+$/.test(typed) ? `mailto:${typed}` : typed;
        if (link !== '' && !isLink(link)) return toast('A link begins with https://, http://, mailto: or tel:.');
        this.writer.change('link', link === '' ? null : link);
        this.link.hidden = true;
        this.writer.focus();
    }
}
