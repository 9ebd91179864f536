/** A colour taken from the wall: read from what the server draws of a screen, with what lies around it enlarged. */
import type { Camera } from './camera.ts';
import type { Point } from './geometry.ts';
import type { Gestures } from './gestures.ts';
import type { Picture } from './picture.ts';

/** Pixels of the picture to a px of the screen; fewer of what is too large to be drawn so. */
const SCALES = [2, 1];
/** Pixels that are shown around the one that is meant, to each side, and how large each is. */
const AROUND = 6;
const CELL = 10;
/** px from the pointer to what is shown of it. */
const APART = 18;

/** A picture of something on the wall, and where its corner lies there. */
interface Drawn { context: CanvasRenderingContext2D; scale: number; corner: Point }

export class Taking {
    private readonly box = document.createElement('div');
    private readonly canvas = document.createElement('canvas');
    private readonly said = document.createElement('output');
    /** The pictures of screens, for as long as a colour is being taken. */
    private readonly drawn = new Map<string, Drawn | null>();
    private end: ((colour: string | null) => void) | null = null;
    private colour: string | null = null;
    /** Where the pointer was last: a picture that comes later is shown there. */
    private last: PointerEvent | null = null;

    constructor(private readonly wall: HTMLElement, private readonly camera: Camera, private readonly picture: Picture, private readonly gestures: () => Gestures, private readonly urls: { screen: string; loose: string }) {
        this.box.id = 'taking';
        this.box.hidden = true;
        this.canvas.width = this.canvas.height = (AROUND * 2 + 1) * CELL;
        this.box.append(this.canvas, this.said);
        document.body.append(this.box);
        wall.addEventListener('pointermove', (event) => this.follow(event), true);
        for (const kind of ['pointerdown', 'pointerup', 'click'] as const) document.addEventListener(kind, (event) => this.press(event), true);
        document.addEventListener('keydown', (event) => {
            if (!this.end || event.key !== 'Escape') return;
            event.stopPropagation();
            event.preventDefault();
            this.finish(null);
        }, true);
    }

    /** Until a place is pressed; null with Escape, or with a press beside the wall. */
    take(): Promise<string | null> {
        this.finish(null);
        this.drawn.clear();
        this.colour = this.last = null;
        this.wall.classList.add('taking');
        return new Promise((end) => (this.end = end));
    }

    /** Of a screen, or a loose layer, that the pointer comes to; what cannot be drawn is not asked for again. */
    private async draw(key: string, url: string, corner: (width: number, height: number) => Point): Promise<void> {
        if (this.drawn.has(key)) return;
        this.drawn.set(key, null);
        for (const scale of SCALES) {
            const image = new Image();
            image.src = `${url}${url.includes('?') ? '&' : '?'}scale=${scale}`;
            await image.decode().catch(() => undefined);
            if (image.width === 0) continue;
            const canvas = document.createElement('canvas');
            [canvas.width, canvas.height] = [image.width, image.height];
            const context = canvas.getContext('2d', { willReadFrequently: true })!;
            context.drawImage(image, 0, 0);
            this.drawn.set(key, { context, scale, corner: corner(image.width / scale, image.height / scale) });
            if (this.last) this.follow(this.last);
            return;
        }
    }

    /** What is drawn at a place: a screen, or a loose layer with what it paints beside its box. */
    private at(event: PointerEvent): Drawn | null {
        const screen = this.gestures().screenAt(this.camera.toWall(event));
        if (screen !== '') {
            const { x, y } = this.picture.screenBox(screen);
            void this.draw(screen, `${this.urls.screen.replace('SCREEN', screen)}?bare=1`, () => ({ x, y }));
            return this.drawn.get(screen) ?? null;
        }
        const loose = document.elementsFromPoint(event.clientX, event.clientY).map((one) => one.closest<SVGElement>('.loose > [data-layer]')).find((one) => one !== null);
        if (!loose) return null;
        const key = `loose ${loose.dataset['layer']!}`;
        const box = this.picture.bounds(loose);
        void this.draw(key, `${this.urls.loose}?layers=${loose.dataset['layer']!}`, (width, height) => ({ x: Math.floor(box.x - (width - box.width) / 2), y: Math.floor(box.y - (height - box.height) / 2) }));
        return this.drawn.get(key) ?? null;
    }

    private follow(event: PointerEvent): void {
        if (!this.end) return;
        const at = this.camera.toWall(event);
        this.last = event;
        this.colour = null;
        const drawn = this.at(event);
        this.box.hidden = drawn === null;
        if (drawn === null) return;
        const { context, scale, corner } = drawn;
        const [x, y] = [Math.floor((at.x - corner.x) * scale), Math.floor((at.y - corner.y) * scale)];
        const [r, g, b] = context.getImageData(x, y, 1, 1).data as unknown as [number, number, number];
        this.colour = `#${[r, g, b].map((one) => one.toString(16).padStart(2, '0')).join('')}`;
        this.said.textContent = this.colour;
        this.enlarge(context, x, y);
        const { width, height } = this.box.getBoundingClientRect();
        const left = event.clientX + APART + width > innerWidth ? event.clientX - APART - width : event.clientX + APART;
        const top = event.clientY + APART + height > innerHeight ? event.clientY - APART - height : event.clientY + APART;
        Object.assign(this.box.style, { left: `${left}px`, top: `${top}px` });
    }

    private enlarge(from: CanvasRenderingContext2D, x: number, y: number): void {
        const to = this.canvas.getContext('2d')!;
        const side = AROUND * 2 + 1;
        to.imageSmoothingEnabled = false;
        to.clearRect(0, 0, this.canvas.width, this.canvas.height);
        to.drawImage(from.canvas, x - AROUND, y - AROUND, side, side, 0, 0, side * CELL, side * CELL);
        to.strokeStyle = '#000';
        to.strokeRect(AROUND * CELL - 0.5, AROUND * CELL - 0.5, CELL + 1, CELL + 1);
        to.strokeStyle = '#fff';
        to.strokeRect(AROUND * CELL + 0.5, AROUND * CELL + 0.5, CELL - 1, CELL - 1);
    }

    /** Nothing else hears of the press, up to its click. */
    private press(event: Event): void {
        if (!this.end) return;
        event.stopPropagation();
        event.preventDefault();
        if (event.type === 'pointerdown') {
            const onWall = this.wall.contains(event.target as Node);
            if (onWall) this.follow(event as PointerEvent);
            else this.colour = null;
            if (onWall && this.colour === null) return;
        }
        if (event.type === 'click') this.finish(this.colour);
    }

    private finish(colour: string | null): void {
        const end = this.end;
        this.end = null;
        this.box.hidden = true;
        this.wall.classList.remove('taking');
        end?.(colour);
    }
}
