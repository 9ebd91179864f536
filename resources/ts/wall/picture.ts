/** The picture on the wall: finds layers in it, reads where they lie, and puts patches into it. */
import { copiesOf } from './address.ts';
import { apply, around, contains, corners, IDENTITY, multiply, placed, unapply, type Box, type Matrix, type Place, type Point } from './geometry.ts';
import type { CellsPatch, Patch } from './messages.ts';

/** From this many layers on, a screen is too full to be repainted in every frame. */
const FULL = 2500;
/** So many layers with shadows, blur or masks cost as much. */
const HEAVY = 60;

/** `over`: what it brings is laid over. */
export interface Thread { id: string; target: string; said: string; over: boolean }

/** A layer's own elements, without those of layers in it. */
export const own = (layer: Element): Element[] => [layer, ...[...layer.children].filter((child) => !child.hasAttribute('data-layer')).flatMap((child) => child.hasAttribute('data-inside') ? own(child) : [child, ...child.querySelectorAll('*')])];

/** What the layers in a layer lie in: where some of them mask the others, an element of their own. */
export const inside = (layer: Element): Element => layer.querySelector(':scope > [data-inside]') ?? layer;

/** The layers right in another, or right in a place, in drawing order; only those that match. */
export const layersIn = (place: Element | null | undefined, matching = '*'): SVGGElement[] => place ? [...inside(place).querySelectorAll<SVGGElement>(':scope > [data-layer]')].filter((layer) => layer.matches(matching)) : [];

/** The outermost layer of a kind around another. */
export function outermost(layer: Element, kinds: string): SVGGElement | null {
    const around = layer.parentElement?.closest<SVGGElement>(kinds) ?? null;
    return around && (outermost(around, kinds) ?? around);
}

/** The outermost compound that a layer is a part of. */
export const compoundOf = (layer: Element): SVGGElement | null => outermost(layer, '[data-kind=compound]');

/** From so many patches on all layers are looked through once. */
const MANY = 20;

/** Layers carry ids that are unique in a project; '' stands for the wall itself, where loose layers lie. */
export class Picture {
    /* Looking through all of a large wall takes longer than a frame has: what was found is kept. */
    private readonly found = new Map<string, SVGGElement>();
    private readonly counts = new Map<string, number>();
    private readonly frames = new Map<string, HTMLElement>();
    private owners: HTMLElement[] | null = null;
    private laid = new WeakMap<Element, SVGGElement[]>();

    constructor(readonly stage: HTMLElement) {
        for (const screen of stage.querySelectorAll<HTMLElement>(':scope > .screen')) {
            this.frames.set(screen.dataset['screen']!, screen);
            this.place(screen);
        }
    }

    screens(): HTMLElement[] {
        return [...this.frames.values()];
    }

    screen(id: string): HTMLElement | null {
        return this.frames.get(id) ?? null;
    }

    /**
     * While layers of a very full or heavily painted screen are dragged they lie in a picture of their own above it, for what moves in a picture
     * has all of it painted anew. Gives what puts them back.
     */
    lift(screen: string, layers: SVGGElement[]): () => void {
        const root = this.rootOf(screen);
        const heavy = root !== null && (this.count(screen) >= FULL || root.querySelectorAll('[filter], [mask]').length >= HEAVY);
        if (screen === '' || !root || !heavy || root.querySelector('.behind') || layers.some((layer) => layer.parentElement !== root)) return () => undefined;
        const lifted = root.cloneNode(false) as SVGElement;
        lifted.classList.add('lifted');
        const places = layers.map((layer) => [layer, layer.nextSibling] as const);
        lifted.append(...layers);
        root.after(lifted);
        return () => {
            for (const [layer, next] of places.reverse()) if (layer.parentNode === lifted) root.insertBefore(layer, next?.parentNode === root ? next : null);
            // What an edit of somebody else has put there meanwhile.
            root.append(...lifted.children);
            lifted.remove();
        };
    }

    /** Whether the layers of a screen have not been asked for yet, on a wall that is too large to be there at once. */
    isAbsent(screen: string): boolean {
        return this.screen(screen)?.hasAttribute('data-layers') ?? false;
    }

