/** Where a screen lies over those from which it opens, drawn on the wall; dragged there, it is placed by hand. */
import { placeOver, type Rect, sizeOver } from '../player/over.ts';
import type { Camera } from './camera.ts';
import { draw, type Overlay } from './overlay.ts';
import type { Command } from './messages.ts';
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';

interface Opening { target: string; on: string; beside: Rect | null }

export class Laid {
    private readonly place: SVGElement;
    private dragged: { target: string; on: string; ghost: SVGGElement; from: { x: number; y: number }; press: { x: number; y: number }; by: { x: number; y: number } } | null = null;

    /** @param still where a small picture of a screen is */
    constructor(svg: SVGSVGElement, private readonly camera: Camera, private readonly picture: Picture, private readonly selection: Selection, overlay: Overlay, private readonly edit: (...commands: Command[]) => Promise<unknown>, private readonly still: (screen: string) => string) {
        // Below the marks of the selection.
        svg.prepend(this.place = draw(svg, 'g', { class: 'laid' }));
        camera.moved.add(() => this.follow());
        overlay.shown.add(() => this.show());
        // Before the hand takes what lies below.
        document.addEventListener('pointerdown', (event) => this.down(event), true);
        addEventListener('pointermove', (event) => this.moved(event));
        addEventListener('pointerup', () => this.drop(true));
        addEventListener('pointercancel', () => this.drop(false));
        addEventListener('keydown', (event) => {
            if (event.key !== 'Escape' || !this.dragged) return;
            event.stopImmediatePropagation();
            this.drop(false);
        }, true);
    }

    /** After anything changed: what is selected, what opens from where. */
    show(): void {
        if (this.dragged) return;
        this.place.replaceChildren();
        for (const { target, on, beside } of this.openings()) {
            const box = this.box(target, on, beside);
            const group = draw(this.place, 'g', { class: 'laid-ghost', 'data-target': target, 'data-on': on, 'data-at': `${box.x} ${box.y}` });
            const under = this.picture.screenBox(on);
            const size = { x: under.x + box.x, y: under.y + box.y, width: box.width, height: box.height };
            draw(group, 'image', { ...size, href: this.still(target), preserveAspectRatio: 'xMidYMin slice' });
            draw(group, 'rect', { ...size, 'vector-effect': 'non-scaling-stroke' });
        }
        this.follow();
    }

    /** The camera moved. */
    follow(): void {
        const origin = this.camera.toView({ x: 0, y: 0 });
        this.place.setAttribute('transform', `translate(${origin.x} ${origin.y})scale(${this.camera.scale})`);
    }

    /** Of the selected screen all places where it opens; of a selected layer what it opens. */
    private openings(): Opening[] {
        const { picture, selection } = this;
        const found = new Map<string, Opening>();
        const screens = new Set(selection.screens.length > 0 ? selection.screens : selection.layers.length === 0 ? [selection.screen] : []);
        for (const element of picture.withCues()) {
            const on = picture.screenOf(element);
            const layer = element.dataset['layer'];
            for (const { target, over } of picture.threads(element)) {
                if (!over || !picture.screen(target) || !(screens.has(target) || (layer !== undefined && selection.layers.includes(layer)))) continue;
                const under = picture.screenBox(on);
                const bounds = layer === undefined ? null : picture.bounds(element);
                found.set(`${target} ${on}`, { target, on, beside: bounds && { ...bounds, x: bounds.x - under.x, y: bounds.y - under.y } });
            }
        }
        return [...found.values()];
    }

    private box(target: string, on: string, beside: Rect | null): Rect {
        const seen = (id: string): { width: number; height: number } => {
            const { width, height } = this.picture.screenBox(id);
            return { width, height: Math.min(height, Number(this.picture.screen(id)!.dataset['view'])) };
        };
        const below = seen(on);
        const [place = 'bottom', x = '0', y = '0', across = 'own', down = 'own', margin = '0'] = (this.picture.screen(target)!.dataset['over'] ?? '').split(' ');
        const over = { place, x: Number(x), y: Number(y), across, down, margin: Number(margin) };
        const own = sizeOver(over, below, seen(target));
        return { ...placeOver(over, below, own, beside), ...own };
    }

    private down(event: PointerEvent): void {
        const ghost = (event.target as Element).closest<SVGGElement>('.laid-ghost');
        if (!ghost || event.button !== 0) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        const [x = 0, y = 0] = ghost.dataset['at']!.split(' ').map(Number);
        this.dragged = { target: ghost.dataset['target']!, on: ghost.dataset['on']!, ghost, from: { x, y }, press: { x: event.clientX, y: event.clientY }, by: { x: 0, y: 0 } };
    }

    private moved(event: PointerEvent): void {
        const { dragged } = this;
        if (!dragged) return;
        const by = { x: (event.clientX - dragged.press.x) / this.camera.scale, y: (event.clientY - dragged.press.y) / this.camera.scale };
        // Shift keeps it straight, as with all that is dragged.
        dragged.by = !event.shiftKey ? by : Math.abs(by.x) >= Math.abs(by.y) ? { x: by.x, y: 0 } : { x: 0, y: by.y };
        dragged.ghost.setAttribute('transform', `translate(${dragged.by.x} ${dragged.by.y})`);
    }

    private drop(keeps: boolean): void {
        const { dragged } = this;
        this.dragged = null;
        if (!dragged) return;
        const { target, from, by } = dragged;
        if (!keeps || (by.x === 0 && by.y === 0)) return this.show();
        const set = (field: string, value: string): Command => ({ type: 'set-screen-field', screen: target, field, value });
        void this.edit(set('over.place', 'hand'), set('over.x', String(Math.round(from.x + by.x))), set('over.y', String(Math.round(from.y + by.y)))).then(() => this.show());
    }
}
