/** The fills, strokes and effects in the facets: added, removed, reordered, their kind changed, their details opened. */
import type { Command } from './messages.ts';

export interface CoatDesk {
    /** Changes of what the facets speak of, as one step. */
    edit: (...commands: Command[]) => void;
    /** Called when other details are open. */
    opened: () => void;
    /** A picture is chosen, and its hash given. */
    picture: () => Promise<string | null>;
}

/** A line made of dots or dashes, for a stroke of a width in px. */
const LINES: Record<string, (width: number) => { dash: number[]; cap: string }> = {
    dots: (width) => ({ dash: [0, width * 2], cap: 'round' }),
    dashes: (width) => ({ dash: [width * 3, width * 2], cap: 'butt' }),
    line: () => ({ dash: [], cap: 'butt' }),
};

export class Coats {
    /** Whose details are open: they stay so from one selection to the next. */
    private readonly open = new Set<string>();
    private lifted: string | null = null;

    constructor(private readonly place: HTMLElement, private readonly desk: CoatDesk) {
        place.addEventListener('change', (event) => this.changed(event.target as HTMLElement), true);
        place.addEventListener('dragstart', (event) => {
            const label = event.target instanceof Element ? event.target.closest('[data-lift]') : null;
            this.lifted = label?.closest<HTMLElement>('[data-coat]')?.dataset['coat'] ?? null;
            if (this.lifted) event.dataTransfer!.effectAllowed = 'move';
        });
        place.addEventListener('dragover', (event) => this.over(event));
        place.addEventListener('drop', (event) => this.drop(event));
        place.addEventListener('dragend', () => this.mark(null));
    }

    /** Paints the wells, and opens again what was open. */
    drawn(): void {
        for (const well of this.place.querySelectorAll<HTMLElement>('[data-shows]')) well.style.background = well.dataset['shows'] === '' ? '' : `${layered(well.dataset['shows']!)}, var(--chequer)`;
        for (const details of this.place.querySelectorAll<HTMLElement>('[data-details]')) this.show(details.dataset['details']!, this.open.has(details.dataset['details']!));
    }

    /** True when the press was on something of these. */
    pressed(button: HTMLElement): boolean {
        const { id, at, list, value } = button.dataset;
        switch (button.dataset['do']) {
            case 'details': this.toggle(id!); return true;
            case 'add-to-list': this.add(list!, JSON.parse(button.dataset['entry']!) as object); return true;
            case 'remove-from-list':
            case 'duplicate-in-list': this.desk.edit({ type: button.dataset['do'], list, at: Number(at) }); return true;
            case 'move-in-list': this.desk.edit({ type: 'move-in-list', list, from: Number(at), to: Number(button.dataset['to']) }); return true;
            case 'remove-stop': this.desk.edit({ type: 'change-paint', paint: id, stops: 'remove', stop: Number(at) }); return true;
            case 'regradient': this.desk.edit({ type: 'change-paint', paint: id, stops: value }); return true;
            case 'copy-css': void navigator.clipboard.writeText(this.place.querySelector<HTMLInputElement>(`#${button.dataset['of']}`)!.value); return true;
            case 'line-of': this.line(id!, value!); return true;
            case 'paint-picture': void this.pictured(id!); return true;
            default: return false;
        }
    }

    /** Opens the details of one. */
    reveal(coat: string): void {
        this.open.add(coat);
        this.show(coat, true);
    }

    private toggle(coat: string): void {
        const opens = !this.open.has(coat);
        if (opens) this.open.add(coat);
        else this.open.delete(coat);
        this.show(coat, opens);
        this.desk.opened();
    }

    private show(coat: string, open: boolean): void {
        const details = this.place.querySelector<HTMLElement>(`[data-details="${coat}"]`);
        if (details) details.hidden = !open;
        this.place.querySelector(`[data-do=details][data-id="${coat}"]`)?.setAttribute('aria-expanded', String(open));
    }

    /** What is added shows its details: they are what comes next. */
    private add(list: string, entry: object): void {
        this.open.add(`${list}.0`);
        this.desk.edit({ type: 'add-to-list', list, entry });
    }

    private changed(target: HTMLElement): void {
        const { repaint } = target.dataset;
        const to = (target as HTMLSelectElement).value;
        if (repaint && to === 'picture') void this.pictured(repaint);
        else if (repaint) this.desk.edit({ type: 'change-paint', paint: repaint, to });
        else if (target.dataset['addEffect'] !== undefined && to !== '') {
            const { list, entry } = JSON.parse(to) as { list: string; entry: object };
            this.add(list, entry);
            (target as HTMLSelectElement).value = '';
        }
    }

    private line(stroke: string, name: string): void {
        const { dash, cap } = LINES[name]!(Number(this.place.querySelector<HTMLInputElement>(`[data-field="${stroke}.width"]`)?.value) || 1);
        this.desk.edit({ type: 'put-field', field: `${stroke}.dash`, value: dash }, { type: 'put-field', field: `${stroke}.cap`, value: cap });
    }

    private async pictured(coat: string): Promise<void> {
        const asset = await this.desk.picture();
        const kind = this.place.querySelector<HTMLSelectElement>(`[data-repaint="${coat}"]`);
        if (asset === null) {
            for (const option of kind?.options ?? []) option.selected = option.defaultSelected;
            return;
        }
        this.desk.edit({ type: 'change-paint', paint: coat, asset });
    }

    private over(event: DragEvent): void {
        const row = this.under(event);
        if (!row) return;
        event.preventDefault();
        this.mark(row);
    }

    private drop(event: DragEvent): void {
        const row = this.under(event);
        this.mark(null);
        if (!row) return;
        event.preventDefault();
        const [list, from] = this.lifted!.split('.') as [string, string];
        const to = row.dataset['coat']!.split('.')[1]!;
        this.lifted = null;
        if (from !== to) this.desk.edit({ type: 'move-in-list', list, from: Number(from), to: Number(to) });
    }

    /** The line of the same list under the pointer. */
    private under(event: DragEvent): HTMLElement | null {
        const row = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-coat]') : null;
        return row && this.lifted && row.dataset['coat']!.split('.')[0] === this.lifted.split('.')[0] && row.querySelector('[data-lift]') ? row : null;
    }

    private mark(row: HTMLElement | null): void {
        for (const one of this.place.querySelectorAll('[data-coat].over')) one.classList.toggle('over', one === row);
        row?.classList.add('over');
    }
}

/** A colour as a layer that can lie over another. */
const layered = (css: string): string => (css.includes('gradient(') ? css : `linear-gradient(${css}, ${css})`);
