/** The reel: the screens in their order, and the outlines of those that are opened. */
import { Listeners } from '../listeners.ts';
import { layerOf } from './address.ts';
import { Fragment, hold } from './fragments.ts';
import { rename } from './renaming.ts';
import type { Selection } from './selection.ts';
import type { Command } from './messages.ts';
import type { Server } from './server.ts';

export class Reel {
    private readonly place = document.getElementById('reel')!;
    private readonly fragment: Fragment;
    /** By screen; 'loose' for what lies on the wall. */
    private readonly outlines = new Map<string, Fragment>();
    private dragged: HTMLElement | null = null;
    /** Told when it has been drawn. */
    readonly renewed = new Listeners();
    private letGo: () => void = () => undefined;

    constructor(url: string, private readonly selection: Selection, private readonly server: Server) {
        this.fragment = new Fragment(this.place, () => url, () => server.sequence, () => {
            this.mark();
            this.renewed.tell();
        });
        selection.changed.add(() => this.mark());
        this.place.addEventListener('click', (event) => this.pressed(event));
        this.place.addEventListener('toggle', (event) => this.opened(event.target as HTMLDetailsElement), true);
        this.place.addEventListener('input', (event) => (event.target as Element).matches('.outline-search') && this.search(event.target as HTMLInputElement));
        this.place.addEventListener('change', (event) => this.operated(event.target as HTMLSelectElement));
        this.place.addEventListener('keydown', (event) => this.searchKey(event));
        this.place.addEventListener('dblclick', (event) => this.rename(event.target as Element));
        for (const name of ['dragstart', 'dragover', 'drop', 'dragend'] as const) this.place.addEventListener(name, (event) => this.drag(name, event));
        this.mark();
    }

    /** The screens, their order or what stands beside them may have changed. */
    again(): void {
        void this.fragment.ask();
        this.outlined();
    }

    /** The layers of the screens whose outlines are open may have changed. */
    outlined(): void {
        for (const details of this.place.querySelectorAll<HTMLDetailsElement>('details[open]')) void this.outline(details).ask();
    }

    thumbnail(screen: string, sequence: number): void {
        const image = this.place.querySelector<HTMLImageElement>(`[data-card="${screen}"] img`);
        if (image) image.dataset['small'] = `${image.dataset['small']!.split('?')[0]}?r=${sequence}`;
    }

    /** Shows what is selected. */
    mark(): void {
        for (const name of document.querySelectorAll<HTMLElement>('#stage .screen-name')) {
            const takes = this.place.querySelector(`[data-takes="${name.closest<HTMLElement>('.screen')!.dataset['screen']}"]`)?.textContent;
            if (takes) name.dataset['takes'] = takes;
            else delete name.dataset['takes'];
        }
        const picked = new Set([...this.selection.layers.map(layerOf), ...this.selection.screens]);
        for (const item of this.place.querySelectorAll<HTMLElement>('[data-item], [data-card]')) {
            item.classList.toggle('picked', picked.has(item.dataset['item'] ?? item.dataset['card'] ?? ''));
            if (item.dataset['card']) item.classList.toggle('current', item.dataset['card'] === this.selection.screen);
        }
    }

    private outline(details: HTMLDetailsElement): Fragment {
        const screen = details.dataset['screen']!;
        const list = details.querySelector<HTMLElement>('.layer-list')!;
        let outline = this.outlines.get(screen);
        if (outline?.place !== list) this.outlines.set(screen, outline = new Fragment(list, () => details.dataset['url']!, () => this.server.sequence, () => {
            this.mark();
            const field = details.querySelector<HTMLInputElement>('.outline-search');
            if (field && field.value !== '') this.search(field);
        }, this.place));
        return outline;
    }

    private opened(details: HTMLDetailsElement): void {
        if (details.open && details.dataset['url']) void this.outline(details).ask();
    }

