/** Icons that are dragged out of their dialog: onto the wall, into a cell or a group, onto a widget, or in the place of another icon. */
import { isDrag } from '../slack.ts';
import { layerOf } from './address.ts';
import type { Dropping } from './dropping.ts';
import { unapply, type Point } from './geometry.ts';
import type { Making } from './making.ts';
import type { Parts } from './parts.ts';
import { send } from './server.ts';

interface At { clientX: number; clientY: number }

/** As large as an icon is placed, px. */
const SIZE = { width: 24, height: 24 };

export class Carrying {
    private ghost: HTMLElement | null = null;

    /** @param done lays the tool in hand down */
    constructor(private readonly dialog: HTMLDialogElement, private readonly on: Parts, private readonly dropping: Dropping, private readonly making: Making, private readonly done: () => void) {
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

    /** With a press: into the widget or the cell there, otherwise onto the screen. */
    async place(icon: string, screen: string, at: Point): Promise<void> {
        const { picture, camera } = this.on;
        const origin = picture.screenBox(screen);
        const on = { x: origin.x + at.x, y: origin.y + at.y };
        const [view, { left, top }] = [camera.toView(on), document.getElementById('wall')!.getBoundingClientRect()];
        const event = { clientX: view.x + left, clientY: view.y + top };
        const target = this.target(event);
        if (target?.matches('[data-kind=widget]') && (await this.into(target, icon, on))) return this.done();
        this.enter(event);
        this.making.icon(icon, screen, at, null);
    }

    /** The widget or the icon under the pointer, which takes it. */
    private target(event: At): SVGElement | null {
        const hit = layersAt(event)[0];
        return hit?.matches('[data-kind=widget]:not([data-locked]), [data-kind=icon]:not([data-locked])') ? hit : null;
    }

    private async drop(icon: string, line: number, event: PointerEvent): Promise<void> {
        const target = this.target(event);
        const at = this.on.camera.toWall(event);
        if (target && (await this.into(target, icon, at))) return;
        const rest = this.dropping.follow(SIZE, event);
        this.dropping.end();
        if (!rest) return;
        this.making.icons.line = line;
        this.enter(event);
        this.making.icon(icon, this.on.gestures.screenAt(at) || rest.screen, { x: rest.at.x + SIZE.width / 2, y: rest.at.y + SIZE.height / 2 }, null);
    }

    /** In the place of an icon, or where a widget shows one; false where it shows none. */
    private async into(target: SVGElement, icon: string, at: Point): Promise<boolean> {
        const { picture, server, urls } = this.on;
        const [id, screen] = [target.dataset['layer']!, picture.screenOf(target) || null];
        if (target.matches('[data-kind=icon]')) return (await server.edit({ type: 'set-field', screen, layers: [id], field: 'icon', value: icon })) !== null;
        const own = unapply(picture.matrix(target), at);
        const place = await send<string | null>(`${urls['spot']!.replace('LAYER', layerOf(id))}?icon=1&x=${own.x}&y=${own.y}`).catch(() => null);
        if (place === null) return false;
        await server.edit({ type: 'write-widget', screen, layer: layerOf(id), place, words: icon });
        return true;
    }

    /** What lies in a cell takes in what is laid down there: all cells have it then. */
    private enter(event: At): void {
        const array = layersAt(event)[0]?.closest<SVGElement>('[data-kind=array]');
        if (array) this.on.selection.group = array.dataset['layer']!;
    }
}

/** What lies under the pointer on the wall, the uppermost first. */
const layersAt = ({ clientX, clientY }: At): SVGElement[] => document.elementsFromPoint(clientX, clientY).flatMap((one) => one.closest<SVGElement>('.stage [data-layer]') ?? []);
