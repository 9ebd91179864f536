/** The rows of a part of the brief, written at the speed of a list. */
import { hold } from '../wall/fragments.ts';
import { listed } from './list.ts';
import type { Command } from '../wall/messages.ts';
import { fresh } from '../wall/server.ts';

/** Rows that are sent with one edit. */
const TOGETHER = 40;

export const entryOf = (target: Element): HTMLElement => target.closest<HTMLElement>('[data-entry]')!;
export const partOf = (target: Element): string => target.closest<HTMLElement>('[data-part]')!.dataset['part']!;
const titleOf = (row: Element | null | undefined): HTMLInputElement | null => row?.querySelector<HTMLInputElement>('.title') ?? null;

export class Rows {
    /** Rows in which nothing has been written yet: they are not part of the brief, and the list is not redrawn around them. */
    private readonly fresh = new Map<HTMLElement, () => void>();

    constructor(private readonly body: HTMLElement, private readonly edit: (...commands: Command[]) => void) {
        body.addEventListener('keydown', (event) => this.key(event));
        body.addEventListener('paste', (event) => this.paste(event));
        body.addEventListener('focusout', (event) => {
            const row = (event.target as Element).closest<HTMLElement>('[data-entry]');
            if (event.target instanceof HTMLTextAreaElement) this.written(event.target);
            if (row && this.fresh.has(row) && !row.contains(event.relatedTarget as Node | null)) this.forget(row);
        });
        this.wireDragging();
    }

    /** A new row at the foot of a part, or after another, in which one can write at once; left empty it goes again. */
    add(part: string, after: HTMLElement | null = null): void {
        const row = this.insert(part, after);
        this.fresh.set(row, hold(this.body));
        titleOf(row)?.focus();
    }

    /** Changes a row; the first change of a new one puts it where it stands. */
    put(row: HTMLElement, changes: Record<string, unknown>): Command {
        const after = this.fresh.has(row) ? (row.previousElementSibling as HTMLElement | null)?.dataset['entry'] : undefined;
        this.fresh.get(row)?.();
        this.fresh.delete(row);
        return { type: 'put-entry', entry: { id: row.dataset['entry'], part: partOf(row), ...changes }, ...(after === undefined ? {} : { after }) };
    }

    /** Opens a row, or closes it to its line. */
    open(row: HTMLElement, open = row.dataset['open'] === undefined): void {
        row.toggleAttribute('data-open', open);
        row.querySelector('[data-brief-do=open]')?.setAttribute('aria-expanded', String(open));
    }

    /** The words of a row as they are typed, instead of as they are read. */
    write(row: HTMLElement): void {
        this.open(row, true);
        row.setAttribute('data-writing', '');
        row.querySelector<HTMLTextAreaElement>('textarea')!.focus();
    }

    /** Puts a row after another of its part, or first. */
    move(id: string, after: string | null): void {
        this.edit({ type: 'move-entry', entry: id, after });
    }

    step(row: HTMLElement, up: boolean): void {
        const all = [...row.parentElement!.children] as HTMLElement[];
        const at = all.indexOf(row) + (up ? -2 : 1);
        if (up ? at < -1 : at >= all.length) return;
        this.move(row.dataset['entry']!, all[at]?.dataset['entry'] ?? null);
    }

    private insert(part: string, after: HTMLElement | null, title = ''): HTMLElement {
        const row = document.querySelector<HTMLTemplateElement>(`template[data-fresh="${part}"]`)!.content.firstElementChild!.cloneNode(true) as HTMLElement;
        const id = fresh();
        row.id = `entry-${id}`;
        row.dataset['entry'] = id;
        const field = titleOf(row)!;
        field.value = title;
        field.defaultValue = title;
        if (after) after.after(row);
        else this.body.querySelector(`[data-of="${part}"]`)!.append(row);
        return row;
    }

    private remove(row: HTMLElement, then: Element | null): void {
        if (!this.fresh.has(row)) this.edit({ type: 'remove-entry', entry: row.dataset['entry'] });
        this.forget(row);
        titleOf(then)?.focus();
    }

    private forget(row: HTMLElement): void {
        const letGo = this.fresh.get(row);
        this.fresh.delete(row);
        row.remove();
        letGo?.();
    }

    private written(words: HTMLTextAreaElement): void {
        const row = entryOf(words);
        row.removeAttribute('data-writing');
        if (words.value !== words.defaultValue) this.edit(this.put(row, { words: words.value }));
    }

