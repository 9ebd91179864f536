/** The data sheet of an array or a chart: typed into, pasted into, filled from files, reordered. */
import { toast } from '../dialogs.ts';
import { ahead, type Ahead } from './ahead.ts';
import type { Command, Patch } from './messages.ts';
import { fresh, Problem, send, type Server } from './server.ts';

/** Where more rows than this changed, all of the sheet is asked for again. */
const SOME = 40;

/** A cell that is higher holds lines, through which arrows go, px. */
const LINES = 40;
/** Room below the last row for some more, px. */
const SPARE = 54;

export class DataSheet {
    private readonly panel = document.getElementById('sheet')!;
    private readonly dialog = document.getElementById('sheet-take') as HTMLDialogElement;
    private readonly file = document.getElementById('sheet-file') as HTMLInputElement;
    /** The array or chart whose sheet is open. */
    private array: string | null = null;
    private dragged: HTMLElement | null = null;
    private turn = 0;
    /** Edits of the sheet that were not answered yet: what is asked for meanwhile may be older than what stands in its cells. */
    private unanswered = 0;
    /** How often the whole sheet is on its way. */
    private coming = 0;
    /** Whether the sheet could not be shown anew because it was being typed into. */
    private owed = false;
    private renewing = Promise.resolve();
    /** Where the focus goes once a row that was added is there: how many rows stand before it, the column, and what is typed meanwhile. */
    private next: { row: number; column: string; typed: Ahead } | null = null;
    /** Whether the focus has been in it. */
    private entered = false;
    /** Whether a pointer is pressed in the sheet. */
    private pointed = false;
    /** The cell that was pressed without being in hand before. */
    private picked: HTMLElement | null = null;