    /** How many layers lie on a screen, at every depth. */
    count(screen: string): number {
        if (this.isAbsent(screen)) return Number(this.screen(screen)!.dataset['layers']);
        let count = this.counts.get(screen);
        if (count === undefined) this.counts.set(screen, count = this.screen(screen)?.querySelectorAll('[data-layer]').length ?? 0);
        return count;
    }

    /** Layers and screens with cues. */
    withCues(): HTMLElement[] {
        return this.owners ??= [...this.stage.querySelectorAll<HTMLElement>('[data-cues]:not([data-cues=""])')];
    }

    /** Stacks and arrays in a place, in drawing order; what lies in the cells of an array is its own. */
    laying(root: Element): SVGGElement[] {
        let laying = this.laid.get(root);
        if (!laying) this.laid.set(root, laying = [...root.querySelectorAll<SVGGElement>('[data-stack], [data-array]')].filter((one) => !one.parentElement?.closest('[data-array]')));
        return laying;
    }

    /** Moves a screen ahead of the server. */
    shift(id: string, dx: number, dy: number): void {
        const screen = this.screen(id);
        if (!screen) return;
        const { x, y, width, height } = this.screenBox(id);
        screen.dataset['box'] = `${x + dx} ${y + dy} ${width} ${height}`;
        this.place(screen);
    }

    screenBox(id: string): Box {
        const box = this.screen(id)?.dataset['box'];
        if (!box) return { x: 0, y: 0, width: 0, height: 0 };
        const [x = 0, y = 0, width = 0, height = 0] = box.split(' ').map(Number);
        return { x, y, width, height };
    }

    layer(id: string): SVGGElement | null {
        const known = this.found.get(id);
        if (known?.isConnected) return known;
        // What lies in the cells of an array is drawn in each of them: the first stands for it.
        const layer = this.stage.querySelector<SVGGElement>(`[data-layer="${id}"]`) ?? this.stage.querySelector<SVGGElement>(`[data-layer^="${id}."]`);
        if (layer) this.found.set(id, layer);
        else this.found.delete(id);
        return layer;
    }

    /** The screen that holds a layer; '' for a loose one. */
    screenOf(layer: Element): string {
        return layer.closest<HTMLElement>('.screen')?.dataset['screen'] ?? '';
    }

    /** The sheet of the component in an instance of which a layer shows: there it is kept; null of all others. */
    sheetOf(layer: Element): string | null {
        return layer.parentElement?.closest<SVGElement>('[data-component]')?.dataset['component'] ?? null;
    }

    /** The outermost of what shows a layer in copies: an array, or an instance. */
    copiedBy(layer: Element): SVGElement | null {
        const around = layer.parentElement?.closest<SVGElement>('[data-array], [data-component]') ?? null;
        return around ? this.copiedBy(around) ?? around : null;
    }

    parentOf(layer: Element): string | null {
        return layer.parentElement?.closest<SVGElement>('[data-layer]')?.dataset['layer'] ?? null;
    }

    /** A layer's box in its parent, and its angle. */
    box(layer: Element): Place {
        const [x = 0, y = 0, width = 0, height = 0, rotation = 0] = (layer.getAttribute('data-box') ?? '').split(' ').map(Number);
        return { x, y, width, height, rotation };
    }

    /** From a layer's parent to the wall. */
    parentMatrix(layer: Element): Matrix {
        const parent = layer.parentElement?.closest('[data-layer]');
        if (parent) return this.matrix(parent);
        const { x, y } = this.screenBox(this.screenOf(layer));
        return { ...IDENTITY, e: x, f: y };
    }

    /** From a layer's own space, its corner at 0, 0, to the wall. */
    matrix(layer: Element): Matrix {
        const { rotation, ...box } = this.box(layer);
        return multiply(this.parentMatrix(layer), placed(box, rotation));
    }

    /** Whether a place on the wall lies in a layer's box. */
    holds(layer: Element, at: Point): boolean {
        const { width, height } = this.box(layer);
        return contains({ x: 0, y: 0, width, height }, unapply(this.matrix(layer), at));
    }

    /** A temporary picture of a layer, right in front of it, that is not part of the document. */
    ghost(layer: SVGElement): SVGElement {
        const ghost = layer.cloneNode(true) as SVGElement;
        for (const one of [ghost, ...ghost.querySelectorAll('[data-layer]')]) one.removeAttribute('data-layer');
        ghost.classList.add('ghost');
        layer.after(ghost);
        return ghost;
    }

