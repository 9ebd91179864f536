/** What the pointer does on the wall, by the tool in hand. */
import { isDrag, SLACK } from '../slack.ts';
import { openSheet } from './address.ts';
import type { Camera } from './camera.ts';
import { around, contains, corners, overlaps, short, unapply, unturn, within, type Box, type Point } from './geometry.ts';
import type { Overlay } from './overlay.ts';
import { compoundOf, layersIn, type Picture } from './picture.ts';
import { Snapping } from './snapping.ts';
import { distances } from './measuring.ts';
import { free, resizing, turning, type Desk, type Drag } from './placing.ts';
import { Reflow } from './reflow.ts';
import { resized, type Handle } from './resize.ts';
import type { Selection } from './selection.ts';
import { spaces } from './spaces.ts';
import { spacingOut } from './spacing.ts';
import { laidBy, slotAt, type Slot } from './stacking.ts';
import type { Command } from './messages.ts';
import { fresh, type Server } from './server.ts';
import { freshShape, isShape, usualSize, type Shape } from './shapes.ts';

export type Tool = 'pick' | 'screen' | Shape | 'curve' | 'draw' | 'words' | 'icon' | 'widget' | 'note' | 'thread';

export interface Makers {
    words: (screen: string, at: Point, width: number | null) => void;
    icon: (screen: string, at: Point, size: number | null) => void;
    widget: (screen: string, box: Box) => void;
    note: (screen: string, at: Point, layer: Element | null) => void;
    edit: (layer: Element, at: Point) => void;
    /** The gradient of the selection is to be laid hold of. */
    paint: () => boolean;
    /** What a press does on the line of a gradient, on a corner that is rounded, or where a path has been entered; null beside them. */
    gradient: (event: PointerEvent) => Drag | null;
    /** A path is entered, or what becomes one. */
    path: { readonly active: boolean; enter: (layer: Element) => boolean };
    /** The curve tool. */
    curve: { press: (event: PointerEvent) => Drag; hover: (event: PointerEvent) => void };
    /** Drawing by hand. */
    draw: (event: PointerEvent) => Drag;
    /** What a press does on a picture that has been entered; null for a press beside it. */
    inside: { active: boolean; press: (event: PointerEvent) => Drag | null; enter: (layer: Element) => boolean; wheel: (event: WheelEvent) => boolean };
    /** The name of a screen is written where it stands. */
    rename: (name: HTMLElement) => void;
    /** The way, as path data in px of the wall, that a thread from a layer to a screen takes. */
    thread: (layer: Element, target: string) => string;
    linked: () => void;
    /** What the cue of the thread at a place does, in words. */
    threadAt: (place: Point) => string | null;
    /** A guide pulled out of a ruler, or moved: the gesture that does it. */
    ruler: (axis: 'x' | 'y') => Drag;
    guide: (screen: string, axis: 'x' | 'y', at: number) => Drag;
    /** Called with the screen that the pointer is over, and with `pressed` before anything begins on it. */
    over: (screen: string, pressed: boolean) => void;
    done: () => void;
}

/** What begins so near beside a screen, px of the window, is meant for it. */
const EDGE = 8;
const CONTAINER = '[data-kind=group], [data-kind=stack], [data-kind=array], [data-kind=compound], [data-kind=instance]';

export class Gestures {
    tool: Tool = 'pick';
    space = false;
    /** Where there is no room to edit a finger pans. */
    reading = false;
    /** B held: what lies below the selection comes along. */
    below = false;
    /** What was copied last, and where its original lay. */
    private copied: { layers: string; from: Point } | null = null;
    /** Whether the cue of a thread under the pointer is said. */
    private saying = false;
    private held = false;
    private pointer: PointerEvent | null = null;
    private drag: Drag | null = null;
    private started: PointerEvent | null = null;
    private moved = false;
    private readonly resting: (() => void)[] = [];
    /** Fingers on the wall, and where they are. */
    private readonly fingers = new Map<number, PointerEvent>();
    /** Whether the press began on a corner, an edge or another mark of the selection. */
    private onMark = false;
    readonly desk: Desk;
    /** What tools make; set before the first press. */
    makers!: Makers;

    constructor(
        private readonly wall: HTMLElement,
        private readonly camera: Camera,
        private readonly picture: Picture,
        private readonly selection: Selection,
        private readonly overlay: Overlay,
        private readonly server: Server,
        snapUrl: string,
    ) {
        this.desk = { camera, picture, selection, overlay, server, snapping: (screen, parent, layers) => new Snapping(camera, picture, snapUrl, screen, parent, layers, () => this.again()) };
        wall.addEventListener('pointerdown', (event) => this.down(event));
        wall.addEventListener('pointermove', (event) => this.pinch(event));
        for (const kind of ['pointerup', 'pointercancel'] as const) wall.addEventListener(kind, (event) => this.fingers.delete(event.pointerId));
        wall.addEventListener('pointermove', (event) => this.move(event));
        wall.addEventListener('pointerup', (event) => this.up(event));
        wall.addEventListener('pointercancel', () => this.cancel());
        wall.addEventListener('pointerleave', () => this.makers.over('', false));
        wall.addEventListener('dblclick', (event) => this.enter(event));
        wall.addEventListener('wheel', (event) => this.wheel(event), { passive: false });
    }