    private key(event: KeyboardEvent): void {
        const target = event.target as HTMLElement;
        if (target.matches('.title')) this.inTitle(event, target as HTMLInputElement);
        else if (target.matches('textarea')) this.inWords(event, target as HTMLTextAreaElement);
        else if (event.key === 'Enter' && target.matches('.prose')) {
            event.preventDefault();
            this.write(entryOf(target));
        }
    }

    /** Enter makes the next row, Tab goes to what the row is for, arrows go from row to row. */
    private inTitle(event: KeyboardEvent, title: HTMLInputElement): void {
        const row = entryOf(title);
        const done = (): void => event.preventDefault();
        if (event.key === 'Enter') {
            done();
            if (title.value.trim() === '') title.blur();
            else this.add(partOf(title), row);
        } else if (event.key === 'Tab' && !event.shiftKey && !event.ctrlKey) {
            done();
            this.write(row);
        } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            done();
            titleOf(event.key === 'ArrowUp' ? row.previousElementSibling : row.nextElementSibling)?.focus();
        } else if (event.key === 'Backspace' && title.value === '' && (row.querySelector('textarea')?.value ?? '') === '') {
            done();
            this.remove(row, row.previousElementSibling ?? row.nextElementSibling);
        } else if (event.key === 'Escape') {
            title.value = title.defaultValue;
            title.blur();
        }
    }

    /** Tab goes on to the next row, Ctrl+Enter makes one. */
    private inWords(event: KeyboardEvent, words: HTMLTextAreaElement): void {
        const row = entryOf(words);
        if (event.key === 'Escape') {
            words.value = words.defaultValue;
            titleOf(row)?.focus();
        } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
            words.blur();
            this.open(row, false);
            this.add(partOf(row), row);
        } else if (event.key === 'Tab') {
            event.preventDefault();
            if (event.shiftKey) return titleOf(row)?.focus();
            const next = titleOf(row.nextElementSibling);
            words.blur();
            this.open(row, false);
            if (next) next.focus();
            else this.add(partOf(row), row);
        }
    }

    /** A list that is pasted becomes rows: the first in the row at hand, where that is empty. */
    private paste(event: ClipboardEvent): void {
        const title = event.target as HTMLInputElement;
        if (!title.matches('.title')) return;
        const lines = listed(event.clipboardData?.getData('text/plain') ?? '');
        if (lines.length < 2) return;
        event.preventDefault();
        const part = partOf(title);
        let row = entryOf(title);
        const commands: Command[] = [];
        if (title.value.trim() === '') {
            const first = lines.shift()!;
            title.value = title.defaultValue = first.title;
            commands.push(this.put(row, { title: first.title, ...(first.words ? { words: first.words } : {}) }));
        }
        for (const { title: written, words } of lines) {
            const next = this.insert(part, row, written);
            commands.push({ type: 'put-entry', entry: { id: next.dataset['entry'], part, title: written, ...(words ? { words } : {}) }, after: row.dataset['entry'] });
            row = next;
        }
        titleOf(row)?.focus();
        while (commands.length > 0) this.edit(...commands.splice(0, TOGETHER));
    }

    private wireDragging(): void {
        const { body } = this;
        let dragged: HTMLElement | null = null;
        let letGo = (): void => undefined;
        body.addEventListener('dragstart', (event) => {
            dragged = (event.target as Element).closest('.grip') ? entryOf(event.target as Element) : null;
            event.dataTransfer?.setData('text/plain', '');
            if (dragged) letGo = hold(body);
        });
        body.addEventListener('dragend', () => letGo());
        body.addEventListener('dragover', (event) => {
            const row = (event.target as Element).closest<HTMLElement>('[data-entry]');
            const same = dragged && row && row !== dragged && row.parentElement === dragged.parentElement;
            for (const one of body.querySelectorAll('.drop-above, .drop-below')) one.classList.remove('drop-above', 'drop-below');
            if (!same) return;
            const { top, height } = row.getBoundingClientRect();
            row.classList.add(event.clientY < top + height / 2 ? 'drop-above' : 'drop-below');
            event.preventDefault();
        });
        body.addEventListener('drop', (event) => {
            const row = body.querySelector<HTMLElement>('.drop-above, .drop-below');
            const above = row?.classList.contains('drop-above');
            row?.classList.remove('drop-above', 'drop-below');
            if (!row || !dragged) return;
            event.preventDefault();
            const after = above ? (row.previousElementSibling as HTMLElement | null) : row;
            if (after !== dragged) this.move(dragged.dataset['entry']!, after?.dataset['entry'] ?? null);
            dragged = null;
        });
    }
}
