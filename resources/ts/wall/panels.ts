/** The facets, the reel with its outlines, and the history. htmx brings their fragments; edits made in them are sent from here. */
import htmx from 'htmx.org';
import type { Selection } from './selection.ts';
import { bare, commonRow } from './cells.ts';
import { fresh, type Command, type Problem, type Server } from './server.ts';

export class Panels {
    private readonly facets = document.getElementById('facets')!;
    private readonly reel = document.getElementById('reel')!;
    private shown = `${this.facets.dataset['shown']}`;
    private timer = 0;
    private dragged: HTMLElement | null = null;
    /** What layers are brought into line with; kept from one selection to the next. */
    private alignWith = 'each';
    private gap = '';
    /** Whether a change made in a cell of an array is for that cell alone. */
    private apart = false;
    /** What the facets show has changed since they were asked for. */
    private stale = false;
    /** The facets are to be shown anew once what is being typed in them is done. */
    private waiting = false;
    private readonly turns = new WeakMap<HTMLElement, { done: Promise<void> }>();
    private openFacets = new Map<string, boolean>(JSON.parse(localStorage.getItem('kindred.facets') ?? '[]') as [string, boolean][]);

    constructor(
        private readonly urls: Record<string, string>,
        private readonly selection: Selection,
        private readonly server: Server,
    ) {
        this.facets.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement));
        this.facets.addEventListener('input', (event) => {
            const input = event.target as HTMLInputElement;
            if (input.id === 'gap') this.gap = input.value;
            this.swatched(input);
        });
        this.facets.addEventListener('keydown', (event) => this.typed(event));
        this.facets.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.facets.addEventListener('toggle', (event) => this.remember(event.target as HTMLDetailsElement), true);
        this.reel.addEventListener('click', (event) => this.reelPressed(event));
        this.reel.addEventListener('toggle', (event) => this.opened(event.target as HTMLDetailsElement), true);
        this.reel.addEventListener('dblclick', (event) => this.rename(event.target as Element));
        for (const name of ['dragstart', 'dragover', 'drop', 'dragend'] as const) this.reel.addEventListener(name, (event) => this.drag(name, event));
        // A field that was entered just now, its value selected, takes what is typed next in place of the value also when it has been swapped meanwhile.
        let selected = '';
        htmx.on('htmx:after:swap', () => {
            this.mark();
            const field = document.activeElement;
            if (field instanceof HTMLInputElement && selected !== '' && field.id === selected) field.select();
            selected = '';
        });
        htmx.on('htmx:before:swap', (event) => {
            const field = document.activeElement;
            const text = field instanceof HTMLInputElement && this.facets.contains(field) && ['text', 'number'].includes(field.type) ? field : null;
            // A number field does not tell its selection.
            const whole = text?.type === 'number' || (text?.selectionStart === 0 && text.selectionEnd === text.value.length);
            selected = text && text.value !== '' && text.value === text.defaultValue && whole ? text.id : '';
            if ((event as CustomEvent<{ ctx: { target: Element } }>).detail.ctx.target !== this.facets || !this.typing()) return;
            event.preventDefault();
            this.waiting = true;
        });
        this.facets.addEventListener('focusout', () => {
            if (this.waiting) this.showFacets(true);
            this.waiting = false;
        });
        // htmx looks at every attribute of what it processes, and the picture has many thousands and none of its.
        htmx.on('htmx:before:process', (event) => {
            if (event.target !== document.body) return;
            event.preventDefault();
            for (const part of document.querySelectorAll('#wall-page > :not(#wall), dialog')) htmx.process(part);
        });
    }

    /** Asks anew for the facets of the selection, a moment later, once for many changes. */
    showFacets(again = false): void {
        clearTimeout(this.timer);
        this.stale ||= again;
        this.timer = window.setTimeout(() => {
            const { layers, screens, screen } = this.selection;
            const url = `${this.urls['facets']!}?screen=${screens[0] ?? screen}&layers=${layers.join(',')}`;
            if (url === this.shown && !this.stale) return;
            if (this.stale && this.facets.contains(document.activeElement) && document.activeElement?.matches('input[type=color]')) return;
            this.shown = url;
            this.stale = false;
            void this.swap(url, this.facets);
        }, 40);
        this.mark();
    }

    async showReel(): Promise<void> {
        const open = [...this.reel.querySelectorAll<HTMLDetailsElement>('details[open]')].map((details) => details.dataset['screen']!);
        await this.swap(this.urls['reel']!, this.reel, 'innerMorph');
        for (const screen of open) this.reel.querySelector<HTMLDetailsElement>(`details[data-screen="${screen}"]`)?.setAttribute('open', '');
        this.mark();
    }

    /** The outlines that are open, and the thumbnail of the screen that changed. */
    async showOutlines(): Promise<void> {
        const open = [...this.reel.querySelectorAll<HTMLDetailsElement>('details[open]')];
        await Promise.all(open.map((details) => this.swap(details.dataset['url']!, details.querySelector<HTMLElement>('.layer-list')!, 'innerMorph')));
        this.mark();
    }

    thumbnail(screen: string, sequence: number): void {
        const image = this.reel.querySelector<HTMLImageElement>(`[data-card="${screen}"] img`);
        if (image) image.src = `${image.src.split('?')[0]}?r=${sequence}`;
    }

    openFacet(number: number): void {
        const facet = this.facets.querySelectorAll<HTMLDetailsElement>('details[data-facet]')[number - 1];
        if (!facet) return;
        facet.open = true;
        facet.querySelector<HTMLElement>('input, select')?.focus();
    }

    /** Opens the facet of that name and brings it into view. */
    async reveal(name: string): Promise<void> {
        this.openFacets.set(name, true);
        this.shown = '';
        this.showFacets(true);
    }

    /** Shows a refusal at the field that it is about; false when there is no such field. */
    explain(problem: Problem): boolean {
        const pending = this.facets.querySelector<HTMLElement>('[data-pending]');
        if (!pending || problem.status !== 422) return false;
        const row = pending.closest('.row') ?? pending;
        const note = document.createElement('p');
        note.className = 'field-problem';
        note.role = 'alert';
        note.textContent = problem.message;
        pending.setAttribute('aria-invalid', 'true');
        row.querySelector('.field-problem')?.remove();
        row.append(note);
        pending.removeAttribute('data-pending');
        return true;
    }

    /**
     * One request after another for each panel, and only the latest that was asked for: answers may overtake
     * each other. Lists are morphed, so that what is under the pointer stays there between press and release.
     */
    private swap(url: string, target: HTMLElement, swap: 'innerHTML' | 'innerMorph' = 'innerHTML'): Promise<void> {
        const turn = { done: Promise.resolve() };
        const before = this.turns.get(target)?.done ?? Promise.resolve();
        this.turns.set(target, turn);
        turn.done = before.then(async () => {
            if (this.turns.get(target) === turn && target.isConnected) await htmx.ajax('GET', url, { target, swap });
        }).catch(() => undefined);
        return turn.done;
    }

    /** Whether somebody is in the middle of typing in the facets: what they typed is not theirs to lose. */
    private typing(): boolean {
        const field = document.activeElement;
        return (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) && this.facets.contains(field) && !['color', 'checkbox'].includes(field.type) && !field.hasAttribute('data-pending') && field.value !== field.defaultValue;
    }

    private mark(): void {
        for (const details of this.facets.querySelectorAll<HTMLDetailsElement>('details[data-facet]')) {
            const open = this.openFacets.get(details.dataset['facet']!);
            if (open !== undefined && details.open !== open) details.open = open;
        }
        const apart = this.facets.querySelector<HTMLInputElement>('#apart');
        if (apart) apart.checked = this.apart;
        const choice = this.facets.querySelector<HTMLSelectElement>('#align-with');
        if (choice) choice.value = this.alignWith;
        const gap = this.facets.querySelector<HTMLInputElement>('#gap');
        if (gap && gap !== document.activeElement) gap.value = this.gap;
        for (const name of document.querySelectorAll<HTMLElement>('#stage .screen-name')) {
            const takes = this.reel.querySelector(`[data-takes="${name.closest<HTMLElement>('.screen')!.dataset['screen']}"]`)?.textContent;
            if (takes) name.dataset['takes'] = takes;
            else delete name.dataset['takes'];
        }
        const picked = new Set([...this.selection.layers.map(bare), ...this.selection.screens]);
        for (const item of this.reel.querySelectorAll<HTMLElement>('[data-item], [data-card]')) {
            item.classList.toggle('picked', picked.has(item.dataset['item'] ?? item.dataset['card'] ?? ''));
            if (item.dataset['card']) item.classList.toggle('current', item.dataset['card'] === this.selection.screen);
        }
    }

    private remember(details: HTMLDetailsElement): void {
        if (!details.dataset['facet']) return;
        this.openFacets.set(details.dataset['facet'], details.open);
        localStorage.setItem('kindred.facets', JSON.stringify([...this.openFacets]));
    }

    private changed(input: HTMLInputElement | HTMLSelectElement): void {
        if (input.id === 'apart') {
            this.apart = (input as HTMLInputElement).checked;
            return;
        }
        if (input.id === 'align-with') {
            this.alignWith = input.value;
            return;
        }
        if (input.dataset['gridField'] !== undefined || input.dataset['addGrid'] !== undefined) return this.gridChanged(input);
        if (input.dataset['makeCondition'] !== undefined) {
            if (input.value !== '') void this.server.edit({ type: 'make-condition', screen: this.owner().screen, condition: input.value, seed: fresh() });
            return;
        }
        const { field, screenField, cueField, widgetField } = input.dataset;
        const { screen, layers, screens } = this.selection;
        input.removeAttribute('aria-invalid');
        input.closest('.row')?.querySelector('.field-problem')?.remove();
        const target = screens[0] ?? screen;
        const command: Command | null = field
            ? { type: 'set-field', screen: screen || null, layers, field, value: input.value, ...this.inCell() }
            : screenField ? { type: 'set-screen-field', screen: target, field: screenField, value: input.value }
            : widgetField ? { type: 'set-widget', screen: screen || null, layers, field: widgetField, value: input.type === 'checkbox' ? String((input as HTMLInputElement).checked) : input.value }
            : input.dataset['chosen'] !== undefined ? { type: 'set-widget', screen: screen || null, layers, field: 'chosen', value: this.chosen(input) }
            : input.dataset['convert'] !== undefined ? { type: 'convert-widgets', screen: screen || null, layers, widget: input.value, name: (input as HTMLSelectElement).selectedOptions[0]!.text }
            : cueField ? { type: 'set-cue-field', ...this.owner(), cue: input.closest<HTMLElement>('[data-cue]')!.dataset['cue'], field: cueField, value: input.type === 'checkbox' ? String((input as HTMLInputElement).checked) : input.value }
            : input.dataset['rename'] ? { type: 'rename-layer', layer: input.dataset['rename'], name: input.value } : null;
        if (!command) return;
        input.setAttribute('data-pending', '');
        void this.server.edit(command).then((answer) => {
            input.removeAttribute('data-pending');
            if (answer && answer.patches.length === 0) this.showFacets(true);
        });
    }

    /** The entries of a widget that are on. */
    private chosen(input: HTMLElement): string {
        const all = [...input.closest('.rows')!.querySelectorAll<HTMLInputElement>('[data-chosen]')];
        return all.filter((one) => one.checked).map((one) => one.dataset['chosen']).join(',');
    }

    /** The cell in which the selection lies, for changes that are made there. */
    inCell(): { row?: string; apart?: boolean } {
        const row = commonRow(this.selection.layers);
        return row === null ? {} : { row, apart: this.apart };
    }

    /** A grid is sent whole, as its fields say; a new one as is usual on the device. */
    private gridChanged(input: HTMLInputElement | HTMLSelectElement): void {
        const { screen, screens } = this.selection;
        const card = input.closest<HTMLElement>('[data-grid]');
        if (!card) {
            if (input.value !== '') void this.server.edit({ type: 'put-grid', screen: screens[0] ?? screen, grid: { id: fresh(), kind: input.value } });
            return;
        }
        const grid: Record<string, unknown> = { id: card.dataset['grid'], kind: card.dataset['kind'] };
        for (const field of card.querySelectorAll<HTMLInputElement>('[data-grid-field]')) {
            const { gridField } = field.dataset;
            const number = Number(field.value.trim().replace(',', '.'));
            if (field.value.trim() !== '') grid[gridField!] = gridField === 'colour' || Number.isNaN(number) ? field.value.trim() : number;
        }
        input.setAttribute('data-pending', '');
        void this.server.edit({ type: 'put-grid', screen: screens[0] ?? screen, grid }).then((answer) => {
            input.removeAttribute('data-pending');
            if (answer && answer.patches.length === 0) this.showFacets(true);
        });
    }

    /** What the cues in the facets belong to: the one layer that is selected, or the screen. */
    private owner(): { screen: string; layer?: string } {
        const { screen, layers, screens } = this.selection;
        return { screen: screens[0] ?? screen, ...(layers.length === 1 ? { layer: bare(layers[0]!) } : {}) };
    }

    /** The colour well writes into the field beside it, which is what counts. */
    private swatched(input: HTMLInputElement): void {
        if (input.type !== 'color') return;
        const field = input.parentElement!.querySelector<HTMLInputElement>('input[data-field], input[data-screen-field]')!;
        const alpha = /^#[0-9a-f]{6}([0-9a-f]{2})$/i.exec(field.value)?.[1] ?? '';
        field.value = input.value + alpha;
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => field.dispatchEvent(new Event('change', { bubbles: true })), 180);
    }

    private typed(event: KeyboardEvent): void {
        const input = event.target as HTMLInputElement;
        if (event.key === 'Enter' && input.matches('input')) input.blur();
        if (event.key === 'Escape') {
            input.value = input.defaultValue;
            input.blur();
        }
        const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
        if (step !== 0 && input.matches('input[data-step]') && input.value.trim() !== '' && !Number.isNaN(Number(input.value))) {
            event.preventDefault();
            const by = Number(input.dataset['step']) * step * (event.shiftKey ? 10 : 1);
            input.value = String(Math.round((Number(input.value) + by) * 1000) / 1000);
            input.dispatchEvent(new Event('change', { bubbles: true }));
        }
    }

    private pressed(target: Element): void {
        const button = target.closest<HTMLElement>('[data-do]');
        if (!button) return;
        const { screen, layers } = this.selection;
        const owner = this.owner();
        const id = button.dataset['id'];
        switch (button.dataset['do']) {
            case 'set': void this.server.edit({ type: 'set-field', screen: screen || null, layers, field: button.dataset['name'], value: button.dataset['value'] ?? '', ...this.inCell() }); break;
            case 'reset-departure': void this.server.edit({ type: 'reset-departure', screen: screen || null, layer: id, row: button.dataset['row'], part: button.dataset['part'] }); break;
            case 'even': void this.server.edit({ type: 'even-layers', screen: screen || null, layers }); break;
            case 'remove-grid': void this.server.edit({ type: 'remove-grid', screen: owner.screen, grid: id }); break;
            case 'detach': void this.server.edit({ type: 'detach-arrays', screen: screen || null, layers, seed: fresh() }).then((answer) => answer && this.selection.pick(answer.added, screen)); break;
            case 'sheet': document.dispatchEvent(new CustomEvent('kindred:sheet', { detail: id })); break;
            case 'mark': void this.server.edit({ type: 'mark-layers', screen: screen || null, layers, [button.dataset['name']!]: button.dataset['value'] === 'true' }); break;
            case 'align': void this.server.edit({ type: 'align-layers', screen: screen || null, layers, edge: button.dataset['name'], with: layers.length === 1 ? 'parent' : this.alignWith }); break;
            case 'distribute': this.distribute(button.dataset['name']!); break;
            case 'remove-cue': void this.server.edit({ type: 'remove-cue', ...owner, cue: id }); break;
            case 'add-cue': void this.server.edit({ type: 'put-cue', ...owner, cue: JSON.parse(button.dataset['cue']!) as unknown }); break;
            case 'entry': void this.server.edit({ type: 'set-entry', screen: owner.screen }); break;
            default: document.dispatchEvent(new CustomEvent('kindred:do', { detail: button.dataset['do'] }));
        }
    }

    /** Equal gaps of the px that were typed, or of what room there is. */
    private distribute(axis: string): void {
        const { screen, layers } = this.selection;
        const field = this.facets.querySelector<HTMLInputElement>('#gap')!;
        const typed = this.gap.trim().replace(',', '.');
        field.closest('.row')?.querySelector('.field-problem')?.remove();
        field.setAttribute('data-pending', '');
        const gap = Number.isNaN(Number(typed)) ? typed : Number(typed);
        void this.server.edit({ type: 'distribute-layers', screen: screen || null, layers, axis, ...(typed === '' ? {} : { gap }) }).then(() => field.removeAttribute('data-pending'));
    }

    private opened(details: HTMLDetailsElement): void {
        if (details.open && details.dataset['url']) void this.swap(details.dataset['url'], details.querySelector<HTMLElement>('.layer-list')!);
    }

    private reelPressed(event: MouseEvent): void {
        const target = event.target as Element;
        const mark = target.closest<HTMLElement>('[data-mark]');
        const item = target.closest<HTMLElement>('[data-item]');
        const screen = target.closest<HTMLElement>('[data-screen]')?.dataset['screen'] ?? '';
        const place = screen === 'loose' ? '' : screen;
        if (mark && item) {
            void this.server.edit({ type: 'mark-layers', screen: place || null, layers: [item.dataset['item']], [mark.dataset['mark']!]: mark.getAttribute('aria-pressed') !== 'true' });
        } else if (item) {
            if (event.shiftKey) this.selection.toggle(item.dataset['item']!, place);
            else this.selection.pick([item.dataset['item']!], place);
        } else if (target.closest('[data-takes]')) {
            this.selection.pickScreens([target.closest<HTMLElement>('[data-takes]')!.dataset['takes']!]);
            document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'takes' }));
        } else if (target.closest('[data-open-screen]')) {
            const id = target.closest<HTMLElement>('[data-card]')!.dataset['card']!;
            this.selection.pickScreens([id]);
            document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'fit' }));
        }
    }

    private rename(target: Element): void {
        const item = target.closest<HTMLElement>('[data-item]');
        const name = item?.querySelector<HTMLElement>('.item-name');
        if (!item || !name) return;
        const input = document.createElement('input');
        input.value = name.textContent ?? '';
        input.className = 'field';
        input.setAttribute('aria-label', 'Name of the layer');
        name.replaceWith(input);
        input.focus();
        input.select();
        const done = (keep: boolean): void => {
            input.replaceWith(name);
            if (keep && input.value.trim() !== '' && input.value !== name.textContent) void this.server.edit({ type: 'rename-layer', layer: item.dataset['item'], name: input.value });
        };
        input.addEventListener('blur', () => done(true), { once: true });
        input.addEventListener('keydown', (event) => {
            event.stopPropagation();
            if (event.key === 'Enter') input.blur();
            if (event.key === 'Escape') {
                input.value = name.textContent ?? '';
                input.blur();
            }
        });
    }

    /** Layers are reordered in the outline, screens in the reel, by dragging. */
    private drag(name: 'dragstart' | 'dragover' | 'drop' | 'dragend', event: DragEvent): void {
        const target = event.target as Element;
        if (name === 'dragstart') {
            this.dragged = target.closest<HTMLElement>('[data-item]') ?? target.closest<HTMLElement>('[data-card]');
            event.dataTransfer?.setData('text/plain', this.dragged?.dataset['item'] ?? '');
            return;
        }
        this.reel.querySelectorAll('.drop-above, .drop-below, .drop-into').forEach((row) => row.classList.remove('drop-above', 'drop-below', 'drop-into'));
        if (name === 'dragend' || !this.dragged) {
            this.dragged = null;
            return;
        }
        const over = target.closest<HTMLElement>(this.dragged.dataset['item'] ? '[data-item]' : '[data-card]');
        if (!over || over === this.dragged) return;
        event.preventDefault();
        const row = over.querySelector('.item-row') ?? over;
        const rect = row.getBoundingClientRect();
        const share = (event.clientY - rect.top) / rect.height;
        const into = ['group', 'stack'].includes(over.dataset['kind'] ?? '') && share > 0.3 && share < 0.7;
        if (name === 'dragover') {
            row.classList.add(into ? 'drop-into' : share < 0.5 ? 'drop-above' : 'drop-below');
            return;
        }
        if (this.dragged.dataset['item']) this.dropLayer(this.dragged.dataset['item'], over, into, share < 0.5);
        else this.dropScreen(this.dragged.dataset['card']!, over, share < 0.5);
        this.dragged = null;
    }

    private dropLayer(id: string, over: HTMLElement, into: boolean, above: boolean): void {
        const screen = over.closest<HTMLElement>('[data-screen]')!.dataset['screen']!;
        const parent = into ? over.dataset['item']! : over.dataset['parent'] || null;
        // The outline shows the topmost first: above a row is in front of its layer.
        const next = over.nextElementSibling as HTMLElement | null;
        const top = over.querySelector<HTMLElement>(':scope > ul > [data-item]')?.dataset['item'];
        const below = into ? top ?? null : above ? over.dataset['item']! : next?.dataset['item'] ?? null;
        const layers = this.selection.layers.includes(id) ? this.selection.layers : [id];
        if (below !== null && layers.includes(below)) return;
        void this.server.edit({ type: 'reorder-layers', screen: screen === 'loose' ? null : screen, parent, layers, above: below });
    }

    private dropScreen(id: string, over: HTMLElement, above: boolean): void {
        const before = over.previousElementSibling as HTMLElement | null;
        const after = above ? before?.dataset['card'] ?? null : over.dataset['card']!;
        if (after !== id) void this.server.edit({ type: 'reorder-screen', screen: id, after });
    }
}