    /** While measuring, distances show from the selection to what is under the pointer. */
    measure(on: boolean): void {
        this.held = on;
        if (!on) this.overlay.snapped([]);
        else if (this.pointer && !this.drag) this.look(this.pointer);
    }

    /** Cancels the gesture under way; true when there was one. */
    cancel(): boolean {
        if (!this.drag) return false;
        this.drag.cancel?.();
        this.finish();
        return true;
    }

    get isUnderWay(): boolean {
        return this.drag !== null;
    }

    /** Resolves when nothing is under way. */
    async rest(): Promise<void> {
        while (this.drag) await new Promise<void>((go) => this.resting.push(go));
    }

    /** The screen under a place on the wall, the uppermost first; '' on the bare wall. */
    screenAt(p: Point): string {
        const found = this.picture.screens().reverse().find((screen) => contains(this.picture.screenBox(screen.dataset['screen']!), p));
        return found?.dataset['screen'] ?? '';
    }

    /** The screen under a place on the wall, or one whose edge is so near that a hand means it. */
    screenNear(p: Point): string {
        const near = EDGE / this.camera.scale;
        const at = this.screenAt(p);
        return at !== '' ? at : this.picture.screens().map((screen) => screen.dataset['screen']!).findLast((id) => {
            const { x, y, width, height } = this.picture.screenBox(id);
            return contains({ x: x - near, y: y - near, width: width + 2 * near, height: height + 2 * near }, p);
        }) ?? '';
    }

    /** Two fingers pan and zoom, whatever the tool. */
    private pinch(event: PointerEvent): void {
        const before = this.fingers.get(event.pointerId);
        if (!before) return;
        this.fingers.set(event.pointerId, event);
        if (this.fingers.size !== 2) return;
        const other = [...this.fingers.values()].find(({ pointerId }) => pointerId !== event.pointerId)!;
        const apart = (one: PointerEvent): number => Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
        this.camera.panBy((event.clientX - before.clientX) / 2, (event.clientY - before.clientY) / 2);
        this.camera.zoom(apart(event) / Math.max(1, apart(before)), { clientX: (event.clientX + other.clientX) / 2, clientY: (event.clientY + other.clientY) / 2 });
    }

    private down(event: PointerEvent): void {
        if (event.pointerType === 'touch') this.fingers.set(event.pointerId, event);
        if (this.fingers.size > 1) return void this.cancel();
        let target = event.target as Element;
        if (target.closest('.still')) {
            this.makers.over(this.screenAt(this.camera.toWall(event)), true);
            target = document.elementFromPoint(event.clientX, event.clientY) ?? target;
        }
        if (this.drag || target.closest('#writing, input, a, button:not(.screen-name)')) return;
        if (event.button === 1 || (event.button === 0 && (this.space || (this.reading && event.pointerType === 'touch' && this.tool === 'pick')))) this.begin(event, this.pan(event));
        else if (event.button === 0) {
            this.onMark = this.tool === 'pick' && target.closest('[data-handle], [data-turn], [data-knot], [data-space]') !== null;
            this.begin(event, this.drags(event, target));
        }
    }

    private drags(event: PointerEvent, target: Element): Drag | null {
        const handle = target.getAttribute('data-handle') as Handle | null;
        const turn = target.getAttribute('data-turn');
        const knot = target.closest('[data-knot]')?.getAttribute('data-knot');
        const at = this.camera.toWall(event);
        if (this.tool === 'curve') return this.makers.curve.press(event);
        if (this.tool === 'draw') return this.makers.draw(event);
        const gradient = this.makers.gradient(event);
        if (gradient) return gradient;
        const inside = this.makers.inside.active ? this.makers.inside.press(event) : null;
        if (inside) return inside;
        const space = target.closest('[data-space]')?.getAttribute('data-space');
        const ruler = target.getAttribute('data-ruler');
        const guide = target.getAttribute('data-guide')?.split(' ');
        // Out of the upper ruler comes a level guide, out of the one at the side an upright one.
        if (ruler) return this.makers.ruler(ruler === 'x' ? 'y' : 'x');
        if (guide) return this.makers.guide(guide[0]!, guide[1] as 'x' | 'y', Number(guide[2]));
        const edge = target.getAttribute('data-mask-edge');
        if (edge) {
            this.selection.pick([edge], this.selection.screen);
            return this.moveLayers(at, () => undefined);
        }
        if (knot) return this.pull(this.picture.layer(knot)!);
        if (space) {
            const stack = this.selection.elements()[0]!;
            return spacingOut(this.desk, stack, spaces(this.picture, stack)[Number(space)]!, at);
        }
        if (handle && this.selection.screens.length === 1) return this.resizeScreen(handle, at);
        if (handle) return resizing(this.desk, handle, at);
        if (turn) return turning(this.desk, at);
        if (isShape(this.tool)) return this.shape(this.tool, at);
        switch (this.tool) {
            case 'words': return this.place(at, (screen, box) => this.makers.words(screen, box, box.width < SLACK ? null : box.width));
            case 'icon': return this.place(at, (screen, box) => this.makers.icon(screen, box, Math.max(box.width, box.height) < SLACK ? null : Math.max(box.width, box.height)));
            case 'widget': return this.place(at, (screen, box) => this.makers.widget(screen, box));
            case 'note': {
                const layer = this.selection.target(target);
                return this.place(at, (screen, box) => this.makers.note(screen, box, layer));
            }
            case 'thread': {
                const layer = this.selection.target(target);
                return layer ? this.pull(layer) : null;
            }
            default: return this.pick(event, target, at);
        }
    }

