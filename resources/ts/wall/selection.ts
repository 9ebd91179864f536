/** What is selected: layers, of several screens too, or screens. */
import { Listeners } from '../listeners.ts';
import { copiesOf, inOneCopy, layerOf } from './address.ts';
import { around, corners, type Box } from './geometry.ts';
import type { Picture } from './picture.ts';

/** For so long keys wait at most for what is being made, ms: without a server work goes on. */
const PATIENCE = 2000;

export class Selection {
    /** The current screen: the one whose facets and outline show; '' when it is the wall. */
    screen = '';
    layers: string[] = [];
    /** Screens selected as a whole. */
    screens: string[] = [];
    /** The group that has been entered, whose layers are picked one by one. */
    group: string | null = null;
    /** Counts what is picked, by which is known whether something else has been picked since. */
    private turn = 0;
    /** What is being made and will be selected. */
    private readonly coming = new Set<Promise<void>>();

    /** Told when something else is selected. */
    readonly changed = new Listeners();

    constructor(private readonly picture: Picture) {}

    /** The screen that is selected, or that of what is. */
    get current(): string {
        return this.screens[0] ?? this.screen;
    }

    /**
     * Something is being made that is to be selected once it is there.
     *
     * @return to be called when it is there, or will never be: selects it, unless something else has been picked meanwhile
     */
    later(): (select?: () => void) => void {
        const { turn } = this;
        let end = (): void => undefined;
        const made = new Promise<void>((go) => (end = go));
        this.coming.add(made);
        void made.then(() => this.coming.delete(made));
        const patience = setTimeout(end, PATIENCE);
        return (select) => {
            clearTimeout(patience);
            try {
                if (!select || turn !== this.turn) return;
                select();
                // That was no pick of the hand.
                this.turn = turn;
            } finally {
                end();
            }
        };
    }

    get isComing(): boolean {
        return this.coming.size > 0;
    }

    /** Resolves when what is being made by now is there, or takes too long. */
    async settled(): Promise<void> {
        await Promise.all(this.coming);
    }

    pick(layers: string[], screen: string): void {
        this.turn++;
        const copies = inOneCopy(this.layers) ? copiesOf(this.layers[0]!) : [];
        this.screen = screen;
        this.layers = copies.length === 0 ? layers : layers.map((id) => this.there(id, copies));
        this.screens = [];
        const parents = new Set(layers.map((id) => this.parent(id)));
        this.group = parents.size === 1 ? [...parents][0] ?? null : null;
        this.changed.tell();
    }

    /** What was made in a cell and is shown in every one is picked in the cell that it was made in. */
    private there(id: string, copies: string[]): string {
        const own = [id, ...copies].join('.');
        return copiesOf(id).length > 0 ? id : this.picture.layer(own)?.dataset['layer'] ?? id;
    }

    pickScreens(ids: string[]): void {
        this.turn++;
        this.screens = ids;
        this.layers = [];
        this.group = null;
        this.screen = ids[ids.length - 1] ?? this.screen;
        this.changed.tell();
    }

    /** One more screen, or one less. */
    toggleScreen(id: string): void {
        this.pickScreens(this.screens.includes(id) ? this.screens.filter((one) => one !== id) : [...this.screens, id]);
    }

    /** Where on the window it lies; null where nothing is selected. */
    frame(): DOMRect | null {
        const all = [...this.elements(), ...this.screens.flatMap((id) => this.picture.screen(id) ?? [])].map((one) => (one instanceof SVGGraphicsElement ? this.picture.onWindow(one) : one.getBoundingClientRect()));
        if (all.length === 0) return null;
        const [left, top] = [Math.min(...all.map((one) => one.left)), Math.min(...all.map((one) => one.top))];
        return new DOMRect(left, top, Math.max(...all.map((one) => one.right)) - left, Math.max(...all.map((one) => one.bottom)) - top);
    }

    clear(): void {
        this.turn++;
        this.layers = [];
        this.screens = [];
        this.group = null;
        this.changed.tell();
    }

    toggle(layer: string, screen: string): void {
        if (this.screens.length > 0) return this.pick([layer], screen);
        this.pick(this.layers.includes(layer) ? this.layers.filter((id) => id !== layer) : [...this.layers, layer], screen);
    }

    /** Out of the group, then nothing. */
    escape(): void {
        if (this.group !== null) this.pick([this.group], this.screen);
        else this.clear();
    }

    elements(): SVGGElement[] {
        return this.layers.map((id) => this.picture.layer(id)).filter((layer): layer is SVGGElement => layer !== null);
    }

    /**
     * The selection as it was when the page was left, as far as it still exists; otherwise no layer, on a screen. From then on it is kept.
     *
     * @param key under which it is kept
     */
    keepIn(storage: Storage, key: string, screen: string): void {
        this.changed.add(() => storage.setItem(key, JSON.stringify([this.screen, this.layers, this.screens])));
        const [at, layers, screens] = JSON.parse(storage.getItem(key) ?? 'null') as [string, string[], string[]] | null ?? [screen, [], []];
        this.screen = at !== '' && !this.picture.screen(at) ? screen : at;
        this.layers = layers;
        this.screens = screens;
        this.prune();
        if (this.layers.length > 0) this.pick(this.layers, this.screen);
        else if (this.screens.length > 0) this.pickScreens(this.screens);
        else this.clear();
    }

    /** Forgets what has gone from the picture, and tells of it. */
    prune(): void {
        const before = this.said();
        const coming = this.picture.isAbsent(this.screen);
        const layers = this.layers.filter((id) => coming || this.picture.layer(id));
        const screens = this.screens.filter((id) => this.picture.screen(id));
        if (this.screen !== '' && !this.picture.screen(this.screen)) this.screen = '';
        if (this.group !== null && !this.picture.layer(this.group)) this.group = null;
        this.layers = layers;
        this.screens = screens;
        const on = layers.flatMap((id) => this.picture.layer(id) ?? []).map((layer) => this.picture.screenOf(layer));
        if (on.length > 0 && !on.includes(this.screen)) this.screen = on[0]!;
        if (this.said() !== before) this.changed.tell();
    }

    private said(): string {
        return JSON.stringify([this.screen, this.layers, this.screens, this.group]);
    }

    /** The screens of the layers that are selected, '' for the wall, when there are several. */
    get across(): string[] {
        const screens = new Set(this.elements().map((layer) => this.picture.screenOf(layer)));
        return screens.size > 1 ? [...screens] : [];
    }

    /** Around everything selected, on the wall; null when nothing is. */
    bounds(): Box | null {
        const boxes = [...this.elements().map((layer) => this.picture.bounds(layer)), ...this.screens.map((id) => this.picture.screenBox(id))];
        return boxes.length === 0 ? null : around(boxes.flatMap(corners));
    }

    /**
     * What a press on a layer means: the layer itself in the entered group, otherwise its outermost group there.
     *
     * @param innermost whether the layer itself is meant, however deep it lies
     */
    target(hit: Element, innermost = false): SVGElement | null {
        let layer = hit.closest<SVGElement>('[data-layer]');
        if (innermost) return layer;
        while (layer) {
            const parent = this.picture.parentOf(layer);
            // Whoever has gone into one cell of an array has gone into all of them.
            if (parent === null || (this.group !== null && layerOf(parent) === layerOf(this.group))) return layer;
            layer = layer.parentElement!.closest<SVGElement>('[data-layer]');
        }
        return null;
    }

    private parent(id: string): string | null {
        const layer = this.picture.layer(id);
        return layer ? this.picture.parentOf(layer) : null;
    }
}
