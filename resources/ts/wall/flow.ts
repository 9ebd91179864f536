/** The flow of the project in a dialog: its map and site map, moved and zoomed, and how long paths take. */
import { ask, toast } from '../dialogs.ts';
import type { Server } from './server.ts';

const [SMALLEST, LARGEST] = [0.05, 4];
/** px that an arrow key moves the map. */
const STEP = 60;
/** px that a press moves before it is a drag. */
const SLACK = 4;

export class Flow {
    private show = 'map';
    private ends: { from: string; to: string } | null = null;
    private view = { x: 0, y: 0, scale: 1 };
    /** A press on the map; the click that follows it is none where it went far. */
    private dragged = { x: 0, y: 0, far: false, down: false };

    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        dialog.addEventListener('click', (event) => this.pressed(event.target as Element));
        dialog.addEventListener('change', () => this.chosen());
        dialog.addEventListener('submit', (event) => event.preventDefault());
        dialog.addEventListener('wheel', (event) => this.wheel(event), { passive: false });
        dialog.addEventListener('pointerdown', (event) => this.down(event));
        dialog.addEventListener('pointermove', (event) => this.moved(event));
        for (const kind of ['pointerup', 'pointercancel'] as const) dialog.addEventListener(kind, () => (this.dragged.down = false));
        dialog.addEventListener('keydown', (event) => this.typed(event));
    }

    /** @param from a screen whose paths are looked at */
    async open(show = this.show, from?: string): Promise<void> {
        this.show = show;
        if (from) this.ends = { from, to: this.ends?.to ?? '' };
        const wanted = ask(this.dialog);
        await this.server.rest();
        const query = new URLSearchParams({ show, ...(show === 'paths' ? this.ends ?? {} : {}) });
        const answer = await fetch(`${this.url}?${query}`, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) return toast('The flow could not be drawn; try it again in a moment.', true);
        const text = await answer.text();
        if (!wanted()) return;
        const focused = document.activeElement?.getAttribute('name');
        this.dialog.innerHTML = text;
        if (!this.dialog.open) this.dialog.showModal();
        for (const card of this.dialog.querySelectorAll<SVGGElement>('.flow-map [data-screen]')) {
            card.setAttribute('tabindex', '0');
            card.setAttribute('role', 'link');
            card.setAttribute('aria-label', card.querySelector('title')!.textContent!);
        }
        if (focused) this.dialog.querySelector<HTMLElement>(`[name="${focused}"]`)?.focus();
        else this.map?.focus();
        this.fit();
    }

    private get map(): HTMLElement | null {
        return this.dialog.querySelector('.flow-map');
    }

    private get drawing(): SVGSVGElement | null {
        return this.dialog.querySelector('.flow-map > svg');
    }

    private pressed(target: Element): void {
        if (target.closest('[data-closes]')) return this.dialog.close();
        const show = target.closest<HTMLElement>('[data-flow-show]')?.dataset['flowShow'];
        if (show) return void this.open(show);
        const zoom = target.closest<HTMLElement>('[data-flow-zoom]')?.dataset['flowZoom'];
        if (zoom) return this.zoom(Number(zoom));
        if (target.closest('[data-flow-fit]')) return this.fit();
        const order = target.closest<HTMLElement>('[data-flow-order]')?.dataset['flowOrder'];
        if (order) return void this.server.edit({ type: 'order-screens', screens: order.split(' ') }).then((answer) => answer && toast('The reel has the order of the map. Ctrl+Z takes it back.'));
        const screen = target.closest<SVGGElement>('.flow-map [data-screen]');
        if (screen && !this.dragged.far) this.go(screen);
    }

    private go(screen: SVGGElement): void {
        this.dialog.close();
        document.dispatchEvent(new CustomEvent('kindred:go', { detail: { screen: screen.dataset['screen'] } }));
    }

    private chosen(): void {
        const form = this.dialog.querySelector<HTMLFormElement>('[data-flow-paths]');
        if (!form) return;
        const data = new FormData(form);
        this.ends = { from: String(data.get('from')), to: String(data.get('to')) };
        void this.open('paths');
    }

    private fit(): void {
        const { map, drawing } = this;
        if (!map || !drawing) return;
        const [width, height] = [drawing.width.baseVal.value, drawing.height.baseVal.value];
        const scale = Math.min(1, map.clientWidth / width, map.clientHeight / height);
        this.view = { scale, x: Math.max(0, (map.clientWidth - width * scale) / 2), y: Math.max(0, (map.clientHeight - height * scale) / 2) };
        this.draw();
    }

    /** About a place of the map, its middle without one. */
    private zoom(by: number, at?: { x: number; y: number }): void {
        const { map, view } = this;
        if (!map) return;
        const { x, y } = at ?? { x: map.clientWidth / 2, y: map.clientHeight / 2 };
        const scale = Math.max(SMALLEST, Math.min(LARGEST, view.scale * by));
        const factor = scale / view.scale;
        this.view = { scale, x: x - (x - view.x) * factor, y: y - (y - view.y) * factor };
        this.draw();
    }

    private move(dx: number, dy: number): void {
        this.view = { ...this.view, x: this.view.x + dx, y: this.view.y + dy };
        this.draw();
    }

    private draw(): void {
        const { drawing, view } = this;
        if (!drawing) return;
        drawing.style.transform = `translate(${view.x}px, ${view.y}px) scale(${view.scale})`;
        this.dialog.querySelector('[data-flow-scale]')!.textContent = `${Math.round(view.scale * 100)}%`;
    }

    private wheel(event: WheelEvent): void {
        const map = (event.target as Element).closest('.flow-map');
        if (!map) return;
        event.preventDefault();
        const { left, top } = map.getBoundingClientRect();
        if (event.ctrlKey || event.metaKey) this.zoom(Math.exp(-event.deltaY / 300), { x: event.clientX - left, y: event.clientY - top });
        else this.move(-(event.shiftKey ? event.deltaY : event.deltaX), -(event.shiftKey ? 0 : event.deltaY));
    }

    private down(event: PointerEvent): void {
        if (event.button !== 0 || !(event.target as Element).closest('.flow-map')) return;
        this.dragged = { x: event.clientX, y: event.clientY, far: false, down: true };
    }

    private moved(event: PointerEvent): void {
        const { dragged } = this;
        if (!dragged.down || event.buttons === 0) return;
        const [dx, dy] = [event.clientX - dragged.x, event.clientY - dragged.y];
        if (!dragged.far && Math.hypot(dx, dy) < SLACK) return;
        this.dragged = { x: event.clientX, y: event.clientY, far: true, down: true };
        this.move(dx, dy);
    }

    private typed(event: KeyboardEvent): void {
        const target = event.target as Element;
        if (event.key === 'Enter' && target instanceof SVGGElement) {
            // The wall has it open by then, and would take the key, too.
            event.preventDefault();
            event.stopPropagation();
            return this.go(target);
        }
        if (!target.closest('.flow-map')) return;
        const by = ({ ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] } as Record<string, [number, number]>)[event.key];
        if (by) this.move(by[0] * STEP, by[1] * STEP);
        else if (event.key === '+' || event.key === '=') this.zoom(1.25);
        else if (event.key === '-') this.zoom(0.8);
        else if (event.key.toLowerCase() === 'f') this.fit();
        else return;
        event.preventDefault();
    }
}