    private pick(event: PointerEvent, target: Element, at: Point): Drag {
        const name = target.closest<HTMLElement>('.screen-name') ?? this.nameless(target);
        if (name) {
            const id = name.closest<HTMLElement>('.screen')!.dataset['screen']!;
            const already = this.selection.screens.includes(id);
            if (event.shiftKey) this.selection.toggleScreen(id);
            else if (!already) this.selection.pickScreens([id]);
            return this.moveScreens(at);
        }
        // With Ctrl the innermost is picked; but what is selected can be dragged with Ctrl too, without snapping.
        const deep = event.ctrlKey || event.metaKey;
        const outer = this.selection.target(target);
        const layer = deep && outer && !this.selection.layers.includes(outer.dataset['layer']!) ? this.selection.target(target, true) : outer;
        // A container that is selected is solid: it is taken hold of between its layers too.
        const solid = layer ? null : this.selection.elements().find((one) => one.matches(CONTAINER) && this.picture.holds(one, at));
        if (solid && !event.shiftKey) {
            const clear = (): void => {
                // A hole in a compound is a place in it.
                if (solid.matches('[data-kind=compound]')) return;
                this.selection.screen = this.screenAt(at);
                this.selection.clear();
            };
            return this.moveLayers(at, clear);
        }
        if (!layer) {
            if (!event.shiftKey) {
                const screen = this.screenAt(at);
                this.selection.screen = screen;
                this.selection.clear();
            }
            return this.marquee(at, event.shiftKey);
        }
        const id = layer.dataset['layer']!;
        const screen = this.picture.screenOf(layer);
        const already = this.selection.layers.includes(id);
        // With Shift a layer that is selected is let go, but only by a press that does not drag.
        if (event.shiftKey && !already) this.selection.toggle(id, screen);
        else if (!already) this.selection.pick([id], screen);
        const inner = deep ? this.selection.target(target, true)!.dataset['layer']! : id;
        return this.moveLayers(at, already ? () => (event.shiftKey ? this.selection.toggle(id, screen) : this.selection.pick([inner], screen)) : () => undefined);
    }

    /** A screen too small on the wall to show its name or to pick its layers: a press takes the whole screen. */
    private nameless(target: Element): HTMLElement | null {
        return target.closest('.screen')?.querySelector<HTMLElement>(':scope > .screen-name[hidden]') ?? null;
    }

