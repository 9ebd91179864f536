/** The kit: widgets to be placed with a click, drawn to a size, or dragged onto the wall. What was used last stands first. */
import type { Box, Point } from './geometry.ts';

const USED = 'kindred.kit';
/** A press on a widget becomes a drag after so many px. */
const SLACK = 4;

export interface Fresh { name: string; width: number; height: number; [key: string]: unknown }

export interface KitDesk {
    /** Where widgets come from. */
    url: string;
    /** Something was taken in hand, or laid down again. */
    taken: (taken: boolean) => void;
    /** Puts a widget down at a place in the window. */
    drop: (fresh: Fresh, bar: string, event: PointerEvent) => void;
    scale: () => number;
}

export class KitPanel {
    private held: HTMLElement | null = null;
    private ghost: HTMLElement | null = null;

    constructor(private readonly panel: HTMLElement, private readonly desk: KitDesk) {
        panel.addEventListener('input', (event) => (event.target as Element).id === 'kit-search' && this.search((event.target as HTMLInputElement).value));
        panel.addEventListener('click', (event) => (event.target as Element).closest('[data-kit=close]') && this.close());
        panel.addEventListener('pointerdown', (event) => this.press(event));
        panel.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') this.close();
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
            this.sort();
        }
        const entry = taken && this.panel.querySelector<HTMLElement>(`[data-widget="${taken}"]`);
        if (entry) {
            entry.focus();
            entry.scrollIntoView({ block: 'nearest' });
            this.take(entry);
        } else this.panel.querySelector<HTMLInputElement>('#kit-search')?.focus();
    }

    close(): void {
        this.panel.hidden = true;
        this.letGo();
    }

    letGo(): void {
        this.held?.setAttribute('aria-pressed', 'false');
        this.held = null;
    }

    /** What is in hand, for the place where it goes; it is used from now on. */
    inHand(): { fresh: Fresh; bar: string } | null {
        return this.held ? this.use(this.held) : null;
    }

    private use(entry: HTMLElement): { fresh: Fresh; bar: string } {
        const used = [entry.dataset['widget']!, ...this.used().filter((key) => key !== entry.dataset['widget'])].slice(0, 12);
        localStorage.setItem(USED, JSON.stringify(used));
        return { fresh: JSON.parse(entry.dataset['fresh']!) as Fresh, bar: entry.dataset['bar'] ?? '' };
    }

    private used(): string[] {
        return JSON.parse(localStorage.getItem(USED) ?? '[]') as string[];
    }

    private sort(): void {
        const list = this.panel.querySelector('.kit-list')!;
        for (const key of this.used().reverse()) {
            const entry = list.querySelector(`[data-widget="${key}"]`);
            if (entry) list.prepend(entry);
        }
    }

    private search(words: string): void {
        const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
        let found = 0;
        for (const entry of this.panel.querySelectorAll<HTMLElement>('[data-widget]')) {
            entry.hidden = !wanted.every((word) => entry.dataset['words']!.includes(word));
            if (!entry.hidden) found++;
        }
        this.panel.querySelector<HTMLElement>('.kit-none')!.hidden = found > 0;
    }

    private take(entry: HTMLElement): void {
        const same = this.held === entry;
        this.letGo();
        if (!same) {
            this.held = entry;
            entry.setAttribute('aria-pressed', 'true');
        }
        this.desk.taken(!same);
    }

    private press(event: PointerEvent): void {
        const entry = (event.target as Element).closest<HTMLElement>('[data-widget]');
        if (!entry || event.button !== 0) return;
        event.preventDefault();
        entry.focus();
        const from = { x: event.clientX, y: event.clientY };
        const move = (at: PointerEvent): void => {
            if (!this.ghost && Math.hypot(at.clientX - from.x, at.clientY - from.y) < SLACK) return;
            this.ghost ??= this.lift(entry);
            const { width, height } = this.ghost.getBoundingClientRect();
            Object.assign(this.ghost.style, { left: `${at.clientX - width / 2}px`, top: `${at.clientY - height / 2}px` });
        };
        const up = (at: PointerEvent): void => {
            removeEventListener('pointermove', move);
            removeEventListener('pointerup', up);
            const dragged = this.ghost !== null;
            this.ghost?.remove();
            this.ghost = null;
            if (!dragged) return this.take(entry);
            const under = document.elementFromPoint(at.clientX, at.clientY);
            if (under?.closest('#wall')) {
                const { fresh, bar } = this.use(entry);
                this.desk.drop(fresh, bar, at);
            }
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

/**
 * Where a widget goes: a bar to its edge of the screen, as wide as it, beside the bars that are there already (`others`: boxes of
 * what lies on the screen); anything else about the place, or into the box that was drawn.
 */
export function laidDown(fresh: Fresh, bar: string, screen: Box | null, at: Point, drawn: { width: number; height: number } | null, others: Box[] = []): Fresh {
    if (screen && bar) {
        const bars = others.filter(({ x, width }) => x === 0 && width === screen.width);
        let edge = bar === 'foot' ? screen.height : 0;
        for (let next = edge; ; edge = next) {
            next = bar === 'foot'
                ? Math.min(edge, ...bars.filter(({ y, height }) => y + height === edge).map(({ y }) => y))
                : Math.max(edge, ...bars.filter(({ y }) => y === edge).map(({ y, height }) => y + height));
            if (next === edge) break;
        }
        return { ...fresh, x: 0, y: bar === 'foot' ? edge - fresh.height : edge, width: screen.width };
    }
    if (drawn) return { ...fresh, ...at, ...drawn };
    return { ...fresh, x: Math.round(at.x - fresh.width / 2), y: Math.round(at.y - fresh.height / 2) };
}
