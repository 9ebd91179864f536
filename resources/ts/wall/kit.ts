/** The kit: widgets to be placed with a click, drawn to a size, or dragged onto the wall. Each stands where it always stands. */
import { putAway, toast } from '../dialogs.ts';
import { isDrag } from '../slack.ts';
import type { Point } from './geometry.ts';

export interface Fresh { name: string; width: number; height: number; [key: string]: unknown }

export interface KitDesk {
    /** Where widgets come from. */
    url: string;
    /** Something was taken in hand, or laid down again. */
    taken: (taken: boolean) => void;
    /** Where a widget that is dragged over the wall comes to rest, in px of the window; null beside the wall. */
    over: (fresh: Fresh, event: PointerEvent) => Point | null;
    /** Puts a widget down there. */
    drop: (fresh: Fresh, bar: string, event: PointerEvent) => void;
    /** A drag has ended, wherever. */
    dropped: () => void;
    scale: () => number;
}

/** What is placed: a layer as it is new, and the edge that it goes to, if it is a bar. */
export interface Given { fresh: Fresh; bar: string }

export class KitPanel {
    private held: HTMLElement | null = null;
    private ghost: HTMLElement | null = null;
    private readonly field: HTMLInputElement;
    private readonly list: HTMLElement;
    /** Whether Enter was pressed before there was anything to be taken: what is found then is. */
    private early = false;
    /** Whoever has pressed where it goes before it was there. */
    private waiting: ((given: Given | null) => void) | null = null;