    constructor(private readonly urls: Record<string, string>, private readonly server: Server) {
        this.panel.addEventListener('click', (event) => void this.pressed(event.target as Element));
        this.panel.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement | HTMLSelectElement));
        this.panel.addEventListener('focusin', (event) => {
            const field = event.target as HTMLElement;
            this.entered = true;
            if (!field.matches('.sheet-cell')) return;
            field.dataset['was'] = field.textContent ?? '';
            if (!this.pointed) getSelection()?.selectAllChildren(field);
        });
        this.panel.addEventListener('pointerdown', (event) => {
            this.pointed = true;
            const field = (event.target as Element).closest<HTMLElement>('.sheet-cell');
            this.picked = field === document.activeElement ? null : field;
        });
        // A cell is picked by the first press: what is typed takes the place of what it holds. The next one puts the caret there.
        this.panel.addEventListener('click', () => {
            if (this.picked === document.activeElement && this.picked && getSelection()?.isCollapsed) getSelection()!.selectAllChildren(this.picked);
        });
        for (const name of ['pointerup', 'pointercancel'] as const) addEventListener(name, () => (this.pointed = false), true);
        this.panel.addEventListener('focusout', (event) => this.left(event.target as HTMLElement));
        this.panel.addEventListener('keydown', (event) => this.typed(event));
        this.panel.addEventListener('paste', (event) => this.pasted(event));
        for (const name of ['dragstart', 'dragover', 'drop', 'dragend'] as const) this.panel.addEventListener(name, (event) => this.drag(name, event));
        this.file.addEventListener('change', () => void this.bring());
        this.dialog.addEventListener('submit', (event) => this.take(event.target as HTMLFormElement));
    }

    /**
     * @param entered whether with its first value in hand: keys are those of the sheet from then on
     * @returns how high the sheet is, px; 0 where it could not be shown
     */
    async open(array: string, entered: boolean): Promise<number> {
        const typed = entered ? ahead() : null;
        this.entered = entered;
        this.array = array;
        this.panel.hidden = false;
        this.panel.style.height = '';
        await this.show();
        // It keeps its height with more or fewer rows: the buttons and rows stay under the pointer that has pressed them.
        if (this.panel.offsetHeight > 0) this.panel.style.height = `${this.panel.offsetHeight + SPARE}px`;
        typed?.into(this.panel.querySelector<HTMLElement>('thead [data-slot=value]') ? this.first('value') : this.first());
        if (typed?.givenUp) this.close();
        return this.panel.offsetHeight;
    }

    /**
     * @param any whether it is closed also where nobody has worked in it
     * @returns whether there was one to be closed
     */
    leave(any: boolean): boolean {
        const isLeft = this.array !== null && (any || this.entered);
        if (isLeft) this.close();
        return isLeft;
    }

    close(): void {
        this.array = null;
        this.next?.typed.into(null);
        this.next = null;
        this.panel.hidden = true;
        this.panel.replaceChildren();
    }

    /** After an edit: of a sheet that may be long only the rows whose cells were drawn anew are shown anew. */
    follow(patches: Patch[]): void {
        const own = patches.filter(({ layer }) => layer === this.array);
        if (this.array === null || (own.length === 0 && !patches.some(({ removed }) => removed))) return;
        const cells = own.length === 1 ? own[0]!.cells : undefined;
        const rows = Object.keys(cells?.drawn ?? {});
        if (!cells || cells.order || rows.length > SOME || this.coming > 0 || this.owed) return void this.show();
        // One after another: what is asked for later is newer.
        if (rows.length > 0) this.renewing = this.renewing.then(() => this.renew(rows)).catch(() => void (this.owed = true));
        else if (!cells.places && Object.keys(cells.paint).length === 0) void this.show();
    }

    /** Redraws rows, except the one that is being typed into. */
    private async renew(rows: string[]): Promise<void> {
        const [array, turn] = [this.array, this.turn];
        const response = await fetch(`${this.urls['sheet']!.replace('LAYER', array!)}?rows=${rows.join(',')}`);
        // The whole sheet has been asked for since, or is owed.
        if (this.array !== array || turn !== this.turn) return;
        const template = document.createElement('template');
        template.innerHTML = `<table><tbody>${response.ok ? await response.text() : ''}</tbody></table>`;
        const renewed = [...template.content.querySelectorAll<HTMLElement>('tr[data-row]')];
        if (renewed.length < rows.length) return void this.show();
        for (const row of renewed) {
            const active = this.place(document.activeElement);
            if ((active?.row === row.dataset['row'] && this.typing()) || this.unanswered > 0) {
                this.owed = true;
                continue;
            }
            this.panel.querySelector(`tr[data-row="${row.dataset['row']}"]`)?.replaceWith(row);
            if (active?.row === row.dataset['row']) this.cell(active!.row, active!.column)?.focus();
        }
    }

    /** The whole sheet; what is being typed stays as it is, and so does the place that is in view. */
    private async show(): Promise<void> {
        const turn = ++this.turn;
        this.owed = this.typing();
        if (this.array === null || this.owed) return;
        this.coming++;
        const response = await fetch(this.urls['sheet']!.replace('LAYER', this.array)).finally(() => this.coming--);
        const html = response.ok ? await response.text() : null;
        if (turn !== this.turn || this.array === null) return;
        // While the answer came somebody may have gone on.
        this.owed = this.typing() || this.unanswered > 0;
        if (this.owed) return;
        if (html === null) return this.close();
        // As it is now: whoever has left a cell while this was on its way is not put back into it.
        const [active, room] = [this.place(document.activeElement), this.panel.querySelector('.sheet-room')];
        const [top, left] = [room?.scrollTop ?? 0, room?.scrollLeft ?? 0];
        this.panel.innerHTML = html;
        this.panel.querySelector('.sheet-room')?.scrollTo(left, top);
        const row = this.next && this.panel.querySelectorAll<HTMLElement>('tr[data-row]')[this.next.row];
        if (row) {
            this.next!.typed.into(this.cell(row.dataset['row']!, this.next!.column));
            row.scrollIntoView({ block: 'nearest' });
            this.next = null;
        } else if (active) this.cell(active.row, active.column)?.focus();
    }

    private get on(): { screen: string | null; layer: string } {
        return { screen: this.panel.querySelector<HTMLElement>('.sheet-bar')?.dataset['screen'] || null, layer: this.array! };
    }

    private async edit(command: Command, made: () => void = () => undefined): Promise<void> {
        this.unanswered++;
        const answer = await this.server.edit({ ...this.on, ...command }).finally(() => this.unanswered--);
        if (answer) made();
        if (this.owed && this.unanswered === 0) void this.show();
    }

    private typing(): boolean {
        const field = document.activeElement as HTMLElement | null;
        return field !== null && this.panel.contains(field) && field.matches('.sheet-cell') && field.textContent !== (field.dataset['was'] ?? field.textContent);
    }

    private place(element: Element | null): { row: string; column: string } | null {
        const [row, column] = [element?.closest<HTMLElement>('[data-row]')?.dataset['row'], element?.closest<HTMLElement>('td')?.dataset['column']];
        return element && this.panel.contains(element) && row && column ? { row, column } : null;
    }

    private cell(row: string, column: string): HTMLElement | null {
        return this.panel.querySelector<HTMLElement>(`[data-row="${row}"] > td[data-column="${column}"] > *`);
    }

    /** The first cell that is typed into, of the first column that feeds a slot. */
    private first(slot?: string): HTMLElement | null {
        const column = slot ? this.panel.querySelector<HTMLElement>(`thead [data-slot=${slot}]`)?.dataset['column'] : null;
        return this.panel.querySelector<HTMLElement>(column ? `tbody td[data-column="${column}"] > .sheet-cell` : 'tbody .sheet-cell');
    }

    /** A row more, with what the one before it holds; the focus goes there. */
    private add(after: HTMLElement | null, column: string | undefined): void {
        const rows = [...this.panel.querySelectorAll('tr[data-row]')];
        const next = { row: after ? rows.indexOf(after) + 1 : rows.length, column: column ?? this.panel.querySelector<HTMLElement>('thead [data-column]')?.dataset['column'] ?? '' };
        // Not before it is there: another row stands in its place until then.
        const typed = ahead(undefined, (field) => this.cellBeside(field, 1));
        this.next?.typed.into(null);
        let made = false;
        void this.edit({ type: 'add-rows', seed: fresh(), ...(after ? { after: after.dataset['row'] } : {}) }, () => {
            made = true;
            this.next = { ...next, typed };
        }).finally(() => !made && typed.into(null));
    }

    private async pressed(target: Element): Promise<void> {
        const button = target.closest<HTMLElement>('[data-sheet-do]');
        const row = target.closest<HTMLElement>('[data-row]')?.dataset['row'];
        const column = target.closest<HTMLElement>('[data-column]')?.dataset['column'];
        switch (button?.dataset['sheetDo']) {
            case 'close': return this.close();
            case 'add-row': return this.add(null, undefined);
            case 'remove-row': return void this.edit({ type: 'remove-rows', rows: [row!] });
            case 'add-column': return void this.edit({ type: 'put-column', column: { id: fresh(), name: `${button.dataset['name']} ${this.panel.querySelectorAll(`thead [data-slot=${button.dataset['slot']}]`).length + 1}`, slot: button.dataset['slot'] } });
            case 'remove-column': return void this.edit({ type: 'remove-column', column });
            case 'file': return this.file.click();
            case 'pictures': return this.pictures(column!, null);
            case 'picture': return this.pictures(column!, row!);
        }
    }

    private changed(input: HTMLInputElement | HTMLSelectElement): void {
        const head = input.closest<HTMLElement>('thead [data-column]');
        const at = this.place(input);
        if (at && input.matches('[data-sheet-shown]')) return void this.edit({ type: 'set-cell', ...at, value: (input as HTMLInputElement).checked ? 'yes' : 'no' });
        if (!head) return;
        const column = { id: head.dataset['column'], name: head.querySelector<HTMLInputElement>('[data-column-field=name]')!.value };
        if (input.dataset['columnField'] === 'sample') {
            if (input.value !== '') void this.edit({ type: 'sample-column', column: column.id, sample: input.value, seed: fresh() });
            return;
        }
        const feeds = head.querySelector<HTMLSelectElement>('[data-column-field=feeds]')!.value.split(':');
        const bound = feeds.length === 2 ? { slot: feeds[0], ...(feeds[1] ? { layer: feeds[1] } : {}) } : { slot: head.dataset['slot'] };
        void this.edit({ type: 'put-column', column: { ...column, ...bound } }).then(() => this.show());
    }

    /** What was typed is taken when the field is left. */
    private left(field: HTMLElement): void {
        const at = this.place(field);
        const value = field.textContent ?? '';
        if (!at || !field.matches('.sheet-cell') || value === (field.dataset['was'] ?? value)) return;
        delete field.dataset['was'];
        void this.edit({ type: 'set-cell', ...at, value });
    }

    private typed(event: KeyboardEvent): void {
        const field = event.target as HTMLElement;
        const at = this.place(field);
        if (!at) return;
        // What was not typed here is undone on the wall.
        if (/^[zy]$/i.test(event.key) && (event.ctrlKey || event.metaKey) && field.textContent === field.dataset['was']) return;
        event.stopPropagation();
        const row = field.closest('tr')!;
        const step = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
        const beside = (by: number): string | undefined => ((by < 0 ? row.previousElementSibling : row.nextElementSibling) as HTMLElement | null)?.dataset['row'];
        if (event.altKey && step !== 0) {
            event.preventDefault();
            const [before, after] = [row.previousElementSibling as HTMLElement | null, row.nextElementSibling as HTMLElement | null];
            const target = step > 0 ? after?.dataset['row'] : (before?.previousElementSibling as HTMLElement | null)?.dataset['row'] ?? null;
            if ((step > 0 && after) || (step < 0 && before)) void this.edit({ type: 'move-row', row: at.row, after: target });
        } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
            event.preventDefault();
            field.blur();
            this.add(row, at.column);
        } else if ((event.key === 'Enter' && !event.shiftKey) || (step !== 0 && !event.shiftKey && field.scrollHeight < LINES)) {
            event.preventDefault();
            const next = beside(step || 1);
            if (next) this.cell(next, at.column)?.focus();
            else if (step === 0) field.blur();
        } else if (event.key === 'Tab' && !event.ctrlKey && !event.altKey) {
            const next = this.cellBeside(field, event.shiftKey ? -1 : 1);
            if (!next) return;
            event.preventDefault();
            next.focus();
            if (next.matches('.sheet-cell')) getSelection()?.selectAllChildren(next);
        } else if (event.key === 'Escape') {
            if (field.dataset['was'] !== undefined) field.textContent = field.dataset['was'];
            field.blur();
        }
    }

    /** From cell to cell and row to row, past what removes a row. */
    private cellBeside(field: HTMLElement, by: 1 | -1): HTMLElement | null {
        const all = [...this.panel.querySelectorAll<HTMLElement>('tbody td :is(.sheet-cell, .sheet-picture, [data-sheet-shown])')];
        return all[all.indexOf(field) + by] ?? null;
    }

    /** One value goes where the caret is; a table goes into the cells from this one on. */
    private pasted(event: ClipboardEvent): void {
        const at = this.place(event.target as Element);
        const text = (event.clipboardData?.getData('text/plain') ?? '').replace(/\r\n?/g, '\n').replace(/\n$/, '');
        if (!at || !/[\t\n]/.test(text)) return;
        event.preventDefault();
        void this.edit({ type: 'fill-cells', ...at, values: text.split('\n').map((line) => line.split('\t')), seed: fresh() });
    }

    /** Several pictures for a column from its first row down, or one for a cell. */
    private pictures(column: string, row: string | null): void {
        const input = document.createElement('input');
        Object.assign(input, { type: 'file', multiple: row === null, accept: 'image/png,image/jpeg,image/webp,image/gif' });
        input.setAttribute('aria-label', 'Pictures for the column');
        input.className = 'sr-only';
        document.body.append(input);
        input.addEventListener('cancel', () => input.remove());
        input.addEventListener('change', () => {
            const files = [...(input.files ?? [])];
            input.remove();
            void this.upload(files, column, row);
        });
        input.click();
    }

    private async upload(files: File[], column: string, row: string | null): Promise<void> {
        const hashes: string[] = [];
        for (const file of files) {
            const form = new FormData();
            form.append('picture', file);
            try {
                hashes.push((await send<{ hash: string }>(this.urls['assets']!, form)).hash);
            } catch (problem) {
                toast(`${file.name}: ${(problem as Problem).message}`, true);
            }
        }
        const first = row ?? this.panel.querySelector<HTMLElement>('tbody [data-row]')?.dataset['row'];
        if (hashes.length > 0 && first) await this.edit({ type: 'fill-cells', row: first, column, values: hashes.map((hash) => [hash]), seed: fresh() });
    }

    private async bring(): Promise<void> {
        const [file] = this.file.files ?? [];
        if (!file || this.array === null) return;
        const form = new FormData();
        form.append('file', file);
        this.file.value = '';
        const response = await fetch(`${this.urls['sheet']!.replace('LAYER', this.array)}/read`, {
            method: 'POST', body: form, headers: { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content },
        }).catch(() => null);
        if (!response?.ok) {
            const problem = (await response?.json().catch(() => null)) as { message?: string } | null;
            return toast(problem?.message ?? 'The file could not be sent; nothing was changed.', true);
        }
        this.dialog.innerHTML = await response.text();
        this.dialog.showModal();
    }

    private take(form: HTMLFormElement): void {
        const rows = JSON.parse(form.dataset['rows']!) as string[][];
        const columns = [...form.querySelectorAll<HTMLSelectElement>('select[name=target]')].map((target) => (target.value === '+' ? { name: target.dataset['name'] } : target.value === '' ? {} : { column: target.value, ...(form.dataset['renames'] === undefined ? {} : { name: target.dataset['name'] }) }));
        const replace = form.querySelector<HTMLInputElement>('input[name=replace]:checked')!.value !== '';
        void this.server.edit({ type: 'take-sheet', screen: form.dataset['screen'] || null, layer: form.dataset['take'], columns, rows, replace, seed: fresh() });
    }

    private drag(name: 'dragstart' | 'dragover' | 'drop' | 'dragend', event: DragEvent): void {
        const over = (event.target as Element).closest<HTMLElement>('tr[data-row]');
        if (name === 'dragstart') {
            this.dragged = over;
            event.dataTransfer?.setData('text/plain', '');
            return;
        }
        this.panel.querySelectorAll('.drop-above, .drop-below').forEach((row) => row.classList.remove('drop-above', 'drop-below'));
        if (name === 'dragend' || !this.dragged || !over || over === this.dragged) return;
        event.preventDefault();
        const { top, height } = over.getBoundingClientRect();
        const above = event.clientY < top + height / 2;
        if (name === 'dragover') return over.classList.add(above ? 'drop-above' : 'drop-below');
        const after = above ? (over.previousElementSibling as HTMLElement | null)?.dataset['row'] ?? null : over.dataset['row'];
        if (after !== this.dragged.dataset['row']) void this.edit({ type: 'move-row', row: this.dragged.dataset['row'], after });
        this.dragged = null;
    }
}