    /**
     * Follows the pointer with every selected layer; the picture itself moves, the server hears of it at the end. With Alt, at
     * any moment of it, copies follow and the originals stay.
     *
     * @param still what a press that does not drag means
     */
    private moveLayers(from: Point, still: () => void): Drag {
        const layers = this.below ? this.withBelow() : this.selection.elements().filter((layer) => !layer.hasAttribute('data-locked'));
        const [below, selected] = [this.below, this.selection.layers];
        const starts = layers.map((layer) => ({ id: layer.dataset['layer']!, layer, transform: layer.getAttribute('transform') ?? '', box: this.picture.box(layer), data: layer.getAttribute('data-box') ?? '', matrix: this.picture.parentMatrix(layer) }));
        const screen = this.selection.screen;
        let by: Point = { x: 0, y: 0 };
        let slot: Slot | null = null;
        let copies: SVGElement[] | null = null;
        const moving = new Set(layers.map((layer) => layer.dataset['layer']!));
        const laid = layers.some((layer) => laidBy(layer) !== null);
        const bounds = this.selection.bounds();
        const snapping = this.desk.snapping(screen, layers[0] ? this.picture.parentOf(layers[0]) : null, layers.map((layer) => layer.dataset['layer']!));
        const back = (): void => starts.forEach(({ layer, transform, data }) => {
            layer.setAttribute('transform', transform);
            layer.setAttribute('data-box', data);
        });
        const drop = (): void => {
            copies?.forEach((copy) => copy.remove());
            copies = null;
        };
        let settle: (() => void) | null = null;
        // A compound shows what it would come to while its parts are dragged.
        const compound = layers[0] ? compoundOf(layers[0]) : null;
        const before = compound?.cloneNode(true) as SVGGElement | undefined;
        const reflow = compound ? new Reflow(this.server, this.picture, () => this.overlay.showSelection()) : null;
        const undone = (): void => {
            reflow?.stop();
            if (before) this.picture.layer(before.dataset['layer']!)?.replaceWith(before.cloneNode(true));
            else back();
        };
        const commands = (): Command[] => {
            const groups = new Map<string, { ids: string[]; by: Point }>();
            for (const { id, matrix } of starts) {
                const d = unturn(matrix, by);
                const key = `${d.x} ${d.y}`;
                const group = groups.get(key) ?? { ids: [], by: d };
                group.ids.push(id);
                groups.set(key, group);
            }
            return [...groups.values()].map((group): Command => ({ type: 'move-layers', screen: screen || null, layers: group.ids, dx: group.by.x, dy: group.by.y }));
        };
        return {
            move: (event) => {
                settle ??= this.picture.lift(screen, layers);
                const copying = event.altKey && !below;
                const at = this.camera.toWall(event);
                const straight = below ? 'y' : event.shiftKey ? (Math.abs(at.x - from.x) > Math.abs(at.y - from.y) ? 'x' : 'y') : null;
                const raw = { x: straight === 'y' ? 0 : at.x - from.x, y: straight === 'x' ? 0 : at.y - from.y };
                by = { x: Math.round(raw.x), y: Math.round(raw.y) };
                if (bounds && !free(event)) {
                    const { box, marks } = snapping.move({ ...bounds, x: bounds.x + raw.x, y: bounds.y + raw.y }, copying ? bounds : null);
                    by = { x: straight === 'y' ? 0 : thousandth(box.x - bounds.x), y: straight === 'x' ? 0 : thousandth(box.y - bounds.y) };
                    this.overlay.snapped(straight === null ? marks : marks.filter(({ axis }) => axis === straight));
                } else this.overlay.snapped([]);
                if (copying && !copies) {
                    undone();
                    copies = starts.flatMap(({ id }) => this.picture.layer(id) ?? []).map((layer) => this.picture.ghost(layer));
                } else if (!copying) drop();
                if (reflow && !copies) {
                    for (const { id, box, matrix } of starts) {
                        const d = unturn(matrix, by);
                        const layer = this.picture.layer(id);
                        if (layer) reflow.follow(layer, { ...box, x: box.x + d.x, y: box.y + d.y });
                    }
                    reflow.ask(...commands());
                } else starts.forEach(({ layer, transform, box, matrix }, i) => {
                    const d = unturn(matrix, by);
                    (copies?.[i] ?? layer).setAttribute('transform', `translate(${d.x} ${d.y})${transform}`);
                    if (!copies) layer.setAttribute('data-box', `${box.x + d.x} ${box.y + d.y} ${box.width} ${box.height} ${box.rotation}`);
                });
                this.overlay.showSelection();
                this.overlay.hover(copies && bounds ? { ...bounds, x: bounds.x + by.x, y: bounds.y + by.y } : null);
                slot = free(event) || copying || below ? null : slotAt(this.picture, this.picture.rootOf(this.screenAt(at)), at, moving);
                if (!copies) this.overlay.slot(slot);
                if (slot) this.overlay.snapped([]);
                const first = starts[0];
                if (first) {
                    const d = unturn(first.matrix, by);
                    this.overlay.say(`${short(first.box.x + d.x)}, ${short(first.box.y + d.y)}`, event);
                }
            },
            cancel: () => {
                settle?.();
                drop();
                undone();
            },
            end: (event, moved) => {
                settle?.();
                if (!moved) return still();
                reflow?.stop();
                if (layers.length === 0 || (by.x === 0 && by.y === 0)) {
                    drop();
                    return undone();
                }
                const to = this.screenAt(this.camera.toWall(event));
                if (copies) {
                    // They stay where they were let go until the real ones are there.
                    void this.duplicate(by.x, by.y, false, to).then(drop);
                } else if (slot && to === screen) {
                    void this.server.edit({ type: 'reorder-layers', screen: screen || null, parent: slot.stack, layers: [...moving], above: slot.above })
                        .then((answer) => { if (!answer || answer.patches.length === 0) undone(); this.overlay.show(); });
                } else if (laid && to === screen) {
                    this.takeOut(screen, layers, by, back);
                } else if (below) {
                    void this.moveSection(screen, selected, by.y).then((done) => { if (!done) back(); this.overlay.show(); });
                } else if (to !== screen && this.selection.group === null && this.selection.across.length === 0) {
                    this.transfer(screen, to, by);
                } else {
                    void this.server.edit(...commands()).then((answer) => { if (!answer || (compound && answer.patches.length === 0)) undone(); this.overlay.show(); });
                }
            },
        };
    }

    /** Out of their stack, onto the screen: right above the outermost layer around them. */
    private takeOut(screen: string, layers: SVGGElement[], by: Point, back: () => void): void {
        let outermost: SVGElement = layers[0]!;
        for (let around = this.picture.parentOf(outermost); around !== null; around = this.picture.parentOf(outermost)) outermost = this.picture.layer(around)!;
        const ids = layers.map((layer) => layer.dataset['layer']!);
        const on = { screen: screen || null, layers: ids };
        void this.server.edit({ type: 'reorder-layers', ...on, parent: null, above: outermost.dataset['layer'] }, { type: 'move-layers', ...on, dx: by.x, dy: by.y }).then((answer) => {
            if (answer) this.selection.pick(ids, screen);
            else back();
        });
    }

    /** The selection and every sibling that begins below its top, in drawing order: what `move-section` moves. */
    withBelow(): SVGGElement[] {
        const own = this.selection.elements();
        const [first] = own;
        if (!first) return [];
        const top = Math.min(...own.map((layer) => this.picture.bounds(layer).y));
        return layersIn(first.parentElement, ':not([data-locked])')
            .filter((layer) => own.includes(layer) || this.picture.bounds(layer).y >= top - 0.5);
    }

