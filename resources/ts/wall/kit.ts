/** The kit: widgets to be placed with a click, drawn to a size, or dragged onto the wall. Each stands where it always stands. */
import { putAway } from '../dialogs.ts';
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

export class KitPanel {
    private held: HTMLElement | null = null;
    private ghost: HTMLElement | null = null;
    /** What is searched for; kept while the kit is closed. */
    private words = '';

    constructor(private readonly panel: HTMLElement, private readonly desk: KitDesk) {
        panel.addEventListener('input', (event) => (event.target as Element).id === 'kit-search' && this.search((event.target as HTMLInputElement).value));
        panel.addEventListener('click', (event) => (event.target as Element).closest('[data-kit=close]') && this.close());
        panel.addEventListener('pointerdown', (event) => this.press(event));
        panel.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') {
                // The browser would empty the search.
                event.preventDefault();
                this.close();
            }
            if (event.key === 'Enter' && (event.target as Element).id === 'kit-search') {
                event.preventDefault();
                const best = this.panel.querySelector<HTMLElement>('.best');
                if (best) this.hold(best);
                (event.target as HTMLElement).blur();
            }
            const entry = (event.target as Element).closest<HTMLElement>('[data-widget]');
            if (entry && (event.key === 'Enter' || event.key === ' ')) {
                event.preventDefault();
                this.take(entry);
            }
        });
    }

    get open(): boolean {
        return !this.panel.hidden;
    }

    /** @param taken a widget to be taken in hand at once */
    async show(taken: string | null = null): Promise<void> {
        if (!this.open) {
            const answer = await fetch(this.desk.url);
            if (!answer.ok) return;
            this.panel.innerHTML = await answer.text();
            this.panel.hidden = false;
            const search = this.panel.querySelector<HTMLInputElement>('#kit-search')!;
            search.value = this.words;
            this.search(this.words);
        }
        const entry = taken && this.panel.querySelector<HTMLElement>(`[data-widget="${taken}"]`);
        if (entry) {
            entry.focus();
            entry.scrollIntoView({ block: 'nearest' });
            this.take(entry);
        } else this.panel.querySelector<HTMLInputElement>('#kit-search')?.select();
    }

    close(): void {
        putAway(this.panel);
        this.letGo();
    }

    letGo(): void {
        this.held?.setAttribute('aria-pressed', 'false');
        this.held = null;
    }

    /** What is in hand, for the place where it goes. */
    inHand(): { fresh: Fresh; bar: string } | null {
        return this.held ? this.use(this.held) : null;
    }

    private use(entry: HTMLElement): { fresh: Fresh; bar: string } {
        return { fresh: JSON.parse(entry.dataset['fresh']!) as Fresh, bar: entry.dataset['bar'] ?? '' };
    }

    private search(words: string): void {
        this.words = words;
        const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
        const entries = [...this.panel.querySelectorAll<HTMLElement>('[data-widget]')];
        for (const entry of entries) entry.hidden = !wanted.every((word) => entry.dataset['words']!.includes(word));
        const found = entries.filter((entry) => !entry.hidden);
        // Enter takes the one that is called so, before those that are only found by what else people call them.
        const called = wanted.join(' ');
        const near = (entry: HTMLElement): number => [entry.dataset['widget']!.replaceAll('-', ' ')].map((name) => (name === called ? 0 : name.startsWith(called) ? 1 : name.includes(called) ? 2 : 3))[0]!;
        const best = called === '' ? undefined : found.sort((a, b) => near(a) - near(b))[0];
        for (const entry of entries) entry.classList.toggle('best', entry === best);
        this.panel.querySelector<HTMLElement>('.kit-none')!.hidden = found.length > 0;
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