    /** The upright box that a layer takes up on the wall. */
    bounds(layer: Element): Box {
        const { width, height } = this.box(layer);
        const m = this.matrix(layer);
        return around(corners({ x: 0, y: 0, width, height }).map((p) => apply(m, p)));
    }

    /** The same in px of the window: its box, without what it paints beside that. */
    onWindow(layer: SVGGraphicsElement): DOMRect {
        const { width, height } = this.box(layer);
        const to = layer.getScreenCTM();
        const points = corners({ x: 0, y: 0, width, height }).map(({ x, y }) => new DOMPoint(x, y).matrixTransform(to ?? undefined));
        const { x, y, width: wide, height: high } = around(points);
        return new DOMRect(x, y, wide, high);
    }

    threads(owner: Element): Thread[] {
        const said = new Map((owner.getAttribute('data-said') ?? '').split('\n').map((line): [string, string] => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)]));
        return (owner.getAttribute('data-cues') ?? '').split(' ').filter(Boolean).map((cue) => {
            const [id = '', target = ''] = cue.split('>');
            return { id, target, said: this.named(said.get(id) ?? ''), over: (said.get(id) ?? '').includes(`lay {${target}} over`) };
        });
    }

    /** Words in which screens stand as their ids in braces, with what they are called. */
    private named(words: string): string {
        return words.replace(/\{(\w+)\}/g, (_, id: string) => `“${this.screen(id)?.querySelector('.screen-name')?.textContent ?? 'a screen that is gone'}”`);
    }

    /** Changes the picture; says which screens changed and whether the reel has to be drawn anew. */
    patch(patches: Patch[]): { reel: boolean; screens: Set<string>; redraw: Set<string> } {
        let reel = false;
        const screens = new Set<string>();
        const redraw = new Set<string>();
        const touched = (patch: Patch): void => {
            const layer = patch.layer ? this.layer(patch.layer) : null;
            const screen = patch.layer ? (layer && this.screenOf(layer)) ?? patch.at : patch.screen;
            if (screen) screens.add(screen);
        };
        // To look for each of many takes longer than to go through all once.
        if (patches.length > MANY) for (const layer of this.stage.querySelectorAll<SVGGElement>('[data-layer]')) this.found.set(layer.dataset['layer']!, layer);
        const drawn = this.parsed(patches);
        for (const patch of patches) {
            touched(patch);
            if (patch.samples) continue;
            if (patch.reload) location.reload();
            else if (patch.project) {
                reel = true;
                this.stage.toggleAttribute('data-framed', patch.project.framed);
            }
            else if (patch.layer) this.patchLayer(patch, drawn.get(patch));
            else if (patch.screen) {
                this.patchScreen(patch);
                reel = true;
            }
            touched(patch);
            if (patch.redraw) for (const id of patch.screen ? [patch.screen] : this.frames.keys()) redraw.add(id);
        }
        this.owners = null;
        this.laid = new WeakMap();
        for (const screen of screens) this.counts.delete(screen);
        return { reel, screens, redraw };
    }

    /** What a screen is drawn in, without its grid and its frame. */
    drawing(id: string): SVGSVGElement | null {
        return this.screen(id)?.querySelector<SVGSVGElement>(':scope > svg:not(.grid)') ?? null;
    }

    /** A screen was drawn by other means: what is known of its elements is not true any more. */
    forget(): void {
        this.found.clear();
        this.owners = null;
        this.laid = new WeakMap();
        this.counts.clear();
    }

    /** Puts a whole picture in the place of a screen's. */
    replace(id: string, svg: string): void {
        const old = this.drawing(id);
        const drawn = this.parse(svg);
        old?.replaceChildren(...drawn.children);
        this.screen(id)?.removeAttribute('data-layers');
        this.counts.delete(id);
        this.owners = null;
        this.laid = new WeakMap();
    }

    /** The screens on which words have placeholders that are filled in. */
    withPlaceholders(): string[] {
        return [...new Set([...this.stage.querySelectorAll('.screen [data-placeholders]')].map((one) => this.screenOf(one)))];
    }

    /** Puts the words whose placeholders are filled in from a screen's picture into the place of those that are there. */
    refill(svg: string): void {
        for (const filled of this.parse(svg).querySelectorAll('[data-placeholders]')) {
            const layer = filled.closest<SVGGElement>('[data-layer]')!;
            this.stage.querySelector(`[data-layer="${layer.dataset['layer']}"]`)?.replaceWith(layer);
        }
    }

    /** What patches bring, read at once: that takes a third of the time that each by itself would. */
    private parsed(patches: Patch[]): Map<Patch, Element> {
        const drawn = patches.filter((patch) => patch.svg);
        const elements = [...this.read(drawn.map((patch) => patch.svg).join('')).children];
        return new Map(drawn.map((patch, i) => [patch, elements[i]!]));
    }

    private patchLayer(patch: Patch, drawn?: Element): void {
        const known = this.found.get(patch.layer!);
        const old = known?.isConnected && known.dataset['layer'] === patch.layer ? known : this.stage.querySelector<SVGGElement>(`[data-layer="${patch.layer}"]`);
        if (patch.removed) return old?.remove();
        if (!drawn) return;
        if (patch.shell && old) {
            for (const { name } of [...old.attributes]) if (!drawn.hasAttribute(name)) old.removeAttribute(name);
            for (const { name, value } of [...drawn.attributes]) old.setAttribute(name, value);
            // What the container itself draws stands before the layers in it.
            if (inside(old) === old && inside(drawn) === drawn) {
                for (const child of [...old.children]) if (!child.hasAttribute('data-layer')) child.remove();
                old.prepend(...drawn.children);
            } else {
                const layers = layersIn(old);
                old.replaceChildren(...drawn.children);
                inside(old).append(...layers);
            }
            if (patch.cells) this.patchCells(old, patch.cells);
        }
        const element = patch.shell && old ? old : drawn;
        this.found.set(patch.layer!, element as SVGGElement);
        if (!('screen' in patch)) {
            if (element !== old) old?.replaceWith(element);
            return;
        }
        if (old && old !== element) old.remove();
        // It comes with all of its screen when that is asked for.
        if (patch.screen && this.isAbsent(patch.screen)) return;
        const around = patch.parent ? this.layer(patch.parent) : this.rootOf(patch.screen ?? '');
        const parent = around && inside(around);
        const below = patch.above ? this.layer(patch.above) : null;
        // A tracing ground lies on the ground.
        const ground = [...(parent?.querySelectorAll(':scope > [data-ground]') ?? [])].at(-1);
        if (below && below.parentNode === parent) below.after(element);
        else if (ground) ground.after(element);
        else {
            const lowest = layersIn(parent).find((layer) => layer !== element);
            if (lowest) lowest.before(element);
            else parent?.append(element);
        }
    }

    private patchCells(array: SVGGElement, patch: CellsPatch): void {
        for (const [layer, changes] of Object.entries(patch.paint)) {
            for (const one of array.querySelectorAll(`[data-layer^="${layer}."]`)) {
                const elements = own(one);
                for (const [at, name, value] of changes) {
                    if (value === null) elements[at]?.removeAttribute(name);
                    else elements[at]?.setAttribute(name, value);
                }
            }
        }
        const cells = new Map([...array.querySelectorAll<SVGGElement>(':scope > [data-layer]')].map((cell) => [copiesOf(cell.dataset['layer']!).at(-1)!, cell]));
        for (const [row, svg] of Object.entries(patch.drawn)) {
            const drawn = this.parse(svg) as SVGGElement;
            const old = cells.get(row);
            if (old) old.replaceWith(drawn);
            else array.append(drawn);
            cells.set(row, drawn);
        }
        if (patch.order) {
            const kept = new Set(patch.order);
            for (const [row, cell] of cells) if (!kept.has(row)) cell.remove();
            array.append(...patch.order.flatMap((row) => cells.get(row) ?? []));
        }
        if (!patch.places) return;
        const { x, y } = patch.places;
        array.querySelectorAll<SVGGElement>(':scope > [data-layer]').forEach((cell, i) => this.moveTo(cell, x[i % x.length]!, y[Math.floor(i / x.length)]!));
    }

    /** Puts a layer's corner elsewhere in its parent. */
    private moveTo(layer: SVGGElement, x: number, y: number): void {
        const { width, height, rotation, ...from } = this.box(layer);
        if (from.x === x && from.y === y) return;
        layer.setAttribute('data-box', `${x} ${y} ${width} ${height} ${rotation}`);
        layer.setAttribute('transform', `translate(${x} ${y})${rotation ? `rotate(${rotation} ${width / 2} ${height / 2})` : ''}`);
    }

    /** Markup becomes SVG only inside an svg element. */
    parse(svg: string): Element {
        return this.read(svg).firstElementChild!;
    }

    private read(svg: string): Element {
        const template = document.createElement('template');
        template.innerHTML = `<svg xmlns="http://www.w3.org/2000/svg">${svg}</svg>`;
        return template.content.firstElementChild!;
    }

    /** What the outermost layers of a screen lie in. */
    rootOf(screen: string): Element | null {
        return screen === '' ? this.stage.querySelector('.loose') : this.screen(screen)?.querySelector('svg') ?? null;
    }

    /** Paints the ground of screens: `#rrggbb` or `#rrggbbaa`. */
    ground(screens: string[], colour: string): void {
        for (const ground of screens.flatMap((id) => this.screen(id)?.querySelector('svg [data-ground]:not([data-ground=tracing])') ?? [])) {
            ground.setAttribute('fill', colour.slice(0, 7));
            if (colour.length > 7) ground.setAttribute('fill-opacity', String(parseInt(colour.slice(7), 16) / 255));
            else ground.removeAttribute('fill-opacity');
        }
    }

    private patchScreen(patch: Patch): void {
        let screen = this.screen(patch.screen!);
        if (patch.removed) {
            this.frames.delete(patch.screen!);
            return screen?.remove();
        }
        if (!screen) {
            screen = document.createElement('article');
            screen.className = 'screen';
            screen.dataset['screen'] = patch.screen!;
            screen.innerHTML = '<button type="button" class="screen-name" tabindex="-1"></button><i class="fold"></i><svg xmlns="http://www.w3.org/2000/svg"><rect data-ground=""/></svg><div class="frame"><svg xmlns="http://www.w3.org/2000/svg"></svg></div>';
            this.stage.append(screen);
            this.frames.set(patch.screen!, screen);
        }
        const [, , width, height] = patch.box!;
        screen.dataset['box'] = patch.box!.join(' ');
        screen.dataset['view'] = String(patch.view);
        screen.toggleAttribute('data-sheet', patch.component === true);
        screen.dataset['cues'] = patch.cues ?? '';
        screen.dataset['said'] = patch.said ?? '';
        screen.dataset['over'] = patch.over ?? '';
        screen.querySelector('.screen-name')!.textContent = patch.name ?? '';
        screen.dataset['framing'] = (patch.framing ?? []).join(' ');
        screen.querySelector(':scope > .frame > svg')!.innerHTML = patch.frame ?? '';
        const svg = screen.querySelector('svg')!;
        for (const [name, value] of Object.entries({ width, height, viewBox: `0 0 ${width} ${height}` })) svg.setAttribute(name, String(value));
        const ground = svg.querySelector('[data-ground]')!;
        ground.setAttribute('width', String(width));
        ground.setAttribute('height', String(height));
        this.ground([patch.screen!], patch.ground!);
        screen.dataset['guides'] = patch.guides ?? '|';
        screen.querySelector(':scope > .grid')?.remove();
        if (patch.grid) {
            const grid = this.parse(`<svg class="grid" xmlns="http://www.w3.org/2000/svg">${patch.grid}</svg>`);
            svg.after(grid);
        }
        this.place(screen);
    }

    private place(screen: HTMLElement): void {
        const { x, y, width, height } = this.screenBox(screen.dataset['screen']!);
        Object.assign(screen.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` });
        const [corner = 0, left = 0, top = 0, wide = 0, high = 0] = (screen.dataset['framing'] ?? '').split(' ').map(Number);
        screen.style.setProperty('--corner', `${corner}px`);
        screen.style.setProperty('--bezel', `${-top}px`);
        const frame = screen.querySelector<HTMLElement>(':scope > .frame');
        frame?.firstElementChild!.setAttribute('viewBox', `${left} ${top} ${wide} ${high}`);
        if (frame) Object.assign(frame.style, { left: `${left}px`, top: `${top}px`, width: `${wide}px`, height: `${high}px` });
        screen.querySelector<HTMLElement>(':scope > .fold')!.style.top = `${screen.dataset['view']}px`;
        screen.toggleAttribute('data-scrolls', Number(screen.dataset['view']) < height);
    }
}
