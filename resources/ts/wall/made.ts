/** What makes up the colour under the pointer: every fill, stroke, shadow and ground, each to be selected or switched off there. */
import { toast } from '../dialogs.ts';
import type { Command } from './messages.ts';
import type { Parts } from './parts.ts';
import type { Point } from './geometry.ts';

export class Made {
    private readonly box = document.getElementById('made') as HTMLDialogElement;
    private readonly list = this.box.querySelector('[data-part=list]')!;
    /** Where the pointer was on the wall last, in px of the window. */
    private pointer: { clientX: number; clientY: number } | null = null;
    private about: { screen: string; at: Point } | null = null;
    /** What was switched off here stays in the list, to be switched on again. */
    private readonly off = new Set<string>();
    private asked = 0;

    constructor(private readonly on: Parts, private readonly wall: HTMLElement, private readonly url: string) {
        for (const kind of ['pointermove', 'contextmenu'] as const) {
            wall.addEventListener(kind, (event) => {
                if (!(event.target as Element).closest('#menu')) this.pointer = event;
            });
        }
        this.box.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.box.addEventListener('pointerover', (event) => this.hover((event.target as Element).closest<HTMLElement>('[data-layer]')?.dataset['layer'] ?? ''));
        this.box.addEventListener('pointerleave', () => this.hover(''));
        this.box.addEventListener('keydown', (event) => this.key(event));
        document.addEventListener('kindred:edited', () => void this.load());
    }

    /** At the pointer, or in the middle of what is selected. */
    open(): void {
        const { camera, gestures, selection, picture } = this.on;
        const bounds = selection.bounds();
        const middle = bounds && { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
        const wall = this.pointer ? camera.toWall(this.pointer) : middle;
        const screen = wall ? gestures.screenAt(wall) : '';
        if (!wall || screen === '') return toast('Point at a place on a screen to see what makes its look.');
        const frame = picture.screenBox(screen);
        this.off.clear();
        this.about = { screen, at: { x: wall.x - frame.x, y: wall.y - frame.y } };
        void this.load(true).then(() => this.place(camera.toView(wall)));
    }

    close(): void {
        this.about = null;
        // What is still on its way does not open it again.
        this.asked++;
        this.on.overlay.clearLive();
        if (this.box.open) this.box.close();
    }

    private async load(opens = false): Promise<void> {
        if (!this.about || (!opens && !this.box.open)) return;
        const { screen, at } = this.about;
        const number = ++this.asked;
        const answer = await fetch(`${this.url.replace('SCREEN', screen)}?x=${at.x}&y=${at.y}${[...this.off].map((one) => `&off[]=${encodeURIComponent(one)}`).join('')}`).catch(() => null);
        if (number !== this.asked) return;
        if (answer?.status !== 200) return toast('What makes this look could not be told; try it again in a moment.', true);
        const focused = document.activeElement?.getAttribute('aria-label');
        this.list.innerHTML = await answer.text();
        for (const swatch of this.list.querySelectorAll<HTMLElement>('[data-shows]')) swatch.style.background = swatch.dataset['shows']!;
        if (!this.box.open) {
            this.box.show();
            this.list.querySelector<HTMLElement>('button:not([disabled])')?.focus();
        } else if (focused) [...this.list.querySelectorAll<HTMLElement>('button')].find((button) => button.getAttribute('aria-label')?.split(' ').slice(1).join() === focused.split(' ').slice(1).join())?.focus();
    }

    /** Beside the point, which stays in sight. */
    private place({ x, y }: Point): void {
        const frame = this.wall.getBoundingClientRect();
        const { width, height } = this.box.getBoundingClientRect();
        const [left, top] = [frame.left + x, frame.top + y];
        Object.assign(this.box.style, {
            left: `${left + 24 + width < innerWidth ? left + 24 : Math.max(4, left - 24 - width)}px`,
            top: `${Math.max(4, Math.min(top - 20, innerHeight - height - 4))}px`,
        });
    }

    private pressed(target: Element): void {
        const { selection, server } = this.on;
        const button = target.closest<HTMLElement>('button');
        if (!button || !this.about) return;
        if (button.dataset['part'] === 'close') return this.close();
        const { layer = '', switch: path } = button.dataset;
        const screen = this.about.screen;
        if (path === undefined) {
            if (layer !== '') selection.pick([layer], screen);
            return;
        }
        const hides = button.dataset['off'] !== 'true';
        const key = path === '' ? layer : `${layer} ${path}`;
        if (hides) this.off.add(key);
        const on = { screen, layers: [layer] };
        const command: Command = path === '' ? { type: 'mark-layers', ...on, hidden: hides } : { type: 'set-field', ...on, field: path, value: String(hides) };
        void server.edit(command);
    }

    private hover(id: string): void {
        const { picture, overlay } = this.on;
        const layer = id === '' ? null : picture.layer(id);
        overlay.hover(layer ? { ...picture.box(layer), x: 0, y: 0 } : null, layer ? picture.matrix(layer) : null);
    }

    private key(event: KeyboardEvent): void {
        const buttons = [...this.box.querySelectorAll<HTMLButtonElement>('button:not([disabled])')];
        const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
        const to = { ArrowDown: at + 1, ArrowUp: at - 1 + buttons.length }[event.key];
        event.stopPropagation();
        if (to !== undefined) {
            event.preventDefault();
            buttons[to % buttons.length]?.focus();
        } else if (event.key === 'Escape') {
            event.preventDefault();
            this.close();
        }
    }
}
