/** Icons that are dragged out of their dialog: onto the wall, into a cell or a group, onto a widget, or in the place of another icon. */
import { isDrag } from '../slack.ts';
import { layerOf } from './address.ts';
import type { Dropping } from './dropping.ts';
import { unapply, type Point } from './geometry.ts';
import type { Making } from './making.ts';
import type { Parts } from './parts.ts';
import { send } from './server.ts';

/** As large as an icon is placed, px. */
const SIZE = { width: 24, height: 24 };

export class Carrying {
    private ghost: HTMLElement | null = null;

    constructor(private readonly dialog: HTMLDialogElement, private readonly on: Parts, private readonly dropping: Dropping, private readonly making: Making) {
        dialog.addEventListener('pointerdown', (event) => {
            const choice = (event.target as Element).closest<HTMLElement>('[data-icon]');
            if (choice && event.button === 0) this.press(choice, event);
        });
    }

    private press(choice: HTMLElement, from: PointerEvent): void {
        const stop = new AbortController();
        const { signal } = stop;
        const end = (): void => {
            stop.abort();
            this.ghost?.remove();
            this.ghost = null;
            this.dropping.end();
        };
        addEventListener('pointermove', (event) => {
            if (!this.ghost && !isDrag(from, event)) return;
            this.ghost ??= this.lift(choice);
            this.follow(this.ghost, event);
        }, { signal });
        addEventListener('pointerup', (event) => {
            const dragged = this.ghost !== null;
            end();
            if (dragged) void this.drop(choice.dataset['icon']!, Number(choice.dataset['line'] ?? 2), event);
        }, { signal });
        addEventListener('pointercancel', end, { signal });
        // Escape gives the drag up, and nothing else.
        addEventListener('keydown', (event) => {
            if (event.key !== 'Escape' || !this.ghost) return;
            event.preventDefault();
            event.stopImmediatePropagation();
            end();
        }, { signal, capture: true });
    }

    /** The dialog makes way: what is behind it could not be reached. */
    private lift(choice: HTMLElement): HTMLElement {
        const ghost = document.createElement('div');
        ghost.className = 'kit-ghost';
        ghost.append(choice.querySelector('svg')!.cloneNode(true));
        const side = `${SIZE.width * this.on.camera.scale}px`;
        Object.assign((ghost.firstElementChild as SVGElement).style, { width: side, height: side });
        this.dialog.close();
        document.body.append(ghost);
        return ghost;
    }

    private follow(ghost: HTMLElement, event: PointerEvent): void {
        const { overlay, picture, camera } = this.on;
        const target = this.target(event);
        const half = (SIZE.width * camera.scale) / 2;
        if (target) this.dropping.end();
        const rest = target ? null : this.dropping.follow(SIZE, event);
        const { left, top } = document.getElementById('wall')!.getBoundingClientRect();
        Object.assign(ghost.style, rest ? { left: `${rest.view.x + left}px`, top: `${rest.view.y + top}px` } : { left: `${event.clientX - half}px`, top: `${event.clientY - half}px` });
        if (target) overlay.hover({ x: 0, y: 0, width: picture.box(target).width, height: picture.box(target).height }, picture.matrix(target));
    }

    /** The widget or the icon under the pointer, which takes it. */
    private target(event: PointerEvent): SVGElement | null {
        const hit = document.elementsFromPoint(event.clientX, event.clientY).map((one) => one.closest<SVGElement>('.stage [data-layer]')).find((one) => one !== null);
        return hit?.matches('[data-kind=widget]:not([data-locked]), [data-kind=icon]:not([data-locked])') ? hit : null;
    }

    private async drop(icon: string, line: number, event: PointerEvent): Promise<void> {
        const { picture, server, selection, gestures, urls } = this.on;
        const target = this.target(event);
        const at = this.on.camera.toWall(event);
        if (target) {
            const [id, screen] = [target.dataset['layer']!, picture.screenOf(target)];
            if (target.matches('[data-kind=icon]')) return void server.edit({ type: 'set-field', screen: screen || null, layers: [id], field: 'icon', value: icon });
            const own = unapply(picture.matrix(target), at);
            const place = await send<string | null>(`${urls['spot']!.replace('LAYER', layerOf(id))}?icon=1&x=${own.x}&y=${own.y}`).catch(() => null);
            if (place !== null) return void server.edit({ type: 'write-widget', screen: screen || null, layer: layerOf(id), place, words: icon });
        }
        const rest = this.dropping.follow(SIZE, event);
        this.dropping.end();
        if (!rest) return;
        this.making.icons.line = line;
        // What lies in a cell, or in a group that is entered, takes it in.
        const cell = this.cellAt(event);
        if (cell) selection.group = cell;
        const middle: Point = { x: rest.at.x + SIZE.width / 2, y: rest.at.y + SIZE.height / 2 };
        this.making.icon(icon, gestures.screenAt(at) || rest.screen, middle, null);
    }

    /** The array whose cell lies under the pointer. */
    private cellAt(event: PointerEvent): string | null {
        const hit = document.elementsFromPoint(event.clientX, event.clientY).map((one) => one.closest<SVGElement>('.stage [data-kind=array]')).find((one) => one !== null);
        return hit?.dataset['layer'] ?? null;
    }
}