    constructor(private readonly panel: HTMLElement, private readonly desk: KitDesk) {
        this.field = panel.querySelector('#kit-search')!;
        this.list = panel.querySelector('.kit-list')!;
        this.field.addEventListener('input', () => this.search());
        panel.addEventListener('click', (event) => (event.target as Element).closest('[data-kit=close]') && this.close());
        panel.addEventListener('pointerdown', (event) => this.press(event));
        panel.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') {
                // The browser would empty the search.
                event.preventDefault();
                this.close();
            }
            if (event.key === 'Enter' && event.target === this.field) {
                event.preventDefault();
                this.field.blur();
                this.early = this.list.childElementCount === 0;
                if (this.early) this.desk.taken(true);
                else this.takeBest();
            }
            const entry = (event.target as Element).closest<HTMLElement>('[data-widget]');
            if (entry && (event.key === 'Enter' || event.key === ' ')) {
                event.preventDefault();
                // Enter takes it, and places what is in hand.
                if (event.key === 'Enter' && this.held === entry) this.place();
                else this.take(entry);
            }
        });
    }

    get open(): boolean {
        return !this.panel.hidden;
    }

    /** @param taken a widget to be taken in hand at once */
    async show(taken: string | null = null): Promise<void> {
        const opening = !this.open;
        this.panel.hidden = false;
        // What is typed now is searched for, though the list may come later.
        if (taken === null) this.field.select();
        if (opening) await this.load().finally(() => this.answer(null));
        const entry = taken && this.entry(taken);
        if (entry) {
            entry.focus();
            entry.scrollIntoView({ block: 'nearest' });
            this.take(entry);
        }
    }

    /** Widgets may look otherwise now. */
    async again(): Promise<void> {
        if (this.open) await this.load();
    }

    private async load(): Promise<void> {
        const answer = await fetch(this.desk.url).catch(() => null);
        if (!this.open) return;
        if (!answer?.ok) {
            this.close();
            return toast('The kit cannot be reached; try again.', true);
        }
        this.list.innerHTML = await answer.text();
        this.search();
        // The finish may be another one since; what was taken before this came is in hand still.
        if (this.held) (this.held = this.entry(this.held.dataset['widget']!))?.setAttribute('aria-pressed', 'true');
        const best = this.list.querySelector<HTMLElement>('.best');
        this.answer(best && this.use(best));
        if (!this.early) return;
        this.early = false;
        if (best) this.hold(best);
        else this.desk.taken(false);
    }

    private answer(given: Given | null): void {
        this.waiting?.(given);
        this.waiting = null;
    }

    close(): void {
        putAway(this.panel);
        this.letGo();
    }

    letGo(): void {
        this.early = false;
        this.held?.setAttribute('aria-pressed', 'false');
        this.held = null;
    }

    /** What is in hand, for the place where it goes; it is no more in hand then. */
    async give(): Promise<Given | null> {
        const { early, held } = this;
        this.letGo();
        if (early) return new Promise((given) => (this.waiting = given));
        return held && this.use(held);
    }

    private use(entry: HTMLElement): Given {
        return { fresh: JSON.parse(entry.dataset['fresh']!) as Fresh, bar: entry.dataset['bar'] ?? '' };
    }

    private entry(widget: string): HTMLElement | null {
        return this.list.querySelector<HTMLElement>(`[data-widget="${widget}"]`);
    }

    private takeBest(): void {
        const best = this.list.querySelector<HTMLElement>('.best');
        if (best) this.hold(best);
    }

    private search(): void {
        const wanted = this.field.value.toLowerCase().split(/\s+/).filter(Boolean);
        const entries = [...this.list.querySelectorAll<HTMLElement>('[data-widget]')];
        for (const entry of entries) entry.hidden = !wanted.every((word) => entry.dataset['words']!.includes(word));
        for (const part of this.list.querySelectorAll<HTMLElement>('.kit-part')) part.hidden = wanted.length > 0;
        const found = entries.filter((entry) => !entry.hidden);
        // Enter takes the one that is called so, before those that are only found by what else people call them.
        const called = wanted.join(' ');
        const near = (entry: HTMLElement): number => [entry.querySelector('span')!.textContent.toLowerCase()].map((name) => (name === called ? 0 : name.startsWith(called) ? 1 : name.includes(called) ? 2 : 3))[0]!;
        const best = called === '' ? undefined : found.sort((a, b) => near(a) - near(b))[0];
        for (const entry of entries) entry.classList.toggle('best', entry === best);
        best?.scrollIntoView({ block: 'nearest' });
        const none = this.list.querySelector<HTMLElement>('.kit-none');
        if (none) none.hidden = found.length > 0;
    }

    /** From here on keys are about what was placed. */
    private place(): void {
        if (this.panel.contains(document.activeElement)) (document.activeElement as HTMLElement).blur();
        document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'place' }));
    }

    /** What is in hand already is laid down again. */
    private take(entry: HTMLElement): void {
        if (this.held !== entry) return this.hold(entry);
        this.letGo();
        this.desk.taken(false);
    }

    private hold(entry: HTMLElement): void {
        this.letGo();
        this.held = entry;
        entry.setAttribute('aria-pressed', 'true');
        this.desk.taken(true);
    }

    private press(event: PointerEvent): void {
        const entry = (event.target as Element).closest<HTMLElement>('[data-widget]');
        if (!entry || event.button !== 0) return;
        event.preventDefault();
        entry.focus();
        const move = (at: PointerEvent): void => {
            if (!this.ghost && !isDrag(event, at)) return;
            this.ghost ??= this.lift(entry);
            const { width, height } = this.ghost.getBoundingClientRect();
            // Around what is drawn there is a margin of 2 px on every side.
            const rest = this.desk.over(this.use(entry).fresh, at);
            const margin = 2 * this.desk.scale();
            Object.assign(this.ghost.style, rest ? { left: `${rest.x - margin}px`, top: `${rest.y - margin}px` } : { left: `${at.clientX - width / 2}px`, top: `${at.clientY - height / 2}px` });
        };
        const up = (at: PointerEvent): void => {
            removeEventListener('pointermove', move);
            removeEventListener('pointerup', up);
            const dragged = this.ghost !== null;
            this.ghost?.remove();
            this.ghost = null;
            if (!dragged) return this.take(entry);
            const { fresh, bar } = this.use(entry);
            if (this.desk.over(fresh, at)) this.desk.drop(fresh, bar, at);
            this.desk.dropped();
        };
        addEventListener('pointermove', move);
        addEventListener('pointerup', up);
    }

    private lift(entry: HTMLElement): HTMLElement {
        const ghost = document.createElement('div');
        const fresh = JSON.parse(entry.dataset['fresh']!) as Fresh;
        ghost.className = 'kit-ghost';
        ghost.append(entry.querySelector('svg')!.cloneNode(true));
        const svg = ghost.firstElementChild as SVGElement;
        Object.assign(svg.style, { width: `${(fresh.width + 4) * this.desk.scale()}px`, height: `${(fresh.height + 4) * this.desk.scale()}px` });
        document.body.append(ghost);
        return ghost;
    }
}