    /** Moves layers with all below them. */
    async moveSection(screen: string, layers: string[], dy: number): Promise<boolean> {
        return (await this.server.edit({ type: 'move-section', screen: screen || null, layers, dy })) !== null;
    }

    /**
     * Copies the selection. What was copied last and is still selected is copied again as far from itself as it lies
     * from its original by now.
     */
    async duplicate(dx: number, dy: number, again = false, to: string | null = null): Promise<void> {
        const { layers, screen, group } = this.selection;
        const start = this.selection.bounds();
        if (again && start && this.copied && layers.length > 0 && layers.join() === this.copied.layers) {
            [dx, dy] = [thousandth(start.x - this.copied.from.x), thousandth(start.y - this.copied.from.y)];
        }
        const elsewhere = to !== null && to !== screen && group === null && this.selection.across.length === 0;
        const [a, b] = [this.picture.screenBox(screen), this.picture.screenBox(to ?? screen)];
        const select = this.selection.later();
        const answer = await this.server.edit(elsewhere
            ? { type: 'duplicate-layers', screen: screen || null, elsewhere, to: to || null, layers, seed: fresh(), dx: dx + a.x - b.x, dy: dy + a.y - b.y }
            : { type: 'duplicate-layers', screen: screen || null, parent: group, layers, seed: fresh(), dx, dy });
        select(() => {
            if (!answer || answer.added.length === 0) return;
            this.copied = start && { layers: answer.added.join(), from: start };
            this.selection.pick(answer.added, elsewhere ? to : screen);
        });
    }

    private transfer(from: string, to: string, by: Point): void {
        const [a, b] = [this.picture.screenBox(from), this.picture.screenBox(to)];
        const layers = this.selection.layers;
        const select = this.selection.later();
        void this.server.edit({
            type: 'transfer-layers', screen: from || null, to: to || null, layers, dx: by.x + a.x - b.x, dy: by.y + a.y - b.y,
        }).then((answer) => select(() => answer && this.selection.pick(layers, to)));
    }

    private moveScreens(from: Point): Drag {
        const starts = this.selection.screens.map((id) => ({ id, element: this.picture.screen(id)!, box: this.picture.screenBox(id) }));
        let by: Point = { x: 0, y: 0 };
        const bounds = around(starts.flatMap(({ box }) => corners(box)));
        const snapping = this.desk.snapping('', null, starts.map(({ id }) => id));
        const show = (d: Point): void => starts.forEach(({ element, box }) => {
            element.dataset['box'] = `${box.x + d.x} ${box.y + d.y} ${box.width} ${box.height}`;
            Object.assign(element.style, { left: `${box.x + d.x}px`, top: `${box.y + d.y}px` });
        });
        return {
            move: (event) => {
                const at = this.camera.toWall(event);
                const straight = event.shiftKey ? (Math.abs(at.x - from.x) > Math.abs(at.y - from.y) ? 'x' : 'y') : null;
                const raw = { x: straight === 'y' ? 0 : at.x - from.x, y: straight === 'x' ? 0 : at.y - from.y };
                by = { x: Math.round(raw.x), y: Math.round(raw.y) };
                if (!free(event)) {
                    const { box, marks } = snapping.move({ ...bounds, x: bounds.x + raw.x, y: bounds.y + raw.y });
                    by = { x: straight === 'y' ? 0 : Math.round(box.x - bounds.x), y: straight === 'x' ? 0 : Math.round(box.y - bounds.y) };
                    this.overlay.snapped(straight === null ? marks : marks.filter(({ axis }) => axis === straight));
                } else this.overlay.snapped([]);
                show(by);
                this.overlay.follow();
                const first = starts[0]?.box;
                if (first) this.overlay.say(`${short(first.x + by.x)}, ${short(first.y + by.y)}`, event);
            },
            cancel: () => show({ x: 0, y: 0 }),
            end: (_, moved) => {
                if (moved && (by.x !== 0 || by.y !== 0)) void this.server.edit({ type: 'move-screens', screens: starts.map((s) => s.id), dx: by.x, dy: by.y });
            },
        };
    }

    private resizeScreen(handle: Handle, from: Point): Drag {
        const id = this.selection.screens[0]!;
        const box = this.picture.screenBox(id);
        let now = box;
        return {
            move: (event) => {
                const at = this.camera.toWall(event);
                now = resized(box, 0, { handle, keep: false, centre: false }, { x: at.x - from.x, y: at.y - from.y });
                this.overlay.hover(now);
                this.overlay.say(`${short(now.width)} × ${short(now.height)}`, event);
            },
            end: (_, moved) => {
                const set = (field: string, value: number): Command => ({ type: 'set-screen-field', screen: id, field, value: String(value) });
                const commands = [
                    ...(now.width !== box.width ? [set('width', now.width)] : []),
                    ...(now.height !== box.height ? [set('height', now.height)] : []),
                ];
                if (moved && commands.length > 0) void this.server.edit(...commands);
            },
        };
    }

