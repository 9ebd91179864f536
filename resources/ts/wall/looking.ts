/** Where to look: fitting, going from screen to screen and from layer to layer. */
import { around, corners, type Box } from './geometry.ts';
import type { Parts } from './parts.ts';
import { layersIn } from './picture.ts';

export class Looking {
    /** What was fitted last: the same selection again fits the wall. */
    private fitted = '';

    constructor(private readonly on: Parts) {}

    private everything(): Box | null {
        const { picture } = this.on;
        const boxes = picture.screens().map((screen) => picture.screenBox(screen.dataset['screen']!));
        const loose = [...picture.stage.querySelectorAll('.loose > [data-layer]')].map((layer) => picture.bounds(layer));
        return boxes.length + loose.length === 0 ? null : around([...boxes, ...loose].flatMap(corners));
    }

    /** Once the selection, again the wall. */
    fit(): void {
        const { selection, camera } = this.on;
        const bounds = selection.bounds();
        const selected = [...selection.layers, ...selection.screens].join(' ');
        const near = bounds !== null && this.fitted !== selected;
        this.fitted = near ? selected : '';
        const box = near ? bounds : this.everything();
        if (box) camera.fit(box);
    }

    /** The screen at hand; fitting once more then shows the wall. */
    fitScreen(): void {
        const { selection, picture, camera } = this.on;
        const screen = selection.current;
        if (!screen) return;
        this.fitted = [...selection.layers, ...selection.screens].join(' ');
        camera.fit(picture.screenBox(screen));
    }

    /** Where this window looked last; all of it for the first time. */
    begin(): void {
        const { camera } = this.on;
        camera.keeps = () => this.everything() !== null;
        if (camera.restore()) return;
        const whole = this.everything();
        if (whole) camera.fit(whole, 1);
        else camera.show();
    }

    /** Picks a screen, or a layer on one, and looks at it. */
    goTo(screen: string, layer?: string): void {
        const { selection, picture, camera } = this.on;
        if (!layer) {
            selection.pickScreens([screen]);
            return this.fitScreen();
        }
        selection.pick([layer], screen);
        const bounds = selection.bounds();
        const frame = screen ? picture.screenBox(screen) : bounds;
        if (frame) camera.fit(frame, 1);
        if (bounds) camera.reveal(bounds);
    }

    /** The screen at hand stays in view when something opens over the wall. */
    uncover(): void {
        const { selection, picture, camera } = this.on;
        if (selection.current) camera.reveal(picture.screenBox(selection.current));
    }

    /** The next screen in the order of the reel, or the one before, looked at as closely as now. */
    screen(by: number): void {
        const { selection, picture } = this.on;
        const order = [...document.querySelectorAll<HTMLElement>('#reel [data-card]')].map((card) => card.dataset['card']!).filter((id) => picture.screen(id));
        if (order.length === 0) return;
        const at = order.indexOf(selection.current);
        this.at(order[at < 0 ? 0 : (at + by + order.length) % order.length]!);
    }

    /** A screen, as closely as now. */
    at(screen: string): void {
        const { selection, picture, camera } = this.on;
        selection.pickScreens([screen]);
        camera.centre(picture.screenBox(screen));
    }

    /** The next layer in drawing order in the place that has been entered, or the one before. */
    step(by: number): void {
        const { selection, picture } = this.on;
        const place = selection.group ? picture.layer(selection.group) : picture.rootOf(selection.screen);
        const layers = layersIn(place, ':not([data-locked])');
        if (layers.length === 0) return;
        const at = layers.findIndex((layer) => layer.dataset['layer'] === selection.layers[0]);
        const next = layers[at < 0 ? (by > 0 ? 0 : layers.length - 1) : (at + by + layers.length) % layers.length]!;
        this.pick([next]);
    }

    /** Into a container: its first layer; from a screen into its first. */
    child(): boolean {
        const { selection, picture } = this.on;
        const within = selection.layers.length === 1 ? picture.layer(selection.layers[0]!) : selection.screens.length === 1 ? picture.rootOf(selection.screens[0]!) : null;
        const first = layersIn(within, ':not([data-locked])')[0];
        if (!first) return false;
        if (selection.screens.length === 1) selection.screen = selection.screens[0]!;
        this.pick([first]);
        return true;
    }

    /** Out again: the container around, then the screen. */
    parent(): void {
        const { selection } = this.on;
        if (selection.layers.length === 0) return;
        if (selection.group !== null) selection.pick([selection.group], selection.screen);
        else if (selection.screen !== '') selection.pickScreens([selection.screen]);
        else selection.clear();
    }

    all(): void {
        const { selection, picture } = this.on;
        const place = selection.group ? picture.layer(selection.group) : picture.rootOf(selection.current);
        const layers = layersIn(place, ':not([data-locked])');
        if (selection.screens.length > 0) selection.screen = selection.screens[0]!;
        this.pick(layers);
    }

    private pick(layers: SVGGElement[]): void {
        this.on.selection.pick(layers.map((layer) => layer.dataset['layer']!), this.on.selection.screen);
    }
}
