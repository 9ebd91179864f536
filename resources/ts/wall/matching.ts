/** Which layer becomes which in a match, in a dialog: both screens with lines between them, and a list. */
import { ask, toast } from '../dialogs.ts';
import type { Server } from './server.ts';

/** `at` is the place that is pressed where the cue's layer is shown several times. */
interface On { screen: string; layer?: string; at: string; cue: string; act: string }

/** px that a press moves before it is a drag. */
const SLACK = 4;

export class Matching {
    private on: On | null = null;
    private dragged: { side: string; at: string; line: SVGPathElement | null; x: number; y: number } | null = null;

    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        document.addEventListener('kindred:pairs', (event) => void this.open((event as CustomEvent<On>).detail));
        dialog.addEventListener('click', (event) => this.pressed(event.target as Element));
        dialog.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement));
        dialog.addEventListener('pointerdown', (event) => this.down(event));
        dialog.addEventListener('pointermove', (event) => this.moved(event));
        dialog.addEventListener('pointerup', (event) => this.up(event));
        dialog.addEventListener('pointercancel', () => this.drop());
        dialog.addEventListener('cancel', (event) => {
            if (!this.dragged) return;
            event.preventDefault();
            this.drop();
        });
        for (const kind of ['pointerover', 'focusin'] as const) dialog.addEventListener(kind, (event) => this.mark(event.target as Element));
    }

    private async open(on: On): Promise<void> {
        this.on = on;
        const wanted = ask(this.dialog);
        await this.server.rest();
        const query = new URLSearchParams({ cue: on.cue, act: on.act, at: on.at, ...(on.layer ? { layer: on.layer } : {}) });
        const answer = await fetch(`${this.url.replace('SCREEN', on.screen)}?${query}`, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) {
            if (this.dialog.open) this.dialog.close();
            return toast('The pairs could not be shown; the cue may have been changed in another window.', true);
        }
        const text = await answer.text();
        if (!wanted()) return;
        const focused = (document.activeElement as HTMLElement | null)?.getAttribute('aria-label') ?? null;
        const { scrollTop } = this.dialog.querySelector('.match-list') ?? { scrollTop: 0 };
        this.dialog.innerHTML = text;
        this.laidOut();
        if (!this.dialog.open) this.dialog.showModal();
        this.dialog.querySelector('.match-list')?.scrollTo(0, scrollTop);
        if (focused) this.dialog.querySelector<HTMLElement>(`[aria-label="${CSS.escape(focused)}"]`)?.focus();
    }

    private laidOut(): void {
        const board = this.dialog.querySelector<HTMLElement>('[data-board]')!;
        Object.assign(board.style, { width: `${board.dataset['width']}px`, height: `${board.dataset['height']}px` });
        for (const side of board.querySelectorAll<HTMLElement>('.match-side')) {
            const { x, scale, w, h } = side.dataset;
            Object.assign(side.style, { width: `${w}px`, height: `${h}px`, transform: `translate(${x}px, 0) scale(${scale})` });
        }
    }

    private pair(from: string, to: string, more: Record<string, unknown> = {}): void {
        const { on } = this;
        if (!on) return;
        void this.server.edit({ type: 'pair-match', screen: on.screen, ...(on.layer ? { layer: on.layer } : {}), cue: on.cue, act: on.act, from, to, ...more }).then(() => this.open(on));
    }

    private pressed(target: Element): void {
        if (target.closest('[data-closes]')) return this.dialog.close();
        const row = target.closest<HTMLElement>('tr[data-from]');
        if (row && target.closest('[data-found]')) this.pair(row.dataset['from']!, row.dataset['to']!, { found: true });
    }

    private changed(field: HTMLInputElement | HTMLSelectElement): void {
        const row = field.closest<HTMLElement>('tr[data-from]');
        if (!row) return;
        if (field.matches('[data-pair]')) return this.pair(row.dataset['from']!, field.value);
        const delay = Number(field.value.replace(/\s*ms$/, ''));
        if (field.value.trim() === '' || !Number.isFinite(delay) || delay < 0) {
            toast('A delay is a number of ms from 0 to 5000.', true);
            if (field instanceof HTMLInputElement) field.value = field.defaultValue;
            return;
        }
        this.pair(row.dataset['from']!, row.dataset['to']!, { delay });
    }

    /** The layer of a screen under the pointer, the uppermost. */
    private under(event: PointerEvent): SVGRectElement | null {
        return document.elementsFromPoint(event.clientX, event.clientY).find((one): one is SVGRectElement => one instanceof SVGRectElement && one.matches('.match-board rect[data-at]')) ?? null;
    }

    private place(event: PointerEvent): { x: number; y: number } {
        const { left, top } = this.dialog.querySelector('[data-board] > svg')!.getBoundingClientRect();
        return { x: event.clientX - left, y: event.clientY - top };
    }

    private down(event: PointerEvent): void {
        if (event.button !== 0 || !(event.target as Element).closest('.match-board')) return;
        const layer = this.under(event);
        if (!layer) return;
        event.preventDefault();
        this.dragged = { side: layer.dataset['side']!, at: layer.dataset['at']!, line: null, ...this.place(event) };
        this.dialog.setPointerCapture(event.pointerId);
    }

    private moved(event: PointerEvent): void {
        const { dragged } = this;
        if (!dragged) return;
        const { x, y } = this.place(event);
        if (!dragged.line) {
            if (Math.hypot(x - dragged.x, y - dragged.y) < SLACK) return;
            const svg = this.dialog.querySelector('[data-board] > svg')!;
            dragged.line = svg.appendChild(document.createElementNS(svg.namespaceURI, 'path') as SVGPathElement);
            dragged.line.setAttribute('class', 'match-drawn');
        }
        dragged.line.setAttribute('d', `M${dragged.x} ${dragged.y}L${x} ${y}`);
        const over = this.under(event);
        this.light(over && over.dataset['side'] !== dragged.side ? over : null);
    }

    private up(event: PointerEvent): void {
        const { dragged } = this;
        if (!dragged) return;
        const drawn = dragged.line !== null;
        this.drop();
        if (!drawn) return;
        const over = this.under(event);
        if (over?.dataset['side'] === dragged.side) return;
        const to = over?.dataset['at'] ?? '';
        this.pair(...(dragged.side === 'from' ? [dragged.at, to] as const : [to, dragged.at] as const));
    }

    private drop(): void {
        this.dragged?.line?.remove();
        this.dragged = null;
        this.light(null);
    }

    private light(layer: Element | null): void {
        for (const lit of this.dialog.querySelectorAll('.match-board .lit')) lit.classList.remove('lit');
        layer?.classList.add('lit');
    }

    /** The pair that the pointer or the keyboard is at stands out. */
    private mark(target: Element): void {
        if (this.dragged) return;
        const at = target.closest<HTMLElement | SVGElement>('tr[data-from], .match-line, rect[data-at]');
        const { side } = at?.dataset ?? {};
        const [from, to] = at instanceof SVGRectElement ? (side === 'from' ? [at.dataset['at'], null] : [null, at.dataset['at']]) : [at?.dataset['from'], at?.dataset['to'] || null];
        for (const line of this.dialog.querySelectorAll<SVGElement>('.match-line, tr[data-from]')) line.classList.toggle('marked', at !== null && (line.dataset['from'] === from || (to !== null && line.dataset['to'] === to)));
        this.light(at instanceof SVGRectElement ? at : this.dialog.querySelector(`rect[data-side=from][data-at="${CSS.escape(from ?? '')}"]`));
    }
}