    private shape(kind: Shape, from: Point): Drag {
        const screen = this.screenNear(from);
        const snapping = this.desk.snapping(screen, null, []);
        const frame = this.picture.screenBox(screen);
        // Begun beside a screen that it is meant for, it begins at the edge of that.
        const start = screen === this.screenAt(from) ? { x: Math.round(from.x), y: Math.round(from.y) } : { x: within(Math.round(from.x), frame.x, frame.x + frame.width), y: within(Math.round(from.y), frame.y, frame.y + frame.height) };
        let a = start;
        let b = start;
        return {
            move: (event) => {
                const at = this.camera.toWall(event);
                a = start;
                b = { x: Math.round(at.x), y: Math.round(at.y) };
                if (event.shiftKey) b = even(kind, a, b);
                else if (!free(event)) {
                    const point = { ...at, width: 0, height: 0 };
                    const near = snapping.edges(point, { x: 0, y: 0 });
                    if (near.x !== 0) b.x = at.x + near.x;
                    if (near.y !== 0) b.y = at.y + near.y;
                    this.overlay.snapped(snapping.edgeMarks({ ...b, width: 0, height: 0 }, { x: 0, y: 0 }));
                }
                if (event.altKey) a = { x: 2 * start.x - b.x, y: 2 * start.y - b.y };
                this.overlay.rubber(a, b, kind);
                this.overlay.say(`${short(Math.abs(b.x - a.x))} × ${short(Math.abs(b.y - a.y))}`, event);
            },
            end: (_, moved) => {
                if (!moved) b = { x: a.x + usualSize(kind).width, y: a.y + usualSize(kind).height };
                const box = around([a, b]);
                if (kind !== 'line' && (box.width < 1 || box.height < 1)) return;
                const on = this.meantFor(screen, [a, b]);
                const origin = this.picture.screenBox(on);
                void this.create(on, freshShape(kind, { ...box, x: box.x - origin.x, y: box.y - origin.y }, (b.x - a.x) * (b.y - a.y) < 0, this.groundAt({ x: box.x + box.width / 2, y: box.y + box.height / 2 })));
            },
        };
    }

    /** The colour that is painted at a place of the wall. */
    groundAt(point: Point): string | null {
        const [{ x, y }, { left, top }] = [this.camera.toView(point), this.wall.getBoundingClientRect()];
        const painted = document.elementsFromPoint(left + x, top + y).filter((one) => one.closest('.stage')).map((one) => one.getAttribute('fill'));
        return painted.find((fill) => fill !== null && fill !== 'none') ?? null;
    }

    /** The screen that what is drawn is meant for: the one that it was begun on, or one that it lies on in the end, for under that nobody would see it. */
    meantFor(screen: string, points: Point[]): string {
        const { x, y, width, height } = around(points);
        return screen || this.screenAt({ x: x + width / 2, y: y + height / 2 });
    }

    /** Adds one layer on top of its screen, selects it and takes the picking tool in hand again; where `docked`, it goes where the bars of the screen let it. */
    async create(screen: string, layer: Record<string, unknown>, docked = false): Promise<void> {
        this.makers.done();
        const entered = this.entered(screen, layer);
        const select = this.selection.later();
        const answer = await this.server.edit({ type: 'create-layers', screen: screen || null, layers: [layer], ...entered, ...(docked ? { docked } : {}), seed: fresh() });
        select(() => answer && answer.added.length > 0 && this.selection.pick(answer.added, screen));
    }

    /**
     * What begins inside the container that has been entered goes into it, its place being given there. An array
     * has one design only, so what begins in one of its cells goes into the design.
     */
    private entered(screen: string, layer: Record<string, unknown>): { parent?: string; layers?: Record<string, unknown>[] } {
        const group = this.selection.group === null ? null : this.picture.layer(this.selection.group);
        if (!group || this.picture.screenOf(group) !== screen) return {};
        const origin = this.picture.screenBox(screen);
        const corner = { x: origin.x + Number(layer['x']), y: origin.y + Number(layer['y']) };
        const rooms = group.matches('[data-kind=array]') ? [...group.querySelectorAll<SVGElement>(':scope > :is([data-kind=group], [data-kind=stack])')] : [group];
        for (const room of rooms) {
            const own = unapply(this.picture.matrix(room), corner);
            const { width, height } = this.picture.box(room);
            if (contains({ x: 0, y: 0, width, height }, own)) return { parent: room.dataset['layer']!, layers: [{ ...layer, x: thousandth(own.x), y: thousandth(own.y) }] };
        }
        return {};
    }

    /** What is placed with a press, or drawn to a size, comes to rest as what is drawn does. */
    private place(from: Point, make: (screen: string, box: Box) => void): Drag {
        const screen = this.screenAt(from);
        const snapping = this.desk.snapping(screen, null, []);
        let to = from;
        return {
            move: (event) => {
                to = this.camera.toWall(event);
                if (!free(event)) {
                    const near = snapping.edges({ ...to, width: 0, height: 0 }, { x: 0, y: 0 });
                    to = { x: to.x + near.x, y: to.y + near.y };
                    this.overlay.snapped(snapping.edgeMarks({ ...to, width: 0, height: 0 }, { x: 0, y: 0 }));
                } else this.overlay.snapped([]);
                this.overlay.rubber(from, to, 'box');
                this.overlay.say(`${short(Math.round(Math.abs(to.x - from.x)))} × ${short(Math.round(Math.abs(to.y - from.y)))}`, event);
            },
            end: (_, moved) => {
                const origin = this.picture.screenBox(screen);
                const box = moved ? around([from, to]) : { ...from, width: 0, height: 0 };
                make(screen, { x: Math.round(box.x - origin.x), y: Math.round(box.y - origin.y), width: Math.round(box.width), height: Math.round(box.height) });
            },
        };
    }