    private pressed(event: MouseEvent): void {
        const target = event.target as Element;
        const mark = target.closest<HTMLElement>('[data-mark]');
        if (target.closest('[data-operation]')) return;
        const item = target.closest<HTMLElement>('[data-item]');
        const screen = target.closest<HTMLElement>('[data-screen]')?.dataset['screen'] ?? '';
        const place = screen === 'loose' ? '' : screen;
        if (mark && item) {
            void this.server.edit({ type: 'mark-layers', screen: place || null, layers: [item.dataset['item']], [mark.dataset['mark']!]: mark.getAttribute('aria-pressed') !== 'true' });
        } else if (item) {
            if (event.ctrlKey || event.metaKey) this.selection.toggle(item.dataset['item']!, place);
            else if (event.shiftKey) this.pickTo(item, place);
            else this.selection.pick([item.dataset['item']!], place);
        } else if (target.closest('[data-takes]')) {
            this.selection.pickScreens([target.closest<HTMLElement>('[data-takes]')!.dataset['takes']!]);
            document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'takes' }));
        } else if (target.closest('[data-open-screen], [data-card] span.name')) {
            const id = target.closest<HTMLElement>('[data-card]')!.dataset['card']!;
            if (event.ctrlKey || event.metaKey) return this.selection.toggleScreen(id);
            if (event.shiftKey) return this.pickScreensTo(id);
            this.selection.pickScreens([id]);
            document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'show-screen' }));
        }
    }

    /** A part of a compound is put together with those below it in another way. */
    private operated(select: HTMLSelectElement): void {
        const item = select.closest<HTMLElement>('[data-item]');
        if (!item || !select.matches('[data-operation]')) return;
        const screen = select.closest<HTMLElement>('[data-screen]')!.dataset['screen']!;
        void this.server.edit({ type: 'set-field', screen: screen === 'loose' ? null : screen, layers: [item.dataset['item']], field: 'operation', value: select.value });
    }

    /** From the screen at hand to this one, in the order of the reel. */
    private pickScreensTo(id: string): void {
        const order = [...this.place.querySelectorAll<HTMLElement>('[data-card]')].map((card) => card.dataset['card']!);
        const [from, to] = [order.indexOf(this.selection.screens.at(-1) ?? this.selection.screen), order.indexOf(id)];
        if (from < 0) return this.selection.pickScreens([id]);
        // The screen that it began with stays the one at hand.
        this.selection.pickScreens(from <= to ? order.slice(from, to + 1).reverse() : order.slice(to, from + 1));
    }

    /** From the row that was picked last to this one. */
    private pickTo(item: HTMLElement, screen: string): void {
        const rows = [...item.closest('.layer-list')!.querySelectorAll<HTMLElement>('[data-item]')].filter((row) => row.offsetParent !== null);
        const [from, to] = [rows.findIndex((row) => row.dataset['item'] === layerOf(this.selection.layers.at(-1) ?? '')), rows.indexOf(item)];
        if (from < 0) return this.selection.toggle(item.dataset['item']!, screen);
        const between = rows.slice(Math.min(from, to), Math.max(from, to) + 1);
        // What lies in a layer that is picked goes with it.
        const picked = between.filter((row) => !between.some((other) => other !== row && other.contains(row))).map((row) => row.dataset['item']!);
        this.selection.pick([...picked.filter((id) => id !== rows[from]!.dataset['item']), ...picked.filter((id) => id === rows[from]!.dataset['item'])], screen);
    }

    /** Enter picks the first that is found, Escape shows all again. */
    private searchKey(event: KeyboardEvent): void {
        const field = event.target as HTMLInputElement;
        if (!field.matches('.outline-search') || (event.key !== 'Enter' && event.key !== 'Escape')) return;
        event.preventDefault();
        if (event.key === 'Escape') field.value = '';
        else {
            const found = [...field.closest('details')!.querySelectorAll<HTMLElement>('[data-item]:not([hidden])')].find((row) => row.querySelector('.item-name')!.textContent.toLowerCase().includes(field.value.trim().toLowerCase()));
            const screen = field.closest<HTMLElement>('[data-screen]')!.dataset['screen']!;
            if (found) this.selection.pick([found.dataset['item']!], screen === 'loose' ? '' : screen);
        }
        this.search(field);
        field.blur();
    }

    /** Shows the rows whose names, or those of what lies in them, hold the words. */
    private search(field: HTMLInputElement): void {
        const words = field.value.trim().toLowerCase();
        const list = field.closest('details')!.querySelector('.layer-list')!;
        for (const row of list.querySelectorAll<HTMLElement>('[data-item]')) {
            row.hidden = words !== '' && ![...row.querySelectorAll('.item-name')].some((name) => name.textContent.toLowerCase().includes(words));
        }
    }

    private rename(target: Element): void {
        const item = target.closest<HTMLElement>('[data-item]');
        const name = item?.querySelector<HTMLElement>('.item-name') ?? target.closest<HTMLElement>('.card .name');
        const card = name?.closest<HTMLElement>('[data-card]')?.dataset['card'];
        if (item && name) rename(name, 'Name of the layer', (written) => void this.server.edit({ type: 'rename-layer', layer: item.dataset['item'], name: written }));
        else if (card && name) rename(name, 'Name of the screen', (written) => void this.server.edit({ type: 'set-screen-field', screen: card, field: 'name', value: written }));
    }

    /** Layers are reordered in the outline, screens in the reel, by dragging. */
    private drag(name: 'dragstart' | 'dragover' | 'drop' | 'dragend', event: DragEvent): void {
        const target = event.target as Element;
        if (name === 'dragstart') {
            this.dragged = target.closest<HTMLElement>('[data-item]') ?? target.closest<HTMLElement>('[data-card]');
            event.dataTransfer?.setData('text/plain', this.dragged?.dataset['item'] ?? '');
            if (this.dragged) this.letGo = hold(this.place);
            return;
        }
        this.place.querySelectorAll('.drop-above, .drop-below, .drop-into').forEach((row) => row.classList.remove('drop-above', 'drop-below', 'drop-into'));
        if (name === 'dragend') this.letGo();
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
        const into = ['group', 'stack', 'compound'].includes(over.dataset['kind'] ?? '') && share > 0.3 && share < 0.7;
        if (name === 'dragover') {
            row.classList.add(into ? 'drop-into' : share < 0.5 ? 'drop-above' : 'drop-below');
            return;
        }
        if (this.dragged.dataset['item']) this.dropLayer(this.dragged, over, into, share < 0.5);
        else this.dropScreen(this.dragged.dataset['card']!, over, share < 0.5);
        this.dragged = null;
    }

    /** One row, or all that are selected where it is one of them; onto another screen too, at the same place there. */
    private dropLayer(dragged: HTMLElement, over: HTMLElement, into: boolean, above: boolean): void {
        const place = (item: HTMLElement): string | null => {
            const screen = item.closest<HTMLElement>('[data-screen]')!.dataset['screen']!;
            return screen === 'loose' ? null : screen;
        };
        const id = dragged.dataset['item']!;
        const [from, screen] = [place(dragged), place(over)];
        const parent = into ? over.dataset['item']! : over.dataset['parent'] || null;
        // The outline shows the topmost first: above a row is in front of its layer.
        const next = over.nextElementSibling as HTMLElement | null;
        const top = over.querySelector<HTMLElement>(':scope > ul > [data-item]')?.dataset['item'];
        const below = into ? top ?? null : above ? over.dataset['item']! : next?.dataset['item'] ?? null;
        const layers = this.selection.layers.includes(id) && this.selection.across.length === 0 ? this.selection.layers.map(layerOf) : [id];
        if (below !== null && layers.includes(below)) return;
        const put: Command = { type: 'reorder-layers', screen, parent, layers, above: below };
        if (from === screen) return void this.server.edit(put);
        const outermost = this.outermost(dragged).dataset['item']!;
        void this.server.edit(
            ...(dragged.dataset['parent'] ? [{ type: 'reorder-layers', screen: from, parent: null, layers, above: outermost }] : []),
            { type: 'transfer-layers', screen: from, to: screen, layers, dx: 0, dy: 0 }, put,
        ).then((answer) => answer && this.selection.pick(layers, screen ?? ''));
    }

    private outermost(item: HTMLElement): HTMLElement {
        const around = item.parentElement?.closest<HTMLElement>('[data-item]');
        return around ? this.outermost(around) : item;
    }

    private dropScreen(id: string, over: HTMLElement, above: boolean): void {
        const before = over.previousElementSibling as HTMLElement | null;
        const after = above ? before?.dataset['card'] ?? null : over.dataset['card']!;
        if (after !== id) void this.server.edit({ type: 'reorder-screen', screen: id, after });
    }
}