    /** Draws a thread from a layer to the screen under the pointer. */
    private pull(layer: Element): Drag {
        const from = this.overlay.knotOf(layer);
        const own = this.picture.screenOf(layer);
        const reached = (event: PointerEvent): string | null => {
            const id = this.screenAt(this.camera.toWall(event));
            return id !== '' && id !== own ? id : null;
        };
        const ways = new Map<string, string>();
        const way = (target: string): string => ways.get(target) ?? ways.set(target, this.makers.thread(layer, target)).get(target)!;
        return {
            move: (event) => {
                const target = reached(event);
                if (target) this.overlay.reach(target, way(target));
                else this.overlay.pull(from, this.camera.inView(event));
            },
            end: (event, moved) => {
                const target = moved ? reached(event) : null;
                if (!target) return;
                const id = layer.getAttribute('data-layer')!;
                this.selection.pick([id], own);
                void this.server.edit({
                    type: 'put-cue', screen: own, layer: id,
                    cue: { id: fresh(), trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: target }] },
                }).then(() => this.makers.linked());
            },
        };
    }

    /** One that begins on the wall takes screens, or what lies loose; one that begins on a screen takes layers, of other screens too. */
    private marquee(from: Point, adding: boolean): Drag {
        const before = adding ? this.selection.layers : [];
        const own = this.screenAt(from);
        const touched = (screen: string, box: Box): string[] => layersIn(this.picture.rootOf(screen))
            .filter((layer) => !layer.hasAttribute('data-locked') && layer.getAttribute('display') !== 'none' && overlaps(this.picture.bounds(layer), box))
            .map((layer) => layer.dataset['layer']!);
        return {
            move: (event) => {
                const to = this.camera.toWall(event);
                this.overlay.rubber(from, to, 'marquee');
            },
            end: (event, moved) => {
                if (!moved) return;
                const box = around([from, this.camera.toWall(event)]);
                const screens = this.picture.screens().map((screen) => screen.dataset['screen']!).filter((id) => overlaps(this.picture.screenBox(id), box));
                const found = (own === '' ? [''] : screens).flatMap((screen) => touched(screen, box));
                if (own === '' && found.length === 0 && screens.length > 0) this.selection.pickScreens([...new Set([...(adding ? this.selection.screens : []), ...screens])]);
                else this.selection.pick([...new Set([...before, ...found])], own);
            },
        };
    }

    private pan(from: PointerEvent): Drag {
        let last = { x: from.clientX, y: from.clientY };
        return {
            move: (event) => {
                this.camera.panBy(event.clientX - last.x, event.clientY - last.y);
                last = { x: event.clientX, y: event.clientY };
            },
            // A finger that does not pan picks, where there is no room to edit too.
            end: (event, moved) => {
                if (!moved && this.reading) this.pickUnder(event);
            },
        };
    }

    private begin(event: PointerEvent, drag: Drag | null): void {
        event.preventDefault();
        (document.activeElement as HTMLElement | null)?.blur();
        if (!drag) return;
        this.drag = drag;
        this.started = event;
        this.moved = false;
        this.wall.setPointerCapture(event.pointerId);
    }

    private move(event: PointerEvent): void {
        if (!this.drag || !this.started) return this.look(event);
        if (!this.moved && !isDrag(this.started, event)) return;
        this.moved = true;
        this.pointer = event;
        this.drag.move(event);
    }

    /** What is known has changed, though the pointer has not moved. */
    private again(): void {
        if (this.drag && this.moved && this.pointer) this.drag.move(this.pointer);
    }

    private up(event: PointerEvent): void {
        const drag = this.drag;
        if (!drag) return;
        const moved = this.moved;
        const yields = this.onMark && !moved;
        this.finish();
        if (yields) this.pickUnder(event);
        else drag.end(event, moved);
    }

    /** A press on a mark of the selection that does not drag picks what is drawn there. */
    private pickUnder(event: PointerEvent): void {
        const under = document.elementsFromPoint(event.clientX, event.clientY).find((element) => element.closest('.stage [data-layer], .screen-name'));
        if (under) this.pick(event, under, this.camera.toWall(event)).end(event, false);
    }

    private finish(): void {
        this.drag = null;
        for (const go of this.resting.splice(0)) go();
        this.started = null;
        this.overlay.clearLive();
        this.overlay.show();
    }

    /** Shows what a press would pick. */
    private look(event: PointerEvent): void {
        this.pointer = event;
        if (this.held) return this.compare(event);
        if (this.tool === 'curve') this.makers.curve.hover(event);
        this.makers.over(this.screenAt(this.camera.toWall(event)), false);
        const said = this.tool === 'pick' ? this.makers.threadAt(this.camera.toWall(event)) : null;
        if (said) this.overlay.say(said, event);
        else if (this.saying) this.overlay.clearLive();
        this.saying = said !== null;
        const nameless = this.tool === 'pick' ? this.nameless(event.target as Element) : null;
        if (nameless) return this.overlay.hover(this.picture.screenBox(nameless.parentElement!.dataset['screen']!));
        const layer = this.tool === 'pick' || this.tool === 'thread' ? this.selection.target(event.target as Element, this.tool === 'pick' && (event.ctrlKey || event.metaKey)) : null;
        if (!layer || this.selection.layers.includes(layer.dataset['layer']!)) return this.overlay.hover(null);
        const { width, height } = this.picture.box(layer);
        this.overlay.hover({ x: 0, y: 0, width, height }, this.picture.matrix(layer));
    }

    /** From the selection to the layer under the pointer, locked or not, and to the edges of the screen where there is none. */
    private compare(event: PointerEvent): void {
        const from = this.selection.bounds();
        const hit = document.elementsFromPoint(event.clientX, event.clientY).find((element) => element.closest('.stage [data-layer]'));
        const layer = hit ? this.selection.target(hit) : null;
        const own = layer && this.selection.layers.includes(layer.dataset['layer']!);
        const screen = this.screenAt(this.camera.toWall(event)) || this.selection.screen;
        const to = layer && !own ? this.picture.bounds(layer) : screen === '' ? null : this.picture.screenBox(screen);
        this.overlay.hover(to);
        this.overlay.snapped(from && to ? distances(from, to) : []);
    }

    /** A double press on words writes them, however deep they lie; else it goes into a group, or into what a widget shows. */
    private enter(event: MouseEvent): void {
        if (this.tool !== 'pick' || (event.target as Element).closest('#writing') || this.makers.path.active) return;
        // The press has captured the pointer: what it was on is asked for by its place.
        const name = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('.screen-name');
        if (name) return this.makers.rename(name);
        const under = document.elementsFromPoint(event.clientX, event.clientY).find((element) => element.closest('.stage [data-layer]'));
        // A compound that is selected is entered through its holes, too.
        const layer = (under ? this.selection.target(under) : null) ?? this.selection.elements().find((one) => one.matches('[data-kind=compound]') && this.picture.holds(one, this.camera.toWall(event)));
        if (!layer) return;
        const innermost = under ? this.selection.target(under, true) : null;
        const words = innermost?.dataset['kind'] === 'text' && !compoundOf(innermost) ? innermost : layer;
        if (['text', 'widget'].includes(words.dataset['kind'] ?? '')) return this.makers.edit(words, this.camera.toWall(event));
        if (layer.dataset['kind'] === 'chart') return void openSheet(layer);
        if (layer.matches('[data-picture]') && this.makers.inside.enter(layer)) return;
        if (!layer.matches(CONTAINER)) return void (this.makers.paint() || this.makers.path.enter(layer));
        this.selection.group = layer.dataset['layer']!;
        // What a compound paints is no part: the uppermost there is meant.
        const parts = layer.matches('[data-kind=compound]') ? layersIn(layer).reverse() : [];
        let hit = under ? this.selection.target(under) : null;
        // The group that holds a component together is as large as its instance: what lies in it is meant.
        if (under && hit?.matches('[data-kind=instance] > [data-kind=group]')) {
            this.selection.group = hit.dataset['layer']!;
            hit = this.selection.target(under);
        }
        const inner = parts.length === 0 || (hit && parts.includes(hit as SVGGElement)) ? hit : parts.find((part) => this.picture.holds(part, this.camera.toWall(event))) ?? parts[0];
        if (inner) this.selection.pick([inner.dataset['layer']!], this.picture.screenOf(inner));
    }

    private wheel(event: WheelEvent): void {
        event.preventDefault();
        const unit = event.deltaMode === 1 ? 16 : 1;
        if (this.makers.inside.active && !event.ctrlKey && !event.metaKey && this.makers.inside.wheel(event)) return;
        if (event.ctrlKey || event.metaKey) this.camera.zoom(Math.exp(-event.deltaY * unit * 0.0022), event);
        else if (event.shiftKey) this.camera.panBy(-(event.deltaY + event.deltaX) * unit, 0);
        else this.camera.panBy(-event.deltaX * unit, -event.deltaY * unit);
    }
}

const thousandth = (n: number): number => Math.round(n * 1000) / 1000;

/** Shift: a square, a circle, or a line at a multiple of 45°. */
function even(kind: string, a: Point, b: Point): Point {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    if (kind === 'line') {
        const angle = (Math.round(Math.atan2(dy, dx) / (Math.PI / 4)) * Math.PI) / 4;
        const length = Math.hypot(dx, dy);
        return { x: Math.round(a.x + Math.cos(angle) * length), y: Math.round(a.y + Math.sin(angle) * length) };
    }
    const side = Math.max(Math.abs(dx), Math.abs(dy));
    return { x: a.x + Math.sign(dx || 1) * side, y: a.y + Math.sign(dy || 1) * side };
}
